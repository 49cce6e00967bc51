import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { currencies, money, moneyWords, readMoney } from './money.ts';

describe('amounts of money', () => {
  it('are read back as they were written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999_999 }), (cents) => {
        expect(readMoney(money(cents))).toBe(cents);
      }),
    );
  });

  it.each([
    ['1,5', 150],
    [' 4.90 ', 490],
    ['3', 300],
    ['0.07', 7],
    ['1.234', undefined],
    ['-1', undefined],
    ['free', undefined],
    ['', undefined],
  ])('“%s” is %s', (text, cents) => {
    expect(readMoney(text)).toBe(cents);
  });
});

describe('amounts in words', () => {
  const words = (...of: Parameters<typeof moneyWords>) =>
    moneyWords(...of).replace(/[\u00a0\u202f]/g, ' ');

  // As the Unicode CLDR has it for these languages.
  it.each([
    [1250, 'EUR', 'de-DE', '12,50 €'],
    [1250, 'EUR', 'en-GB', '€12.50'],
    [1250, 'GBP', 'en-GB', '£12.50'],
    [1250, null, 'de-DE', '12,50'],
    [123_456, null, 'en-GB', '1234.56'],
  ] as const)('%i cents in %s are written by %s', (cents, currency, locale, text) => {
    expect(words(cents, currency, locale)).toBe(text);
  });

  it('know the codes of ISO 4217', () => {
    expect(currencies()).toEqual(expect.arrayContaining(['CHF', 'CZK', 'EUR', 'GBP', 'USD']));
  });
});
