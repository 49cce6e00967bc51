import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { examplePart } from '../parts/examplePart.ts';
import { familyOf } from '../parts/families/index.ts';
import { cases } from '../testing/cases.ts';
import { type ClosedLine, emptyBoard } from './board.ts';
import {
  distanceToBoard,
  extentOf,
  isWithin,
  linePath,
  linePoints,
  rectangleLine,
  shapeAt,
  shapesOf,
} from './boardShape.ts';
import { apply } from './edit.ts';
import { layoutProblems } from './layout.ts';
import { shapeProblems, withBoard, withCutOut, withLine, withoutLine } from './shapeEdits.ts';
import { padWith } from './testing/pads.ts';
import { allWhereabouts } from './whereabouts.ts';

/** By the shoelace formula (a handbook of mathematics). */
const areaOf = (line: ClosedLine): number => {
  const points = linePoints(line);
  return Math.abs(
    points.reduce((sum, a, index) => {
      const b = points[(index + 1) % points.length] ?? a;
      return sum + (a.x * b.y - b.x * a.y) / 2;
    }, 0),
  );
};

describe('a closed line', () => {
  it('loses at each rounded corner what a square has more than its quarter circle', () => {
    const line = rectangleLine({ x: 0, y: 0 }, 40, 30, 5);
    // 40 · 30 − (4 − π) · 5²
    expect(areaOf(line)).toBeCloseTo(1200 - (4 - Math.PI) * 25, 0);
    expect(extentOf(line)).toEqual({ left: -20, bottom: -15, widthMm: 40, heightMm: 30 });
  });

  it('with half its width as radius is a slot, and with all sides alike a circle', () => {
    const slot = rectangleLine({ x: 10, y: 10 }, 8, 2, 1);
    // A rectangle of 6 by 2 and a circle of 1 mm radius.
    expect(areaOf(slot)).toBeCloseTo(12 + Math.PI, 1);
    const circle = rectangleLine({ x: 10, y: 10 }, 3, 3, 1.5);
    for (const point of linePoints(circle))
      expect(Math.hypot(point.x - 10, point.y - 10)).toBeCloseTo(1.5, 6);
    expect(isWithin(circle, { x: 11, y: 11 })).toBe(true);
    expect(isWithin(circle, { x: 11.2, y: 11.2 })).toBe(false);
  });

  it('rounds no more than there is room for', () => {
    const line = rectangleLine({ x: 0, y: 0 }, 10, 4, 50);
    expect(extentOf(line)).toMatchObject({ widthMm: 10, heightMm: 4 });
    expect(areaOf(line)).toBeCloseTo(6 * 4 + Math.PI * 4, 0);
  });

  it('is drawn with arcs that turn with it, seen with y down', () => {
    const line: ClosedLine = [
      { xMm: 0, yMm: 0 },
      { xMm: 10, yMm: 0, radiusMm: 2 },
      { xMm: 10, yMm: 10 },
    ];
    // Against the clock with y up: still against it in the picture, sweep 0 (SVG 1.1, 8.3.8).
    expect(linePath(line, 10)).toBe('M0 10L8 10A2 2 0 0 0 10 8L10 0Z');
    expect(linePath([...line].reverse(), 10)).toBe('M10 0L10 8A2 2 0 0 1 8 10L0 10Z');
  });

  it('bends inwards as well', () => {
    const notch: ClosedLine = [
      { xMm: 0, yMm: 0 },
      { xMm: 20, yMm: 0 },
      { xMm: 20, yMm: 20 },
      { xMm: 12, yMm: 20 },
      { xMm: 12, yMm: 10, radiusMm: 1 },
      { xMm: 8, yMm: 10, radiusMm: 1 },
      { xMm: 8, yMm: 20 },
      { xMm: 0, yMm: 20 },
    ];
    // The notch of 4 by 10 has two rounded corners: the board keeps what they would have cut.
    expect(areaOf(notch)).toBeCloseTo(400 - 40 + 2 * (1 - Math.PI / 4), 1);
    expect(isWithin(notch, { x: 10, y: 15 })).toBe(false);
    expect(isWithin(notch, { x: 10, y: 9 })).toBe(true);
  });
});

describe('boards of a kit', () => {
  const board = emptyBoard(60, 40, 'printed');
  const name = (number: number) => `Board ${number}`;
  const two = withBoard(board, name);

  it('are one rectangle until somebody says otherwise', () => {
    expect(shapesOf(board)).toHaveLength(1);
    expect(extentOf(shapesOf(board)[0]?.edge ?? [])).toMatchObject({ widthMm: 60, heightMm: 40 });
  });

  it('lie beside one another, and all together are as large as all', () => {
    const both = apply(board, { kind: 'shapes', shapes: two });
    expect(both).toMatchObject({ widthMm: 96, heightMm: 40 });
    expect(both.shapes?.map((shape) => shape.name)).toEqual(['Board 1', 'Board 2']);
    const rectangleAgain = apply(both, { kind: 'shapes', shapes: [] });
    expect(rectangleAgain.shapes).toBeUndefined();
  });

  it('are moved one by one, with all that is on them and nothing else', () => {
    const both = {
      ...apply(board, { kind: 'shapes', shapes: two }),
      placements: [
        { place: 'R1', xMm: 5, yMm: 35, rotation: 0, side: 'top' as const },
        { place: 'LED1', xMm: 92, yMm: 3, rotation: 0, side: 'top' as const },
      ],
      pads: [padWith({ place: 'LED1', pin: '1', xMm: 91, yMm: 3 })],
    };
    const after = apply(both, { kind: 'move-board', board: 1, dx: 10, dy: 30 });
    expect(after).toMatchObject({ widthMm: 106, heightMm: 50 });
    expect(after.placements).toMatchObject([
      { place: 'R1', xMm: 5, yMm: 35 },
      { place: 'LED1', xMm: 102, yMm: 33 },
    ]);
    expect(after.pads).toMatchObject([{ xMm: 101, yMm: 33 }]);
    // To the left of the first, everything counts from the new edge on, and nothing is nearer to its own edge than before.
    const left = apply(both, { kind: 'move-board', board: 1, dx: -100, dy: 0 });
    expect(left).toMatchObject({ widthMm: 94, heightMm: 40 });
    expect(left.placements).toMatchObject([
      { place: 'R1', xMm: 39 },
      { place: 'LED1', xMm: 26 },
    ]);
    expect(apply(both, { kind: 'move-board', board: 7, dx: 1, dy: 1 })).toBe(both);
  });

  it('say where a part is by the board that it is on', () => {
    const placed = {
      ...apply(board, { kind: 'shapes', shapes: two }),
      placements: [
        { place: 'R1', xMm: 5, yMm: 35, rotation: 0, side: 'top' as const },
        { place: 'LED1', xMm: 92, yMm: 3, rotation: 0, side: 'top' as const },
      ],
    };
    const where = allWhereabouts(placed, new Map(), 'top');
    expect(where.get('R1')).toMatchObject({ board: 'Board 1', across: 'left', down: 'top' });
    expect(where.get('LED1')).toMatchObject({ board: 'Board 2', across: 'right', down: 'bottom' });
    expect(where.get('LED1')?.beside).toBeNull();
    // Turned over, left and right of each board change.
    expect(allWhereabouts(placed, new Map(), 'bottom').get('LED1')).toMatchObject({
      across: 'left',
    });
  });

  it('take a cut-out where it lies, and say what cannot be', () => {
    const shapes = withCutOut(two, rectangleLine({ x: 80, y: 10 }, 6, 3, 1.5));
    expect(shapes.map(({ cutOuts }) => cutOuts.length)).toEqual([0, 1]);
    expect(shapeProblems(shapes)).toEqual([]);
    expect(shapeAt(shapes, { x: 80, y: 10 })).toBe(1);
    expect(shapes.map((shape) => distanceToBoard(shape, { x: 80, y: 10 }))[1]).toBeCloseTo(1.5, 6);
    const beyond = withLine(shapes, { board: 1, cutOut: 0 }, rectangleLine({ x: 66, y: 5 }, 6, 3));
    expect(shapeProblems(beyond)).toEqual([
      { kind: 'cut-out-beyond', at: { board: 1, cutOut: 0 } },
    ]);
    expect(withoutLine(beyond, { board: 1, cutOut: 0 })[1]?.cutOuts).toEqual([]);
    expect(withoutLine(beyond, { board: 1 })).toHaveLength(1);
    const bow: ClosedLine = [
      { xMm: 0, yMm: 0 },
      { xMm: 9, yMm: 9 },
      { xMm: 9, yMm: 0 },
      { xMm: 0, yMm: 9 },
    ];
    expect(shapeProblems([{ name: '', edge: bow, cutOuts: [] }])).toEqual([
      { kind: 'crosses-itself', at: { board: 0 } },
    ]);
    const over = withLine(two, { board: 1 }, rectangleLine({ x: 60, y: 20 }, 20, 10));
    expect(shapeProblems(over)).toEqual([{ kind: 'boards-overlap', at: { board: 1 } }]);
  });

  it('keep every part where it is on them, wherever an outline is drawn', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: 8, max: 60 }),
        fc.integer({ min: 8, max: 60 }),
        (x, y, width, height) => {
          const placement = { place: 'R1', xMm: 5, yMm: 6, rotation: 90, side: 'top' as const };
          const edge = rectangleLine({ x, y }, width, height, 2);
          const after = apply(
            { ...board, placements: [placement] },
            { kind: 'shapes', shapes: [{ name: '', edge, cutOuts: [] }] },
          );
          const [shape] = after.shapes ?? [];
          const [moved] = after.placements;
          expect(extentOf(shape?.edge ?? [])).toMatchObject({ left: 0, bottom: 0 });
          expect([after.widthMm, after.heightMm]).toEqual([width, height]);
          const before = distanceToBoard({ name: '', edge, cutOuts: [] }, { x: 5, y: 6 });
          const now = shape && distanceToBoard(shape, { x: moved?.xMm ?? 0, y: moved?.yMm ?? 0 });
          expect(now).toBeCloseTo(before, 3);
        },
      ),
      { numRuns: cases(100) },
    );
  });

  it('miss a part that lies beyond all of them, also between two', () => {
    const part = examplePart(familyOf({ family: 'resistor-axial' }));
    const between = {
      ...apply(board, {
        kind: 'shapes',
        shapes: withLine(two, { board: 1 }, rectangleLine({ x: 110, y: 10 }, 30, 20)),
      }),
      placements: [{ place: 'R1', xMm: 78, yMm: 10, rotation: 90, side: 'top' as const }],
    };
    const problems = layoutProblems(between, new Map([['R1', part]]));
    expect(problems).toContainEqual({ kind: 'outside', places: ['R1'] });
  });
});
