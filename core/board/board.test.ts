import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begin, commit, redo, undo } from '../history.ts';
import { line, type } from '../order/testing/kits.ts';
import { families } from '../parts/families/index.ts';
import { cases } from '../testing/cases.ts';
import { type Board, emptyBoard, type Placement } from './board.ts';
import { apply, snapped } from './edit.ts';
import { facingsOf } from './facing.ts';
import { footprintOf } from './footprint.ts';
import {
  columnLetters,
  gridOf,
  holeAt,
  holeName,
  nearestHole,
  seenColumn,
  sizeOf,
} from './holes.ts';
import { layoutProblems, overlap } from './layout.ts';
import { netsOf } from './nets.ts';
import { padsOf, partsByPlace } from './pads.ts';
import { readPlacementList, writePlacementList } from './placementList.ts';
import { fromView, inView, onBoard } from './transform.ts';
import { allWhereabouts } from './whereabouts.ts';

const at = (
  place: string,
  xMm: number,
  yMm: number,
  rotation = 0,
  side: Placement['side'] = 'top',
) => ({
  place,
  xMm,
  yMm,
  rotation,
  side,
});

describe('footprints', () => {
  // Facts of the parts: JEDEC MS-001 has the rows of a DIP 0.3 inch apart and its pins 0.1 inch; MS-012 the pins of an
  // SO package 1.27 mm apart (from memory).
  it('a DIP-8 counts from the lower left against the clock', () => {
    const { pins } = footprintOf(line('ic-dip', 'U1', type('NE555'), 8));
    expect(pins.map(({ pin, x, y }) => [pin, x, y])).toEqual([
      ['1', -3.81, -3.81],
      ['2', -1.27, -3.81],
      ['3', 1.27, -3.81],
      ['4', 3.81, -3.81],
      ['5', 3.81, 3.81],
      ['6', 1.27, 3.81],
      ['7', -1.27, 3.81],
      ['8', -3.81, 3.81],
    ]);
  });

  it('an SO-14 has 1.27 mm between its pins', () => {
    const { pins, drillMm } = footprintOf(line('ic-so', 'U1', type('74HC14'), 14));
    expect(pins).toHaveLength(14);
    expect((pins[1]?.x ?? 0) - (pins[0]?.x ?? 0)).toBeCloseTo(1.27, 6);
    expect(drillMm).toBeNull();
  });

  it('every family that is soldered has as many pads as joints', () => {
    for (const { id, joints, mount } of families) {
      const part = line(id, 'X1', { kind: 'none' }, 8);
      const expected = mount === 'none' ? 0 : joints(part);
      expect([id, footprintOf(part).pins.length]).toEqual([id, expected]);
    }
  });

  it('leads can be bent to another distance', () => {
    const span = (mm?: number) => {
      const { pins } = footprintOf(line('resistor-axial', 'R1'), mm);
      return (pins[1]?.x ?? 0) - (pins[0]?.x ?? 0);
    };
    expect(span()).toBeCloseTo(10.16, 6);
    expect(span(7.62)).toBeCloseTo(7.62, 6);
  });
});

describe('where a point is', () => {
  const placement = at('Q1', 20, 10, 90);
  // Worked by hand: a quarter turn against the clock takes (1, 0) to (0, 1).
  it('turns against the clock, and is mirrored first on the far side', () => {
    expect(onBoard(placement, { x: 1, y: 0 })).toEqual({ x: 20, y: 11 });
    expect(onBoard({ ...placement, side: 'bottom' }, { x: 1, y: 0 })).toEqual({ x: 20, y: 9 });
  });

  it('seen from below left and right change, up and down do not; the way back is the same', () => {
    const board = { widthMm: 60, heightMm: 40 };
    expect(inView(board, 'top', { x: 10, y: 5 })).toEqual({ x: 10, y: 35 });
    expect(inView(board, 'bottom', { x: 10, y: 5 })).toEqual({ x: 50, y: 35 });
    fc.assert(
      fc.property(
        fc.double({ min: -100, max: 100, noNaN: true }),
        fc.double({ min: -100, max: 100, noNaN: true }),
        fc.constantFrom('top' as const, 'bottom' as const),
        (x, y, side) => {
          const back = fromView(board, side, inView(board, side, { x, y }));
          expect(back.x).toBeCloseTo(x, 9);
          expect(back.y).toBeCloseTo(y, 9);
        },
      ),
    );
  });

  const noParts = new Map();

  it('is told in words: counted from the left of what one sees, and beside its neighbour', () => {
    const board = {
      ...emptyBoard(60, 40, 'printed'),
      placements: [at('R1', 5, 30), at('S1', 30, 8), at('D1', 30, 20), at('C1', 55, 20)],
    };
    expect(allWhereabouts(board, noParts, 'top').get('D1')).toEqual({
      across: 'middle',
      down: 'middle',
      lines: {},
      fromLeft: 2,
      count: 4,
      beside: { place: 'S1', direction: 'above' },
    });
    expect(allWhereabouts(board, noParts, 'top').get('R1')).toMatchObject({
      across: 'left',
      fromLeft: 1,
    });
    expect(allWhereabouts(board, noParts, 'bottom').get('R1')).toMatchObject({
      across: 'right',
      fromLeft: 4,
    });
    expect(allWhereabouts(board, noParts, 'top').get('X9')).toBeUndefined();
  });
});

describe('which way the marks look', () => {
  const can = line('capacitor-electrolytic', 'C1');
  it.each([
    [0, 'top', 'right'],
    [90, 'top', 'top'],
    [180, 'top', 'left'],
    [270, 'top', 'bottom'],
    [0, 'bottom', 'left'],
    [90, 'bottom', 'top'],
  ] as const)('the stripe at %s degrees, seen from the %s, looks to the %s', (turn, side, edge) => {
    const facing = facingsOf(can, at('C1', 0, 0, turn), side);
    expect(facing).toContainEqual({ mark: 'stripe', edge });
  });

  it('a lot with the flat at the other end turns with it', () => {
    const led = line('led-5mm', 'D1');
    const lot = { ...led, lotNote: { text: 'x', turned: ['flat' as const] } };
    expect(facingsOf(led, at('D1', 0, 0), 'top')).toContainEqual({ mark: 'flat', edge: 'right' });
    expect(facingsOf(lot, at('D1', 0, 0), 'top')).toContainEqual({ mark: 'flat', edge: 'left' });
  });
});

describe('hand-wired boards', () => {
  it('name holes by column letters and row numbers', () => {
    expect([1, 26, 27, 52, 53].map(columnLetters)).toEqual(['A', 'Z', 'AA', 'AZ', 'BA']);
    expect(holeName({ column: 3, row: 7 })).toBe('C7');
    const grid = { columns: 20, rows: 10 };
    expect(gridOf(sizeOf(grid))).toEqual(grid);
    // Turned over, the order of the columns reverses.
    expect(seenColumn(grid, 'bottom', { column: 3, row: 7 })).toBe(18);
    const board = sizeOf(grid);
    expect(nearestHole(board, holeAt(board, { column: 5, row: 2 }))).toEqual({
      hole: { column: 5, row: 2 },
      offMm: 0,
    });
  });

  it('strips join along rows, cuts part them, links join rows', () => {
    const size = sizeOf({ columns: 12, rows: 4 });
    const hole = (column: number, row: number) => holeAt(size, { column, row });
    const between = (a: { x: number; y: number }, b: { x: number; y: number }) =>
      [(a.x + b.x) / 2, (a.y + b.y) / 2] as const;
    const place = (name: string, from: [number, number], to: [number, number]) => {
      const [x, y] = between(hole(...from), hole(...to));
      return at(name, x, y);
    };
    const board = {
      ...emptyBoard(size.widthMm, size.heightMm, 'strip'),
      placements: [place('R1', [1, 1], [5, 1]), place('R2', [6, 2], [10, 2])],
      cuts: [{ column: 3, row: 1 }],
      links: [{ from: { column: 5, row: 1 }, to: { column: 6, row: 2 } }],
    };
    const parts = partsByPlace([line('resistor-axial', 'R1 R2')]);
    // The two ends of R2 are on one strip until it is cut; R1 is parted by its cut.
    expect(netsOf(board, parts)).toEqual([['R1.2', 'R2.1', 'R2.2']]);
    const cut = apply(board, { kind: 'cut', hole: { column: 8, row: 2 } });
    expect(netsOf(cut, parts)).toEqual([['R1.2', 'R2.1']]);
    expect(layoutProblems(cut, parts)).toEqual([]);
  });
});

describe('what is wrong with a layout', () => {
  const parts = partsByPlace([
    line('resistor-axial', 'R1 R2'),
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('ic-dip', 'U1', type('NE555'), 8),
    line('screw', '', type('M3')),
  ]);
  const kinds = (...placements: Placement[]) =>
    layoutProblems({ ...emptyBoard(50, 30, 'printed'), placements }, parts).map(
      ({ kind, places }) => `${kind} ${places.join()}`,
    );

  it('is nothing when all parts have their spot, the chip in its socket', () => {
    expect(kinds(at('R1', 10, 25), at('R2', 10, 20), at('X1', 35, 15), at('U1', 35, 15))).toEqual(
      [],
    );
  });

  it('names parts without a spot, over the edge, and on top of one another', () => {
    expect(kinds(at('R1', 10, 25))).toEqual(['not-placed R2,X1,U1']);
    const found = kinds(at('R1', 10, 25), at('R2', 11, 24), at('X1', 60, 15), at('U1', 35, 15));
    expect(found).toContain('bodies-overlap R1,R2');
    expect(found).toContain('outside X1');
  });

  it('bodies beside each other do not overlap, whatever their angle', () => {
    const square = (x: number) => [
      { x, y: 0 },
      { x: x + 1, y: 0 },
      { x: x + 1, y: 1 },
      { x, y: 1 },
    ];
    expect(overlap(square(0), square(1))).toBe(false);
    expect(overlap(square(0), square(0.5))).toBe(true);
  });
});

describe('editing', () => {
  const board = {
    ...emptyBoard(50, 30, 'printed'),
    placements: [at('R1', 10, 10), at('R2', 20, 12)],
  };

  it('moves, turns, turns over and takes away', () => {
    const moved = apply(board, { kind: 'move', places: ['R1'], dx: 2.54, dy: -1 });
    expect(moved.placements[0]).toMatchObject({ xMm: 12.54, yMm: 9 });
    expect(apply(board, { kind: 'rotate', places: ['R1'], by: -90 }).placements[0]?.rotation).toBe(
      270,
    );
    expect(apply(board, { kind: 'flip', places: ['R2'] }).placements[1]?.side).toBe('bottom');
    expect(apply(board, { kind: 'remove', places: ['R1'] }).placements).toHaveLength(1);
    expect(snapped(3.9, 2.54)).toBe(5.08);
    expect(snapped(3.6, 0.5)).toBe(3.5);
  });

  it('everything can be undone and done again', () => {
    const edit = fc.oneof(
      fc.record({
        kind: fc.constant('move' as const),
        places: fc.constant(['R1']),
        dx: fc.integer(),
        dy: fc.integer(),
      }),
      fc.record({
        kind: fc.constant('rotate' as const),
        places: fc.constant(['R2']),
        by: fc.constantFrom(90, -90),
      }),
      fc.record({ kind: fc.constant('flip' as const), places: fc.constant(['R1', 'R2']) }),
      fc.record({ kind: fc.constant('remove' as const), places: fc.constantFrom(['R1'], ['R2']) }),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 20 }), (edits) => {
        let history = begin(board as typeof board | ReturnType<typeof apply>);
        for (const one of edits) history = commit(history, apply(history.now, one));
        const end = history.now;
        let back = history;
        for (let i = 0; i < edits.length; i += 1) back = undo(back);
        expect(back.now).toEqual(board);
        for (let i = 0; i < edits.length; i += 1) back = redo(back);
        expect(back.now).toEqual(end);
      }),
    );
  });
});

describe('another size', () => {
  const corners = ['right-top', 'right-bottom', 'left-top', 'left-bottom'] as const;
  const holes = fc.integer({ min: 8, max: 40 });
  const strip = (columns: number, rows: number) => ({
    ...emptyBoard(sizeOf({ columns, rows }).widthMm, sizeOf({ columns, rows }).heightMm, 'strip'),
    placements: [at('R1', 10.16, 12.7)],
    cuts: [{ column: 3, row: 4 }],
    links: [{ from: { column: 2, row: 2 }, to: { column: 2, row: 5 } }],
  });

  it('leaves everything at its distance from the edges that stay, and cuts where they were among the parts', () => {
    fc.assert(
      fc.property(
        holes,
        holes,
        holes,
        holes,
        fc.constantFrom(...corners),
        (c, r, c2, r2, corner) => {
          const before = strip(c, r);
          const { widthMm, heightMm } = sizeOf({ columns: c2, rows: r2 });
          const after = apply(before, { kind: 'resize', widthMm, heightMm, at: corner });
          const [part, old] = [after.placements[0], before.placements[0]];
          if (!part || !old) throw new Error('the part is gone');
          const fromRight = (board: Board, xMm: number) => board.widthMm - xMm;
          const fromTop = (board: Board, yMm: number) => board.heightMm - yMm;
          if (corner.startsWith('right')) expect(part.xMm).toBeCloseTo(old.xMm, 6);
          else expect(fromRight(after, part.xMm)).toBeCloseTo(fromRight(before, old.xMm), 6);
          if (corner.endsWith('top')) expect(part.yMm).toBeCloseTo(old.yMm, 6);
          else expect(fromTop(after, part.yMm)).toBeCloseTo(fromTop(before, old.yMm), 6);
          const [cut] = after.cuts;
          const [oldCut] = before.cuts;
          if (!cut || !oldCut) return;
          const [spot, oldSpot] = [holeAt(after, cut), holeAt(before, oldCut)];
          expect(spot.x - part.xMm).toBeCloseTo(oldSpot.x - old.xMm, 3);
          expect(spot.y - part.yMm).toBeCloseTo(oldSpot.y - old.yMm, 3);
        },
      ),
    );
  });

  it('loses cuts and links with the holes that they were at', () => {
    const { widthMm, heightMm } = sizeOf({ columns: 10, rows: 3 });
    const after = apply(strip(10, 10), { kind: 'resize', widthMm, heightMm, at: 'right-bottom' });
    expect(after.cuts).toEqual([]);
    expect(after.links).toEqual([]);
    expect(after.placements).toHaveLength(1);
  });
});

describe('placement files', () => {
  it('are read with any headings and units', () => {
    const read = readPlacementList(
      'Ref;PosX;PosY;Rot;Seite\nR1;12,7;5;90;oben\nU1;500mil;0.2in;-90;unten\n',
    );
    expect(read).toMatchObject({
      ok: true,
      value: {
        problems: [],
        placements: [
          { place: 'R1', xMm: 12.7, yMm: 5, rotation: 90, side: 'top' },
          { place: 'U1', xMm: 12.7, yMm: 5.08, rotation: 270, side: 'bottom' },
        ],
      },
    });
    const inches = readPlacementList('Designator,Mid X (in),Mid Y (in)\nR1,1,0.5\n');
    expect(inches.ok && inches.value.placements[0]).toMatchObject({ xMm: 25.4, yMm: 12.7 });
  });

  it('what is wrong is named by its line', () => {
    expect(readPlacementList('Ref,Y\nR1,2\n')).toMatchObject({ ok: false });
    const read = readPlacementList('Ref,X,Y,Rot\nR1,here,2,0\nR2,1,2,east\nR3,1,2,0\nR3,1,2,0\n');
    expect(read.ok && read.value.problems.map(({ line: at }) => at)).toEqual([2, 3, 5]);
  });

  it('written and read again they are the same', () => {
    const length = fc.integer({ min: -99_999, max: 99_999 }).map((units) => units / 1000);
    const placement = fc.record({
      place: fc.stringMatching(/^[A-Z]{1,2}[1-9]\d{0,2}$/),
      xMm: length,
      yMm: length,
      rotation: fc.integer({ min: 0, max: 359 }),
      side: fc.constantFrom('top' as const, 'bottom' as const),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(placement, { selector: ({ place }) => place, minLength: 1 }),
        (all) => {
          const read = readPlacementList(writePlacementList(all));
          expect(read.ok && read.value.placements).toEqual(
            all.map((one) => ({ ...one, xMm: one.xMm + 0, yMm: one.yMm + 0 })),
          );
        },
      ),
      { numRuns: cases(60, 0.5) },
    );
  });
});

describe('pads', () => {
  const parts = partsByPlace([
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('ic-dip', 'U1', type('NE555'), 8),
  ]);
  it('a chip in a socket has no pads of its own; a pad list goes before footprints', () => {
    const board = {
      ...emptyBoard(50, 30, 'printed'),
      placements: [at('X1', 20, 15), at('U1', 20, 15)],
    };
    expect(padsOf(board, parts)).toHaveLength(8);
    const [first] = padsOf(board, parts);
    if (!first) throw new Error('no pad');
    const listed = { ...board, pads: [{ ...first, net: 'GND' }] };
    expect(padsOf(listed, parts)).toHaveLength(1);
  });
});
