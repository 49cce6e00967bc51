import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pairings, pairsOf } from './pairs.ts';

const seats = [
  { seat: 1, pace: 1.0 },
  { seat: 2, pace: 0.4 },
  { seat: 3, pace: 1.6 },
  { seat: 4, pace: 0.7 },
];

describe('pairs', () => {
  it('put the quickest beside the slowest, or equals together (common practice)', () => {
    expect(pairsOf(seats, 'mixed')).toEqual([
      [2, 3],
      [1, 4],
    ]);
    expect(pairsOf(seats, 'alike')).toEqual([
      [2, 4],
      [1, 3],
    ]);
  });

  it('leave one alone where the number is odd', () => {
    const five = [...seats, { seat: 5, pace: 0.9 }];
    expect(pairsOf(five, 'mixed').flat()).not.toContain(5);
    expect(pairsOf(five, 'alike').flat()).not.toContain(2);
  });

  it('pair everybody once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.2, max: 3, noNaN: true }), { maxLength: 60 }),
        fc.constantFrom(...pairings),
        (paces, pairing) => {
          const all = pairsOf(
            paces.map((pace, index) => ({ seat: index + 1, pace })),
            pairing,
          ).flat();
          expect(new Set(all).size).toBe(all.length);
          expect(all.length).toBe(2 * Math.floor(paces.length / 2));
        },
      ),
    );
  });

  it('mixed pairs differ in their sums no more than any other pairing of four does', () => {
    const spread = (pairs: readonly (readonly [number, number])[]) => {
      const sums = pairs.map((pair) =>
        pair.reduce((sum, number) => sum + (seats[number - 1]?.pace ?? 0), 0),
      );
      return Math.max(...sums) - Math.min(...sums);
    };
    const every: [number, number][][] = [
      [
        [1, 2],
        [3, 4],
      ],
      [
        [1, 3],
        [2, 4],
      ],
      [
        [1, 4],
        [2, 3],
      ],
    ];
    expect(spread(pairsOf(seats, 'mixed'))).toBeCloseTo(Math.min(...every.map(spread)), 10);
  });
});
