import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line } from '../order/testing/kits.ts';
import type { FamilyId } from '../parts/families/ids.ts';
import type { Part } from '../parts/part.ts';
import type { UnitId } from '../quantity/unit.ts';
import { doubtOf, type Meter, rangeFor } from './meter.ts';
import { meters } from './meters.ts';
import { chanceToFind, costOf } from './policy.ts';
import { type Amount, judge } from './verdict.ts';

const hand = meters.find(({ id }) => id === 'hand') as Meter;
const part = (family: FamilyId, unit: UnitId, amount: number, tolerancePercent?: number) =>
  line(family, 'X1', {
    kind: 'amount',
    unit,
    amount,
    ...(tolerancePercent === undefined ? {} : { tolerancePercent }),
  }) as Part & { value: Amount };

const verdict = (
  of: Part & { value: Amount },
  reading: number,
  kit: Part[] = [of],
  meter = hand,
) => {
  const range = rangeFor(meter, of.value.unit, reading);
  if (!range) throw new Error('out of range');
  return judge(of, reading, range, kit);
};

// The worked readings are common practice; a hand meter is about 0.8 % of the reading and 2 digits.
describe('verdicts', () => {
  // IEC 60062: the letter Z is −20/+80 %.
  it('a capacitor marked Z may be far above its value, and little below', () => {
    const of = line('capacitor-ceramic', 'C1', {
      kind: 'amount',
      unit: 'farad',
      amount: 100e-9,
      tolerancePercent: 80,
      minusPercent: 20,
    }) as Part & { value: Amount };
    expect(verdict(of, 170e-9).kind).toBe('right');
    expect(verdict(of, 85e-9).kind).toBe('right');
    expect(verdict(of, 70e-9).kind).not.toBe('right');
    expect(verdict(of, 190e-9).kind).not.toBe('right');
  });

  it('46.4 kΩ on the 200 kΩ range is right for 47 kΩ 1 %, though 1.3 % off', () => {
    const of = part('resistor-axial', 'ohm', 47_000, 1);
    expect(rangeFor(hand, 'ohm', 46_400)?.upTo).toBe(200e3);
    expect(verdict(of, 46_400).kind).toBe('right');
    // The doubt: 0.8 % of 46.4 kΩ and two digits of 100 Ω.
    const range = rangeFor(hand, 'ohm', 46_400);
    expect(range && doubtOf(range, 46_400)).toBeCloseTo(371.2 + 200, 6);
  });

  it.each([
    ['101 Ω for 100 Ω 1 %', part('resistor-axial', 'ohm', 100, 1), 101, 'right'],
    [
      '55 µF for a 47 µF electrolytic',
      part('capacitor-electrolytic', 'farad', 47e-6),
      55e-6,
      'right',
    ],
    ['55 nF for a 100 nF disc', part('capacitor-ceramic', 'farad', 100e-9), 55e-9, 'usable'],
    ['60 nF for a 100 nF disc', part('capacitor-ceramic', 'farad', 100e-9), 60e-9, 'usable'],
    ['13 nF for 10 nF', part('capacitor-ceramic', 'farad', 10e-9), 13e-9, 'usable'],
    ['10 kΩ for 1 kΩ', part('resistor-axial', 'ohm', 1000, 5), 10_000, 'not-this'],
    ['10 nF for 100 nF', part('capacitor-ceramic', 'farad', 100e-9), 10e-9, 'not-this'],
  ] as const)('%s: %s', (_, of, reading, kind) => {
    expect(verdict(of, reading).kind).toBe(kind);
  });

  it('names the part of this kit that it would be', () => {
    const small = part('resistor-axial', 'ohm', 470, 5);
    const large = { ...part('resistor-axial', 'ohm', 47_000, 5), designators: ['R2'] };
    expect(verdict(small, 46_800, [small, large])).toMatchObject({
      kind: 'not-this',
      itIs: { designators: ['R2'] },
    });
    expect(verdict(small, 5600, [small, large])).toMatchObject({ kind: 'not-this', itIs: null });
  });

  it('another part of the kit comes before “usable here”', () => {
    const disc = part('capacitor-ceramic', 'farad', 100e-9);
    const other = { ...part('capacitor-film', 'farad', 56e-9), designators: ['C2'] };
    expect(verdict(disc, 55e-9, [disc, other])).toMatchObject({
      kind: 'not-this',
      itIs: { designators: ['C2'] },
    });
  });

  it('a better meter leaves less doubt, so a part that strays is found', () => {
    const bench = meters.find(({ id }) => id === 'bench') as Meter;
    const of = part('resistor-axial', 'ohm', 47_000, 1);
    expect(verdict(of, 46_400, [of], bench).kind).not.toBe('right');
  });

  it('the nominal value is right on every meter that reaches it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...meters),
        fc.double({ min: 1, max: 1e6, noNaN: true }),
        (meter, ohm) => {
          const of = part('resistor-axial', 'ohm', ohm, 1);
          expect(verdict(of, ohm, [of], meter).kind).toBe('right');
        },
      ),
    );
  });
});

describe('meters', () => {
  it('have ranges that grow, each with its accuracy', () => {
    for (const { ranges } of meters) {
      for (const range of ranges) {
        expect(range.digit).toBeGreaterThan(0);
        expect(range.percent).toBeGreaterThan(0);
        expect(range.upTo / range.digit).toBeGreaterThan(1999);
      }
    }
  });

  it('a reading above every range has none', () => {
    expect(rangeFor(hand, 'ohm', 21e6)).toBeUndefined();
    expect(rangeFor(hand, 'henry', 1e-3)).toBeUndefined();
  });
});

/** Every way to draw, counted. */
function byCounting(pieces: number, wrong: number, sample: number): number {
  const draw = (from: number, left: number, found: boolean): [number, number] => {
    if (left === 0) return [1, found ? 1 : 0];
    let [all, hits] = [0, 0];
    for (let next = from; next <= pieces - left; next += 1) {
      const [a, h] = draw(next + 1, left - 1, found || next < wrong);
      all += a;
      hits += h;
    }
    return [all, hits];
  };
  const [all, hits] = draw(0, sample, false);
  return hits / all;
}

describe('check none, a sample or every part', () => {
  it('finds what counting every way to draw finds', () => {
    for (const [pieces, wrong, sample] of [
      [10, 1, 3],
      [12, 3, 4],
      [8, 8, 1],
      [6, 2, 6],
    ] as const) {
      expect(chanceToFind(pieces, wrong, sample)).toBeCloseTo(
        byCounting(pieces, wrong, sample),
        12,
      );
    }
  });

  // Worked by hand: 1 − C(18,5)/C(20,5) = 1 − 8568/15504.
  it('is 44.7 % for 5 of 20 with 2 wrong', () => {
    expect(chanceToFind(20, 2, 5)).toBeCloseTo(1 - 8568 / 15504, 12);
  });

  it('costs and finds nothing, something, everything', () => {
    const lots = [{ pieces: 24 }, { pieces: 12 }];
    const none = costOf({ kind: 'none' }, lots, 0.1);
    const sample = costOf({ kind: 'sample', pieces: 3 }, lots, 0.1);
    const every = costOf({ kind: 'every' }, lots, 0.1);
    expect(none).toEqual({ minutes: 0, measured: 0, caught: 0 });
    expect(sample.measured).toBe(6);
    expect(sample.minutes).toBeCloseTo((6 * 15 + 60) / 60, 9);
    expect(sample.caught).toBeGreaterThan(0);
    expect(sample.caught).toBeLessThan(1);
    expect(every).toMatchObject({ measured: 36, caught: 1 });
  });

  it('more pieces never find less', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 59 }),
        (pieces, wrong, sample) => {
          fc.pre(wrong <= pieces && sample < pieces);
          expect(chanceToFind(pieces, wrong, sample + 1)).toBeGreaterThanOrEqual(
            chanceToFind(pieces, wrong, sample) - 1e-12,
          );
        },
      ),
    );
  });
});
