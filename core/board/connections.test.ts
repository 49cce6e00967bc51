import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Part } from '../parts/part.ts';
import { cases } from '../testing/cases.ts';
import { emptyBoard, type Pad } from './board.ts';
import { type Connection, connectionsOf } from './connections.ts';
import { apply } from './edit.ts';
import { layoutProblems, unplacedOf } from './layout.ts';
import { netsOfPads } from './nets.ts';

const pad = (place: string, net: string | null, xMm: number, yMm: number): Pad => ({
  place,
  pin: '1',
  net,
  xMm,
  yMm,
  widthMm: 1.6,
  heightMm: 1.6,
  rotation: 0,
  side: 'both',
  drillMm: 0.8,
  plated: true,
  square: false,
});
const board = emptyBoard(100, 100, 'printed');
const lengthOf = (lines: readonly Connection[]) =>
  lines.reduce((sum, { from, to }) => sum + Math.hypot(from.xMm - to.xMm, from.yMm - to.yMm), 0);

describe('what is joined, as straight lines', () => {
  it('is one line fewer than pads of each net, and none without a net', () => {
    const pads = [
      pad('R1', 'A', 0, 0),
      pad('R2', 'A', 10, 0),
      pad('C1', 'A', 10, 5),
      pad('D1', null, 3, 3),
    ];
    const lines = connectionsOf(netsOfPads(board, pads), pads);
    expect(lines).toHaveLength(2);
    expect(lengthOf(lines)).toBe(15);
  });

  it('only of the nets of what is asked for', () => {
    const pads = [
      pad('R1', 'A', 0, 0),
      pad('R2', 'A', 10, 0),
      pad('C1', 'B', 0, 5),
      pad('C2', 'B', 9, 5),
    ];
    const lines = connectionsOf(netsOfPads(board, pads), pads, new Set(['C2']));
    expect(lines.map(({ from, to }) => [from.place, to.place].sort())).toEqual([['C1', 'C2']]);
  });

  // The shortest tree over points, against trying every tree by its Prüfer code (Prüfer, 1918).
  it('is as short as the shortest of all trees', () => {
    const spot = fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }));
    fc.assert(
      fc.property(
        fc.uniqueArray(spot, { minLength: 3, maxLength: 5, selector: String }),
        (spots) => {
          const pads = spots.map(([x, y], index) => pad(`R${index + 1}`, 'A', x, y));
          const trees = everyTree(pads.length).map((edges) =>
            edges.map(([a, b]) => ({ from: pads[a], to: pads[b] }) as Connection),
          );
          const shortest = Math.min(...trees.map(lengthOf));
          expect(lengthOf(connectionsOf(netsOfPads(board, pads), pads))).toBeCloseTo(shortest, 6);
        },
      ),
      { numRuns: cases(100) },
    );
  });
});

/** Every labelled tree on so many points. */
function everyTree(count: number): [number, number][][] {
  const codes = Array.from({ length: count ** (count - 2) }, (_, number) =>
    Array.from({ length: count - 2 }, (_, digit) => Math.floor(number / count ** digit) % count),
  );
  return codes.map((code) => {
    const degree = Array.from(
      { length: count },
      (_, one) => 1 + code.filter((c) => c === one).length,
    );
    const edges = code.map((to): [number, number] => {
      const leaf = degree.indexOf(1);
      degree[leaf] = 0;
      degree[to] = (degree[to] ?? 0) - 1;
      return [leaf, to];
    });
    const [a = 0, b = 0] = degree.flatMap((left, one) => (left === 1 ? [one] : []));
    return [...edges, [a, b]];
  });
}

describe('parts that are on no board', () => {
  const jack: Part = {
    designators: ['J1'],
    quantity: 1,
    family: 'jack',
    value: { kind: 'none' },
    description: 'jack in the lid',
    supply: 'in-kit',
  };
  const parts = new Map([['J1', jack]]);

  it('are missed by nobody, and can be placed after all', () => {
    expect(unplacedOf(board, parts)).toEqual(['J1']);
    const told = apply(board, { kind: 'nowhere', places: ['J1'], is: true });
    expect(told.nowhere).toEqual(['J1']);
    expect(unplacedOf(told, parts)).toEqual([]);
    expect(layoutProblems(told, parts)).toEqual([]);
    expect(apply(told, { kind: 'nowhere', places: ['J1'], is: false })).toEqual(board);
  });

  it('leave the board when they are on it', () => {
    const placement = { place: 'J1', xMm: 5, yMm: 5, rotation: 0, side: 'top' } as const;
    const placed = apply(board, { kind: 'place', placement });
    expect(apply(placed, { kind: 'nowhere', places: ['J1'], is: true }).placements).toEqual([]);
  });
});
