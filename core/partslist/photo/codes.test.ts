import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDesignators } from '../designators.ts';
import { canBe, variants } from './confusions.ts';
import { placesIn } from './places.ts';
import { inTradeSigns, isKnownValue, knownVariants, usualDouble } from './values.ts';

const resistor = { letters: 'R', words: 'Resistor' };
const capacitor = { letters: 'C', words: 'Ceramic capacitor' };
const electrolytic = { letters: 'C', words: 'Electrolytic capacitor' };
const chip = { letters: 'U', words: 'IC' };

describe('names of places in what was read', () => {
  it.each([
    ['R1', 'R1'],
    ['RI, R2', 'R1, R2'],
    ['Rl', 'R1'],
    ['R1O', 'R10'],
    ['u1', 'U1'],
    ['C1C2', 'C1, C2'],
    ['C11C12C13', 'C11, C12, C13'],
    ['D8. D9, DIO', 'D8, D9, D10'],
    ['R1-R3', 'R1-R3'],
    ['1C1', 'IC1'],
  ])('%s can only be %s', (read, meant) => {
    expect(placesIn(read)?.text).toBe(meant);
  });

  it.each(['Transistor', '', '10k', 'R', 'R1-', 'R0'])('in “%s” are none', (read) => {
    expect(placesIn(read)).toBeUndefined();
  });

  it('that are right are never changed', () => {
    const name = fc
      .tuple(fc.constantFrom('R', 'C', 'D', 'Q', 'U', 'IC', 'LED'), fc.integer({ min: 1, max: 99 }))
      .map(([letters, number]) => `${letters}${number}`);
    fc.assert(
      fc.property(fc.array(name, { minLength: 1, maxLength: 5 }), (names) => {
        const read = placesIn(names.join(', '));
        expect(read).toMatchObject({ names, changes: 0 });
        expect(readDesignators(read?.text ?? '')).toEqual({ ok: true, value: names });
      }),
    );
  });

  it('take the letters that other rows have, but leave what was clearly read', () => {
    const usual = new Set(['T', 'R']);
    expect(placesIn('Q7', { usual })?.text).toBe('Q7');
    expect(placesIn('E7', { usual, own: 'T' })?.text).toBe('T7');
  });
});

describe('what a sign can be taken for', () => {
  it('goes both ways', () => {
    for (const [one, other] of [
      ['0', 'O'],
      ['1', 'l'],
      ['5', 'S'],
      ['8', 'B'],
      ['µ', 'u'],
      ['2', 'Z'],
    ] as const) {
      expect(canBe(one, other) && canBe(other, one)).toBe(true);
    }
    expect(canBe('3', '7')).toBe(false);
  });

  it('changes no more than two signs, and keeps the text itself', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[A-Z0-9µ.]{1,6}$/), (text) => {
        const all = variants(text);
        expect(all.get(text)).toBe(0);
        for (const [variant, changes] of all) {
          if (variant.length !== text.length) continue;
          const differing = [...variant].filter((sign, at) => sign !== text[at]).length;
          expect(differing).toBeLessThanOrEqual(changes);
        }
      }),
    );
  });
});

describe('values that the trade knows', () => {
  // Preferred numbers: IEC 60063; letter codes and capacitor codes: IEC 60062.
  it.each([
    ['4k7', resistor],
    ['470 Ω', resistor],
    ['68 ohm', resistor],
    ['330R 1%', resistor],
    ['5.6k', resistor],
    ['100nF', capacitor],
    ['104', capacitor],
    ['22pF', capacitor],
    ['10uF/25V', electrolytic],
    ['100uF 16V', electrolytic],
    ['NE555', chip],
  ])('%s is one', (text, beside) => {
    expect(isKnownValue(text, beside)).toBe(true);
  });

  it.each([
    ['106nF', capacitor],
    ['1000pF', electrolytic],
    ['100uF 17V', electrolytic],
    ['47l', resistor],
    ['XQ9Z', chip],
  ])('%s is none', (text, beside) => {
    expect(isKnownValue(text, beside)).toBe(false);
  });

  it.each([
    ['1OOnF', capacitor, '100nF'],
    ['1000pF', electrolytic, '1000uF'],
    ['2N39O4', { letters: 'Q', words: 'Transistor' }, '2N3904'],
    ['BC5478', { letters: 'Q', words: 'Transistor' }, 'BC547B'],
  ])('%s is near to one', (text, beside, meant) => {
    expect(knownVariants(text, beside).map((one) => one.text)).toContain(meant);
  });

  it('are written as the trade does', () => {
    expect(inTradeSigns('470 Q', resistor)).toBe('470 Ω');
    expect(inTradeSigns('1000UF', electrolytic)).toBe('1000uF');
    expect(inTradeSigns('IN4148', { letters: 'D', words: '' })).toBe('1N4148');
    expect(inTradeSigns('cD4017', chip)).toBe('CD4017');
    expect(inTradeSigns('ATtiny85', chip)).toBe('ATtiny85');
    expect(inTradeSigns('10k', chip)).toBe('10k');
  });

  it('of which a usual one is a sign away are asked', () => {
    expect(usualDouble('16k', resistor)).toBe('10k');
    expect(usualDouble('18n', capacitor)).toBe('10n');
    expect(usualDouble('100nF', capacitor)).toBeUndefined();
    expect(usualDouble('104', capacitor)).toBeUndefined();
    expect(usualDouble('220nF', electrolytic)).toBe('220µF');
    expect(usualDouble('10k', resistor)).toBeUndefined();
    expect(usualDouble('4k7', resistor)).toBeUndefined();
  });
});
