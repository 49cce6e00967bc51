import { describe, expect, it } from 'vitest';
import { between, seeded } from '../../random.ts';
import { percent } from '../spread.ts';
import { movedBy } from './movedBy.ts';
import { Pieces } from './pieces.ts';

/** Boards of so many parts with a value each. */
function madeUp(boards: number, parts: number, seed: number): Pieces[] {
  const random = seeded(seed);
  return Array.from({ length: boards }, () => {
    const pieces = new Pieces(random);
    for (let index = 1; index <= parts; index += 1) pieces.of(`R${index}`)(100, percent(5));
    return pieces;
  });
}

describe('what moves a reading', () => {
  it.each([
    [8, 60],
    [30, 60],
    [300, 10],
  ])('of %i boards with %i parts nothing is named that only chance moves', (boards, parts) => {
    let named = 0;
    for (let seed = 1; seed <= 100; seed += 1) {
      const random = seeded(1000 + seed);
      const readings = Array.from({ length: boards }, () => between(random, 4, 5));
      if (movedBy(madeUp(boards, parts, seed), readings) !== null) named += 1;
    }
    // One in a hundred may be.
    expect(named).toBeLessThanOrEqual(3);
  });

  it.each([8, 30, 300])('what moves it nearly alone is named, of %i boards', (boards) => {
    const pieces = madeUp(boards, 60, 1);
    const random = seeded(2);
    const readings = pieces.map(
      ({ made }) => (made.get('R7')?.[0] ?? 0) / 20 + between(random, -0.02, 0.02),
    );
    expect(movedBy(pieces, readings)).toBe('R7');
  });
});
