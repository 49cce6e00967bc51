import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { capacitorCode, readCapacitorCode } from './capacitorCode.ts';
import { chipCode, eia96Code, readChipCode } from './chipCode.ts';
import { series } from './series.ts';
import { isToleranceLetter, toleranceLetters } from './toleranceLetter.ts';

describe('the number on a capacitor', () => {
  // IEC 60062, two digits and the count of noughts in picofarads.
  it.each([
    ['104', 100e-9],
    ['103', 10e-9],
    ['102', 1e-9],
    ['473', 47e-9],
    ['474', 0.47e-6],
    ['220', 22e-12],
    ['47', 47e-12],
    ['5', 5e-12],
    // From memory of EIA practice: 9 divides by ten, 8 by a hundred.
    ['479', 4.7e-12],
    ['228', 0.22e-12],
  ])('%s is %s farad', (print, farad) => {
    const read = readCapacitorCode(print);
    expect(read.ok && read.value.farad / farad).toBeCloseTo(1, 9);
  });

  it('reads the tolerance letter behind it', () => {
    const read = readCapacitorCode('104K');
    expect(read).toEqual({ ok: true, value: { farad: 1e-7, tolerance: 'K' } });
    expect(toleranceLetters.K.plusPercent).toBe(10);
  });

  it.each(['1044', 'K', '', '104Q', '1O4', '10 4'])('refuses %j', (print) => {
    expect(readCapacitorCode(print).ok).toBe(false);
  });

  it('writes and reads back every two-digit value from 1 pF to 99 µF', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 99 }),
        fc.integer({ min: -1, max: 6 }),
        (digits, noughts) => {
          const farad = Number(`${digits}e${noughts - 12}`);
          const code = capacitorCode(farad);
          expect(code).toMatch(/^\d{3}$/);
          const read = readCapacitorCode(code ?? '');
          expect(read.ok && read.value.farad / farad).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('has no code for what two digits do not hold', () => {
    expect(capacitorCode(1.23e-9)).toBeUndefined();
    expect(capacitorCode(0)).toBeUndefined();
    expect(capacitorCode(470e-6)).toBeUndefined();
  });
});

describe('the print on a chip resistor', () => {
  it.each([
    ['103', 10_000],
    ['474', 470_000],
    ['1002', 10_000],
    ['4R7', 4.7],
    ['R47', 0.47],
    ['49R9', 49.9],
    ['0', 0],
    ['000', 0],
    // EIA-96, from memory: 01 is 100, 68 is 499; C is times 100, X a tenth.
    ['01C', 10_000],
    ['68X', 49.9],
    ['96A', 976],
    ['30Z', 0.2],
  ])('%s is %s ohm', (print, ohm) => {
    const read = readChipCode(print);
    expect(read.ok && read.value).toBeCloseTo(ohm, 9);
  });

  it.each(['', 'R', '97A', '00A', '12345', '01Q', '1k0'])('refuses %j', (print) => {
    expect(readChipCode(print).ok).toBe(false);
  });

  it('reads the same print differently from a capacitor: 474 is 470 kΩ here and 0.47 µF there', () => {
    expect(readChipCode('474')).toEqual({ ok: true, value: 470_000 });
    const capacitor = readCapacitorCode('474');
    expect(capacitor.ok && capacitor.value.farad).toBeCloseTo(0.47e-6, 12);
  });

  it.each([
    [10_000, 3, '103'],
    [10_000, 4, '1002'],
    [4.7, 3, '4R7'],
    [0.47, 3, 'R47'],
    [49.9, 4, '49R9'],
    [0, 3, '000'],
    [100, 4, '1000'],
    [22, 3, '220'],
  ] as const)('prints %s ohm with %s digits as %s', (ohm, digits, print) => {
    expect(chipCode(ohm, digits)).toBe(print);
  });

  it('writes and reads back E24 with three digits, E96 with four and in EIA-96', () => {
    for (const power of [0, 1, 2, 3, 4, 5]) {
      for (const value of series.E24) {
        const ohm = Number(`${value}e${power}`);
        const read = readChipCode(chipCode(ohm, 3) ?? '');
        expect(read.ok && read.value).toBeCloseTo(ohm, 6);
      }
      for (const value of series.E96) {
        const ohm = Number(`${value}e${power}`);
        for (const code of [chipCode(ohm, 4), eia96Code(ohm)]) {
          const read = readChipCode(code ?? '');
          expect(read.ok && read.value).toBeCloseTo(ohm, 6);
        }
      }
    }
  });

  it('has no EIA-96 code outside E96', () => {
    expect(eia96Code(4700)).toBeUndefined();
    expect(eia96Code(0)).toBeUndefined();
  });
});

describe('tolerance letters', () => {
  // IEC 60062.
  it.each([
    ['B', 0.1],
    ['C', 0.25],
    ['D', 0.5],
    ['F', 1],
    ['G', 2],
    ['J', 5],
    ['K', 10],
    ['M', 20],
  ] as const)('%s is %s %% both ways', (letter, percent) => {
    expect(toleranceLetters[letter]).toEqual({ minusPercent: percent, plusPercent: percent });
  });

  it('Z is lopsided', () => {
    expect(toleranceLetters.Z).toEqual({ minusPercent: 20, plusPercent: 80 });
    expect(isToleranceLetter('Q')).toBe(false);
    expect(isToleranceLetter('toString')).toBe(false);
  });
});
