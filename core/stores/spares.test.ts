import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line } from '../order/testing/kits.ts';
import { families } from '../parts/families/index.ts';
import { cases } from '../testing/cases.ts';
import { countLosses, lossRateOf, meanOf, priorShare } from './lossRate.ts';
import { chanceEnough, chanceEnoughUnsure, smallestSpares } from './spares.ts';

// Cumulative binomial probabilities P(X ≤ s) for n = 20, as printed in the tables at the back of statistics
// textbooks (from memory; each can be worked by hand from the definition).
const table20: readonly (readonly [number, number, number])[] = [
  [0.05, 0, 0.3585],
  [0.05, 1, 0.7358],
  [0.05, 2, 0.9245],
  [0.05, 3, 0.9841],
  [0.1, 0, 0.1216],
  [0.1, 1, 0.3917],
  [0.1, 2, 0.6769],
  [0.1, 4, 0.9568],
  [0.2, 4, 0.6296],
  [0.5, 10, 0.5881],
];

describe('the chance that enough is left', () => {
  it.each(table20)('20 pieces, share %s, %s spares: %s', (share, spares, chance) => {
    expect(chanceEnough(20 - spares, spares, share)).toBeCloseTo(chance, 4);
  });

  it('is the binomial distribution where the share is known for certain', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 0, max: 12 }),
        fc.double({ min: 0.005, max: 0.2, noNaN: true }),
        (needed, spares, share) => {
          const sure = { a: share * 1e8, b: (1 - share) * 1e8 };
          expect(chanceEnoughUnsure(needed, spares, sure)).toBeCloseTo(
            chanceEnough(needed, spares, share),
            4,
          );
        },
      ),
    );
  });

  // Worked by hand: with a = b = 1 every number of lost pieces is equally likely, so it is (s + 1) / (n + s + 1).
  it('is uniform where nothing is known', () => {
    expect(chanceEnoughUnsure(7, 2, { a: 1, b: 1 })).toBeCloseTo(3 / 10, 12);
    expect(chanceEnoughUnsure(1, 0, { a: 1, b: 1 })).toBeCloseTo(1 / 2, 12);
  });

  it('grows with every spare', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100 }),
        fc.integer({ min: 0, max: 20 }),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        (needed, spares, a, b) => {
          expect(chanceEnoughUnsure(needed, spares + 1, { a, b })).toBeGreaterThanOrEqual(
            chanceEnoughUnsure(needed, spares, { a, b }) - 1e-12,
          );
        },
      ),
    );
  });
});

describe('the smallest spares', () => {
  /** Every choice of so many spares in all. */
  function best(questions: Parameters<typeof smallestSpares>[0], total: number): number {
    const [first, ...rest] = questions;
    if (!first) return 1;
    if (rest.length === 0) return chanceEnoughUnsure(first.needed, total, first.rate);
    let found = 0;
    for (let own = 0; own <= total; own += 1) {
      found = Math.max(
        found,
        chanceEnoughUnsure(first.needed, own, first.rate) * best(rest, total - own),
      );
    }
    return found;
  }

  it('no choice of fewer does as well (trying all)', () => {
    const question = fc.record({
      needed: fc.integer({ min: 1, max: 40 }),
      rate: fc
        .tuple(fc.double({ min: 0.01, max: 0.08, noNaN: true }), fc.constantFrom(60, 400, 1e6))
        .map(([share, weight]) => ({ a: share * weight, b: (1 - share) * weight })),
    });
    fc.assert(
      fc.property(fc.array(question, { minLength: 1, maxLength: 3 }), (questions) => {
        const { spares, runsOut } = smallestSpares(questions, 0.05);
        const total = spares.reduce((sum, count) => sum + count, 0);
        expect(runsOut).toBeLessThanOrEqual(0.05 + 1e-9);
        expect(1 - runsOut).toBeCloseTo(best(questions, total), 6);
        if (total > 0) expect(best(questions, total - 1)).toBeLessThan(0.95);
      }),
      { numRuns: cases(40, 0.5) },
    );
  });

  it('spares that the bags hold anyway are counted', () => {
    const question = { needed: 24, rate: lossRateOf('led-5mm') };
    const alone = smallestSpares([question], 0.05).spares[0] ?? 0;
    expect(alone).toBeGreaterThan(0);
    expect(smallestSpares([{ ...question, given: alone + 2 }], 0.05).spares).toEqual([alone + 2]);
  });

  it('is not a flat ten per cent: few pieces need more of a share than many', () => {
    const share = (needed: number) =>
      (smallestSpares([{ needed, rate: lossRateOf('led-5mm') }], 0.05).spares[0] ?? 0) / needed;
    expect(share(6)).toBeGreaterThan(0.1);
    expect(share(600)).toBeLessThan(share(6));
  });
});

describe('loss rates', () => {
  it('have a prior for every family, and chip parts are lost most', () => {
    for (const family of families) {
      expect(meanOf(lossRateOf(family.id))).toBeCloseTo(priorShare(family), 12);
    }
    expect(meanOf(lossRateOf('resistor-chip'))).toBeGreaterThan(
      meanOf(lossRateOf('resistor-axial')),
    );
  });

  // Worked by hand: prior 1.5 % of 60 pieces is a = 0.9; 6 of 140 lost gives (0.9 + 6) / (60 + 140).
  it('move towards what the rooms saw, by how much they saw', () => {
    expect(meanOf(lossRateOf('resistor-axial', { pieces: 140, lost: 6 }))).toBeCloseTo(
      6.9 / 200,
      12,
    );
    expect(meanOf(lossRateOf('resistor-axial', { pieces: 1e6, lost: 1e4 }))).toBeCloseTo(0.01, 3);
  });

  it('are counted from the log: pieces once a seat, losses by the part they hit', () => {
    const steps = [
      {
        id: 's1',
        kind: 'solder' as const,
        parts: [line('resistor-axial', 'R1 R2'), line('led-5mm', 'D1')],
        joints: 6,
        hotJoints: 0,
        side: 'top' as const,
        holding: [],
        lengths: [],
        reason: { kind: 'off-board' as const },
        cautions: [],
      },
    ];
    const event = (id: string, deed: object) =>
      ({ id, seatId: 'a', at: `2026-03-05T18:3${id}:00Z`, by: 'learner', ...deed }) as never;
    const counts = countLosses(steps, [
      event('1', { kind: 'mistake', stepId: 's1', mistake: 'broken-part', designator: 'D1' }),
      event('2', { kind: 'step-done', stepId: 's1' }),
      event('3', { kind: 'step-reopened', stepId: 's1' }),
      event('4', { kind: 'step-done', stepId: 's1' }),
      event('5', { kind: 'mistake', stepId: 's1', mistake: 'bridge', designator: 'R1' }),
      event('6', { kind: 'mistake', stepId: 's1', mistake: 'lost-part', designator: 'R2' }),
      event('7', { kind: 'undo', undoes: '6' }),
    ]);
    expect(counts.get('resistor-axial')).toEqual({ pieces: 2, lost: 0 });
    expect(counts.get('led-5mm')).toEqual({ pieces: 2, lost: 1 });
  });
});
