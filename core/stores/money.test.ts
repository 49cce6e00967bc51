import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { money, readMoney } from './money.ts';

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
