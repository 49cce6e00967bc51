import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { cases } from '../testing/cases.ts';
import { formatLetterCode, formatQuantity } from './formatQuantity.ts';
import { parseQuantity } from './parseQuantity.ts';
import { series, seriesIds } from './series.ts';
import type { UnitId } from './unit.ts';

const amountOf = (text: string, unit: UnitId) => {
  const parsed = parseQuantity(text, unit);
  return parsed.ok ? parsed.value : inEnglish(parsed.problem);
};

describe('reading a resistance', () => {
  // IEC 60062: the letter stands for the multiplier and for the decimal point.
  it.each([
    ['4k7', 4700],
    ['4R7', 4.7],
    ['R47', 0.47],
    ['2M2', 2_200_000],
    ['1k0', 1000],
    ['0R', 0],
    ['47R', 47],
    ['100k', 100_000],
    ['10M', 10_000_000],
  ])('reads the letter code %s', (text, ohm) => {
    expect(amountOf(text, 'ohm')).toBe(ohm);
  });

  // Common practice: how lists are written by hand, in several countries.
  it.each([
    ['470', 470],
    ['470 Ohm', 470],
    ['470Ω', 470],
    ['470\u2126', 470],
    ['4.7k', 4700],
    ['4,7 kOhm', 4700],
    ['47 kΩ', 47_000],
    ['4K7', 4700],
    ['2.2 Meg', 2_200_000],
    ['0,22', 0.22],
    ['.47', 0.47],
    ['  10k ', 10_000],
    ['1e', 'not'],
  ])('reads %s as people write it', (text, ohm) => {
    if (ohm === 'not') expect(parseQuantity(text, 'ohm').ok).toBe(false);
    else expect(amountOf(text, 'ohm')).toBe(ohm);
  });

  it('keeps milli and mega apart', () => {
    expect(amountOf('2M', 'ohm')).toBe(2_000_000);
    expect(amountOf('2m', 'ohm')).toBe(0.002);
  });

  it.each(['4,700', '1.000', '10,000 Ohm', '1,000k'])('does not guess what %s means', (text) => {
    expect(amountOf(text, 'ohm')).toMatch(/two ways/);
  });

  it.each(['4k7k', '', 'k', '1..2', '1,2,3', '4q7', '10 apples', '-5', 'R', '4k7 5'])(
    'refuses %j and says what to write',
    (text) => {
      expect(amountOf(text, 'ohm')).toMatch(/Write one like 470, 4k7, 2M2/);
    },
  );
});

describe('reading other quantities', () => {
  it.each<[string, UnitId, number]>([
    ['4n7', 'farad', 4.7e-9],
    ['47p', 'farad', 47e-12],
    ['100nF', 'farad', 100e-9],
    ['0.1uF', 'farad', 0.1e-6],
    ['10 µF', 'farad', 10e-6],
    ['10\u03bcF', 'farad', 10e-6],
    ['10U', 'farad', 10e-6],
    ['1mF', 'farad', 1e-3],
    ['100u', 'henry', 100e-6],
    ['4m7', 'henry', 4.7e-3],
    ['16V', 'volt', 16],
    ['6.3 V', 'volt', 6.3],
    ['16MHz', 'hertz', 16e6],
    ['32768 Hz', 'hertz', 32768],
  ])('reads %s', (text, unit, amount) => {
    expect(amountOf(text, unit)).toBeCloseTo(amount, 20);
  });

  it('does not take a unit of another quantity', () => {
    expect(parseQuantity('10V', 'farad').ok).toBe(false);
    expect(parseQuantity('10uF', 'ohm').ok).toBe(false);
  });
});

describe('writing a value', () => {
  it.each<[number, UnitId, string]>([
    [4700, 'ohm', '4.7 kΩ'],
    [470, 'ohm', '470 Ω'],
    [0.47, 'ohm', '0.47 Ω'],
    [0, 'ohm', '0 Ω'],
    [2_200_000, 'ohm', '2.2 MΩ'],
    [49.9, 'ohm', '49.9 Ω'],
    [100e-9, 'farad', '100 nF'],
    [10e-6, 'farad', '10 µF'],
    [47e-12, 'farad', '47 pF'],
    [999.96, 'ohm', '1 kΩ'],
  ])('writes %s %s as %s', (amount, unit, text) => {
    expect(formatQuantity(amount, unit)).toBe(text);
  });

  it.each<[number, UnitId, string]>([
    [4700, 'ohm', '4k7'],
    [4.7, 'ohm', '4R7'],
    [0.47, 'ohm', 'R47'],
    [2_200_000, 'ohm', '2M2'],
    [470, 'ohm', '470R'],
    [4.7e-9, 'farad', '4n7'],
    [47e-12, 'farad', '47p'],
  ])('writes %s %s in the letter code as %s (IEC 60062)', (amount, unit, text) => {
    expect(formatLetterCode(amount, unit)).toBe(text);
  });
});

/** Every preferred value of IEC 60063 in every decade that parts are made in. */
const preferred = (decades: readonly number[]) =>
  fc
    .tuple(fc.constantFrom(...seriesIds), fc.nat(), fc.constantFrom(...decades))
    .map(([id, pick, decade]) => {
      const values = series[id];
      return Number(`${values[pick % values.length]}e${decade}`);
    });

describe('writing and reading back', () => {
  it('is the identity for every preferred resistance, in both notations', () => {
    fc.assert(
      fc.property(preferred([-1, 0, 1, 2, 3, 4, 5, 6]), (ohm) => {
        expect(amountOf(formatLetterCode(ohm, 'ohm'), 'ohm')).toBeCloseTo(ohm, 9);
        expect(amountOf(formatQuantity(ohm, 'ohm'), 'ohm')).toBeCloseTo(ohm, 9);
      }),
      { numRuns: cases(500) },
    );
  });

  it('is the identity for every preferred capacitance, in both notations', () => {
    fc.assert(
      fc.property(preferred([-12, -11, -10, -9, -8, -7, -6, -5]), (farad) => {
        for (const text of [formatLetterCode(farad, 'farad'), formatQuantity(farad, 'farad')]) {
          const read = amountOf(text, 'farad');
          expect(typeof read).toBe('number');
          expect(Number(read) / farad).toBeCloseTo(1, 9);
        }
      }),
      { numRuns: cases(500) },
    );
  });

  it('never throws and never gives a number that is not one, whatever is written', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom<UnitId>('ohm', 'farad', 'henry', 'volt', 'hertz'),
        (text, unit) => {
          const parsed = parseQuantity(text, unit);
          if (parsed.ok) expect(parsed.value).toBeGreaterThanOrEqual(0);
          else expect(inEnglish(parsed.problem)).toMatch(/Write (one|it).* like/);
        },
      ),
      { numRuns: cases(1000) },
    );
  });
});
