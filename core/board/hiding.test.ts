import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boardWith } from '../order/testing/boards.ts';
import { line, ohm } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import { distanceToShape } from './distance.ts';
import { hiddenBodies, hiddenJoints } from './hiding.ts';
import { overlap } from './layout.ts';
import { standingParts } from './standing.ts';

const resistor = line('resistor-axial', 'R1', ohm(470));
const electrolytic = line('capacitor-electrolytic', 'C1');
const places = (pairs: Iterable<readonly [{ place: string }, { place: string }]>) =>
  [...pairs].map(([hidden, by]) => `${hidden.place} under ${by.place}`);

describe('what hides what', () => {
  it('a body over joints, on the side of the body', () => {
    // The left joint of R1 lies 5.08 mm left of its middle.
    const over = standingParts(boardWith(['R1', 40, 30], ['C1', 34.92, 30]), [
      resistor,
      electrolytic,
    ]);
    expect(places(hiddenJoints(over))).toEqual(['R1 under C1']);
    const below = standingParts(boardWith(['R1', 40, 30], ['C1', 34.92, 30, 'bottom']), [
      resistor,
      electrolytic,
    ]);
    expect(places(hiddenJoints(below))).toContain('R1 under C1');
    expect(places(hiddenBodies(below))).toEqual([]);
  });

  it('a low body under a taller one', () => {
    const parts = [resistor, electrolytic];
    const near = standingParts(boardWith(['R1', 40, 30], ['C1', 40, 32.9]), parts);
    expect(places(hiddenBodies(near))).toEqual(['R1 under C1']);
    const apart = standingParts(boardWith(['R1', 40, 30], ['C1', 40, 45]), parts);
    expect(places(hiddenBodies(apart))).toEqual([]);
    expect(places(hiddenJoints(apart))).toEqual([]);
  });

  it('a chip and its socket hide nothing from one another', () => {
    const chip = [
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', { kind: 'none' }, 8),
    ];
    const one = standingParts(boardWith(['X1', 40, 30], ['U1', 40, 30]), chip);
    expect(places(hiddenJoints(one))).toEqual([]);
  });
});

describe('the distance to a shape', () => {
  const square = [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 4 },
    { x: 0, y: 4 },
  ];
  // By hand: inside, on the edge, beside an edge, off a corner (3, 4, 5).
  it.each([
    [2, 2, 0],
    [4, 1, 0],
    [6, 1, 2],
    [7, 8, 5],
    [-1, 2, 1],
  ])('of (%d, %d) is %d', (x, y, distance) => {
    expect(distanceToShape({ x, y }, square)).toBeCloseTo(distance, 9);
    expect(distanceToShape({ x, y }, [...square].reverse())).toBeCloseTo(distance, 9);
  });

  it('skips no pair for being far: the same as looking at every two outlines', () => {
    const spot = fc.tuple(
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
    );
    fc.assert(
      fc.property(spot, spot, spot, (a, b, c) => {
        const board = boardWith(['R1', ...a], ['C1', ...b], ['C2', ...c]);
        const film = line('capacitor-film', 'C2');
        const standing = standingParts(board, [resistor, electrolytic, film]);
        const lying = standing.flatMap((low) =>
          standing
            .filter((high) => low.heightMm < high.heightMm && overlap(low.body, high.body))
            .map((high) => [low, high] as const),
        );
        expect(places(hiddenBodies(standing)).sort()).toEqual(places(lying).sort());
      }),
      { numRuns: cases(300, 0.25) },
    );
  });
});
