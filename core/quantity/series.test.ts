import { describe, expect, it } from 'vitest';
import { coarsestSeries, isPreferred, series } from './series.ts';

// IEC 60063, tables 1 and 2; the numbers are written down from memory of the standard.
const iec60063 = {
  E3: '10 22 47',
  E6: '10 15 22 33 47 68',
  E12: '10 12 15 18 22 27 33 39 47 56 68 82',
  E24: '10 11 12 13 15 16 18 20 22 24 27 30 33 36 39 43 47 51 56 62 68 75 82 91',
  E48: `100 105 110 115 121 127 133 140 147 154 162 169 178 187 196 205 215 226 237 249 261 274 287 301
        316 332 348 365 383 402 422 442 464 487 511 536 562 590 619 649 681 715 750 787 825 866 909 953`,
  E96: `100 102 105 107 110 113 115 118 121 124 127 130 133 137 140 143 147 150 154 158 162 165 169 174
        178 182 187 191 196 200 205 210 215 221 226 232 237 243 249 255 261 267 274 280 287 294 301 309
        316 324 332 340 348 357 365 374 383 392 402 412 422 432 442 453 464 475 487 499 511 523 536 549
        562 576 590 604 619 634 649 665 681 698 715 732 750 768 787 806 825 845 866 887 909 931 953 976`,
} as const;

describe('the preferred values of IEC 60063', () => {
  it.each(Object.entries(iec60063))('%s is the table of the standard', (id, table) => {
    const numbers = table.split(/\s+/).map(Number);
    const scale = (numbers[0] ?? 1) === 100 ? 100 : 10;
    expect(series[id as keyof typeof iec60063].map((value) => Math.round(value * scale))).toEqual(
      numbers,
    );
  });

  it('E192 has 192 ascending values, E96 at every other, and 9.20 where rounding would give 9.19', () => {
    expect(series.E192).toHaveLength(192);
    expect(series.E192.filter((_, index) => index % 2 === 0)).toEqual(series.E96);
    expect(series.E192).toContain(9.2);
    expect(series.E192).not.toContain(9.19);
    expect([...series.E192].sort((a, b) => a - b)).toEqual(series.E192);
    expect(series.E192.at(-1)).toBe(9.88);
  });

  it('every series is contained in the next finer one of its family', () => {
    for (const [coarse, fine] of [
      ['E3', 'E6'],
      ['E6', 'E12'],
      ['E12', 'E24'],
      ['E48', 'E96'],
      ['E96', 'E192'],
    ] as const) {
      expect(series[fine]).toEqual(expect.arrayContaining([...series[coarse]]));
    }
  });
});

describe('telling a preferred value', () => {
  it.each([
    [470, 'E3'],
    [47_000, 'E3'],
    [100_000, 'E3'],
    [1500, 'E6'],
    [1200, 'E12'],
    [5.1, 'E24'],
    [4990, 'E96'],
    [49.9, 'E96'],
    [1050, 'E48'],
    [92_000, 'E192'],
  ] as const)('%s is of %s', (amount, id) => {
    expect(coarsestSeries(amount)).toBe(id);
  });

  it.each([123.4, 0, -47, 1234, Number.NaN])('%s is of none', (amount) => {
    expect(coarsestSeries(amount)).toBeUndefined();
  });

  it('does not round a value into a series', () => {
    expect(isPreferred(470.5, 'E24')).toBe(false);
    expect(isPreferred(470, 'E24')).toBe(true);
  });
});
