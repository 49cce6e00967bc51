import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../learning/testing/spoken.ts';
import { series, seriesIds } from '../quantity/series.ts';
import { cases } from '../testing/cases.ts';
import { type BandColour, bandColourNames, definitionOf } from './colours.ts';
import { type BandCount, encodeBands, usualBandCount } from './encode.ts';
import { rankReadings } from './rank.ts';
import { readBands } from './read.ts';

const bands = (text: string) => text.split(' ') as BandColour[];

describe('the colours', () => {
  // IEC 60062, digits in order.
  it('stand for the digits 0 to 9', () => {
    const digits = bands('black brown red orange yellow green blue violet grey white');
    expect(digits.map((colour) => definitionOf(colour).digit)).toEqual([
      0, 1, 2, 3, 4, 5, 6, 7, 8, 9,
    ]);
  });

  it('multiply by the power of the digit; gold, silver and pink divide', () => {
    for (const colour of bandColourNames) {
      const { digit, multiplierPower } = definitionOf(colour);
      if (digit !== undefined) expect(multiplierPower).toBe(digit);
    }
    expect(definitionOf('gold').multiplierPower).toBe(-1);
    expect(definitionOf('silver').multiplierPower).toBe(-2);
    expect(definitionOf('pink').multiplierPower).toBe(-3);
  });

  // IEC 60062 for those on which all editions agree.
  it.each([
    ['brown', 1],
    ['red', 2],
    ['green', 0.5],
    ['blue', 0.25],
    ['violet', 0.1],
    ['gold', 5],
    ['silver', 10],
  ] as const)('%s is a tolerance of %s %%', (colour, percent) => {
    expect(definitionOf(colour).tolerancePercent).toBe(percent);
  });
});

describe('worked readings (common practice)', () => {
  it.each([
    ['yellow violet gold gold', 4.7, 5],
    ['brown black gold gold', 1, 5],
    ['brown red red gold', 1200, 5],
    ['red red brown gold', 220, 5],
    ['orange orange orange', 33_000, 20],
    ['yellow violet black red brown', 47_000, 1],
    ['brown black black black brown', 100, 1],
    ['brown black black brown brown', 1000, 1],
    ['yellow violet brown gold', 470, 5],
    ['yellow violet orange gold', 47_000, 5],
  ])('%s is %s ohm', (text, ohm, tolerancePercent) => {
    const read = readBands(bands(text));
    expect(read).toEqual({ ok: true, value: { ohm: expect.closeTo(ohm, 9), tolerancePercent } });
  });

  it('a single black band is a zero-ohm link', () => {
    expect(readBands(['black'])).toEqual({ ok: true, value: { ohm: 0, tolerancePercent: 20 } });
    expect(encodeBands({ ohm: 0, tolerancePercent: 20 }, 4)).toEqual({
      ok: true,
      value: ['black'],
    });
  });

  // From memory of IEC 60062: brown is 100 ppm/K.
  it('the sixth band is the temperature coefficient', () => {
    expect(readBands(bands('brown black black brown brown brown'))).toEqual({
      ok: true,
      value: { ohm: 1000, tolerancePercent: 1, tempcoPpm: 100 },
    });
  });
});

describe('bands that cannot be', () => {
  it.each([
    ['gold violet brown red', 'Band 1 cannot be this colour: gold'],
    ['silver violet brown red', 'Band 1 cannot be this colour: silver'],
    ['black brown red gold', 'Band 1 cannot be black'],
    ['brown gold red gold', 'Band 2 cannot be this colour: gold'],
    ['brown black red white', 'Band 4 cannot be this colour: white'],
    ['brown black', '3 to 6 bands'],
  ])('%s: %s', (text, problem) => {
    const read = readBands(bands(text));
    expect(read.ok ? '' : inEnglish(read.problem)).toContain(problem);
  });

  it('two digits do not hold a value of E96', () => {
    expect(encodeBands({ ohm: 4990, tolerancePercent: 5 }, 4).ok).toBe(false);
    expect(encodeBands({ ohm: 4990, tolerancePercent: 1 }, 5).ok).toBe(true);
  });

  it('a tolerance without a colour, and values out of reach, are refused', () => {
    expect(encodeBands({ ohm: 470, tolerancePercent: 3 }, 4).ok).toBe(false);
    expect(encodeBands({ ohm: 1e13, tolerancePercent: 5 }, 4).ok).toBe(false);
    expect(encodeBands({ ohm: -1, tolerancePercent: 5 }, 4).ok).toBe(false);
    expect(encodeBands({ ohm: 470, tolerancePercent: 1 }, 6).ok).toBe(false);
  });
});

describe('encoding and decoding', () => {
  const tolerances: Record<BandCount, readonly number[]> = {
    3: [20],
    4: [5, 10, 2, 1],
    5: [1, 2, 0.5, 0.25, 0.1],
    6: [1, 2, 0.5, 0.25, 0.1],
  };
  const resistor = fc
    .tuple(
      fc.constantFrom(...seriesIds),
      fc.nat(),
      fc.integer({ min: 0, max: 6 }),
      fc.constantFrom<BandCount>(3, 4, 5, 6),
      fc.nat(),
    )
    .map(([id, pick, power, count, tolerancePick]) => {
      // Values of the fine series need the third digit.
      const values = count >= 5 ? series[id] : series.E24;
      const choices = tolerances[count];
      return {
        ohm: Number(`${values[pick % values.length]}e${power}`),
        count,
        tolerancePercent: choices[tolerancePick % choices.length] ?? 20,
      };
    });

  it('is the identity over E3 to E192 and 3 to 6 bands', () => {
    fc.assert(
      fc.property(resistor, ({ ohm, count, tolerancePercent }) => {
        const tempcoPpm = count === 6 ? 50 : undefined;
        const encoded = encodeBands(
          { ohm, tolerancePercent, ...(tempcoPpm ? { tempcoPpm } : {}) },
          count,
        );
        expect(encoded.ok).toBe(true);
        if (!encoded.ok) return;
        expect(encoded.value).toHaveLength(count);
        const read = readBands(encoded.value);
        expect(read.ok && read.value.ohm / ohm).toBeCloseTo(1, 9);
        expect(read.ok && read.value.tolerancePercent).toBe(tolerancePercent);
        expect(read.ok && read.value.tempcoPpm).toBe(tempcoPpm);
      }),
      { numRuns: cases(1000) },
    );
  });

  it('holds for every single value of E24 with four bands and of E96 with five', () => {
    for (const power of [0, 1, 2, 3, 4, 5]) {
      for (const value of series.E24) checkRoundTrip(Number(`${value}e${power}`), 5, 4);
      for (const value of series.E96) checkRoundTrip(Number(`${value}e${power}`), 1, 5);
    }
  });
});

function checkRoundTrip(ohm: number, tolerancePercent: number, count: BandCount) {
  const encoded = encodeBands({ ohm, tolerancePercent }, count);
  const read = readBands(encoded.ok ? encoded.value : []);
  expect(read.ok && read.value.ohm / ohm, `${ohm} ohm`).toBeCloseTo(1, 9);
}

describe('which end first', () => {
  it('a gold band decides it', () => {
    const { readings, needsMeter } = rankReadings(bands('gold brown violet yellow'));
    expect(readings).toHaveLength(1);
    expect(readings[0]).toMatchObject({ ohm: 470, direction: 'reversed' });
    expect(needsMeter).toBe(false);
  });

  it('brown black black black brown is 100 Ω from both ends', () => {
    const { readings, needsMeter } = rankReadings(bands('brown black black black brown'));
    expect(readings).toHaveLength(1);
    expect(readings[0]?.ohm).toBe(100);
    expect(needsMeter).toBe(false);
  });

  it('brown black black brown brown is 1 kΩ or 110 Ω: only a meter tells', () => {
    const { readings, needsMeter } = rankReadings(bands('brown black black brown brown'));
    expect(readings.map(({ ohm }) => ohm).sort((a, b) => a - b)).toEqual([110, 1000]);
    expect(needsMeter).toBe(true);
  });

  it('what the kit holds decides between them', () => {
    const known = rankReadings(bands('brown black black brown brown'), [1000, 10_000]);
    expect(known.readings[0]?.ohm).toBe(1000);
    expect(known.needsMeter).toBe(false);
    const both = rankReadings(bands('brown black black brown brown'), [1000, 110]);
    expect(both.needsMeter).toBe(true);
  });

  // Nobody makes 5 % resistors outside E24, nor any of 1.2 GΩ (IEC 60063, common practice).
  it.each([
    ['red red brown gold', 220],
    ['brown red brown gold', 120],
    ['orange white red gold', 3900],
    ['blue grey black black brown', 680],
  ])('%s has one reading only: what it says backwards is not made', (text, ohm) => {
    const { readings, needsMeter } = rankReadings(bands(text));
    expect(readings.map((reading) => reading.ohm)).toEqual([ohm]);
    expect(needsMeter).toBe(false);
  });

  it('a preferred value comes before one of no series', () => {
    // Forward 470 Ω 1 %; reversed it would begin with brown: 100 × 10^7, of no use in E96 terms of tolerance.
    const { readings } = rankReadings(bands('yellow violet black black brown'));
    expect(readings[0]).toMatchObject({ ohm: 470, tolerancePercent: 1 });
  });

  it('finds nothing in bands that mean nothing', () => {
    expect(rankReadings(bands('gold gold gold gold'))).toEqual({ readings: [], needsMeter: false });
  });

  it('reads the same from either end, only with the directions exchanged', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...bandColourNames), { minLength: 3, maxLength: 6 }),
        (colours) => {
          const there = rankReadings(colours);
          const back = rankReadings([...colours].reverse());
          const ohms = (r: typeof there) => r.readings.map(({ ohm }) => ohm).sort((a, b) => a - b);
          expect(ohms(back)).toEqual(ohms(there));
          expect(back.needsMeter).toBe(there.needsMeter);
        },
      ),
    );
  });
});

describe('how many bands are usual (common practice)', () => {
  it.each([
    [470, 5, 4],
    [47_000, 1, 5],
    [4990, 1, 5],
    [33_000, 20, 3],
    [4990, 2, 5],
  ])('%s ohm %s %% has %s', (ohm, tolerance, count) => {
    expect(usualBandCount(ohm, tolerance)).toBe(count);
  });
});
