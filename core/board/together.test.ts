import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line, ohm, type } from '../order/testing/kits.ts';
import { type Board, emptyBoard, type Placement } from './board.ts';
import { apply } from './edit.ts';
import { padsOf, partsByPlace } from './pads.ts';
import {
  alignedByPads,
  chipsForSockets,
  copiedGroup,
  gridOfParts,
  socketNear,
  withPartners,
} from './together.ts';

const at = (place: string, xMm: number, yMm: number, more: Partial<Placement> = {}): Placement => ({
  place,
  xMm,
  yMm,
  rotation: 0,
  side: 'top',
  ...more,
});
const boardOf = (...placements: readonly Placement[]): Board => ({
  ...emptyBoard(80, 60, 'printed'),
  placements,
});

describe('equal parts placed at once', () => {
  it('stand in rows and columns, counted as one sees them from either side', () => {
    const places = ['D1', 'D2', 'D3', 'D4'];
    const grid = { columns: 2, acrossMm: 10, downMm: 7.5 };
    const spots = (side: 'top' | 'bottom') =>
      gridOfParts(places, { x: 40, y: 50 }, grid, { side, rotation: 90 }).map(
        ({ place, xMm, yMm }) => [place, xMm, yMm],
      );
    expect(spots('top')).toEqual([
      ['D1', 40, 50],
      ['D2', 50, 50],
      ['D3', 40, 42.5],
      ['D4', 50, 42.5],
    ]);
    expect(spots('bottom')[1]).toEqual(['D2', 30, 50]);
  });

  it('each has a spot of its own', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100 }),
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 30 }),
        (count, columns, step) => {
          const places = Array.from({ length: count }, (_, index) => `D${index}`);
          const grid = { columns, acrossMm: step, downMm: step };
          const spots = gridOfParts(places, { x: 0, y: 0 }, grid, { side: 'top', rotation: 0 });
          expect(new Set(spots.map(({ xMm, yMm }) => `${xMm} ${yMm}`)).size).toBe(count);
        },
      ),
    );
  });
});

describe('a chip and its socket', () => {
  const parts = partsByPlace([
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('socket-dip', 'X2', { kind: 'none' }, 14),
    line('ic-dip', 'U1', type('CD4093'), 14),
    line('ic-dip', 'U2', type('NE555'), 8),
    line('ic-dip', 'U3', type('LM393'), 8),
  ]);

  it('are one thing to place, each chip with a socket of its size', () => {
    expect([...chipsForSockets(parts, [...parts.keys()])]).toEqual([
      ['X1', 'U2'],
      ['X2', 'U1'],
    ]);
  });

  it('move together, and nothing else does', () => {
    const board = boardOf(at('X1', 20, 20), at('U2', 20, 20), at('X2', 50, 20));
    expect([...withPartners(board, parts, ['X1'])].sort()).toEqual(['U2', 'X1']);
    expect([...withPartners(board, parts, ['U2'])].sort()).toEqual(['U2', 'X1']);
    expect(withPartners(board, parts, ['X2'])).toEqual(['X2']);
  });

  it('a chip that is put near an empty socket of its size goes into it', () => {
    const board = boardOf(at('X1', 20, 20), at('U2', 20, 20), at('X2', 50, 20));
    expect(socketNear(board, parts, 'U1', { x: 53, y: 21 })?.place).toBe('X2');
    // Too far away, of another size, or taken.
    expect(socketNear(board, parts, 'U1', { x: 70, y: 21 })).toBeUndefined();
    expect(socketNear(board, parts, 'U3', { x: 50, y: 20 })).toBeUndefined();
    expect(socketNear(board, parts, 'U3', { x: 20, y: 20 })).toBeUndefined();
  });
});

it('parts of different kinds are lined up by their pads, not by their middles', () => {
  const parts = partsByPlace([
    line('resistor-axial', 'R1', ohm(470)),
    line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  ]);
  const board = boardOf(at('R1', 20, 40), at('D1', 33, 20));
  const lined = alignedByPads(board, parts, ['R1', 'D1'], 'column').reduce(apply, board);
  const padOf = (place: string) => padsOf(lined, parts).find((pad) => pad.place === place);
  expect(padOf('D1')?.xMm).toBeCloseTo(padOf('R1')?.xMm ?? 0, 6);
  expect(lined.placements.find(({ place }) => place === 'D1')?.yMm).toBe(20);
});

it('a group is placed once more with what waits, of the same value where there is one', () => {
  const parts = partsByPlace([
    line('resistor-axial', 'R1 R3', ohm(470)),
    line('resistor-axial', 'R2', ohm(1000)),
    line('led-5mm', 'D1 D2', { kind: 'colour', colour: 'red' }),
    line('capacitor-film', 'C1'),
  ]);
  const board = boardOf(at('R1', 20, 40, { rotation: 90 }), at('D1', 30, 40), at('C1', 40, 40));
  const copied = copiedGroup(board, parts, ['R1', 'D1', 'C1'], ['R2', 'R3', 'D2'], {
    dx: 0,
    dy: -15,
  });
  expect(copied).toEqual([at('R3', 20, 25, { rotation: 90 }), at('D2', 30, 25)]);
});
