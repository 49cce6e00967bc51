import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import { emptyBoard } from './board.ts';
import { extentOf, isWithin, linePoints } from './boardShape.ts';
import { type EdgePiece, edgeLayerOf, placedShapes } from './edgeLayer.ts';

const way = (...points: readonly (readonly [number, number])[]): EdgePiece[] =>
  points.map(([x, y], index) => {
    const [toX, toY] = points[(index + 1) % points.length] ?? [x, y];
    return { from: { x, y }, to: { x: toX, y: toY } };
  });
const box = (x: number, y: number, w: number, h: number) =>
  way([x, y], [x + w, y], [x + w, y + h], [x, y + h]);
const circle = (x: number, y: number, r: number): EdgePiece => ({
  from: { x: x + r, y },
  to: { x: x + r, y },
  arc: { middle: { x, y }, turn: 2 * Math.PI },
});

describe('the edges that a layer draws', () => {
  it('are boards, their cut-outs, and what does not close is left out', () => {
    const layer = edgeLayerOf([
      ...box(0, 0, 50, 30),
      circle(5, 5, 1.6),
      ...box(60, 0, 20, 10),
      // An arrow of a dimension.
      { from: { x: 0, y: -5 }, to: { x: 50, y: -5 } },
    ]);
    expect(layer.shapes).toHaveLength(2);
    expect(layer.openLines).toBe(1);
    expect(layer.shapes[0]?.edge).toHaveLength(4);
    const [hole] = layer.shapes[0]?.cutOuts ?? [];
    for (const { x, y } of linePoints(hole ?? []))
      expect(Math.hypot(x - 5, y - 5)).toBeCloseTo(1.6);
    expect(layer.shapes[1]?.cutOuts).toEqual([]);
  });

  it('follow rounded corners exactly, and half circles', () => {
    const quarter = Math.PI / 2;
    const stadium: EdgePiece[] = [
      { from: { x: 5, y: 0 }, to: { x: 25, y: 0 } },
      {
        from: { x: 25, y: 0 },
        to: { x: 25, y: 10 },
        arc: { middle: { x: 25, y: 5 }, turn: Math.PI },
      },
      { from: { x: 25, y: 10 }, to: { x: 5, y: 10 } },
      { from: { x: 0, y: 5 }, to: { x: 5, y: 0 }, arc: { middle: { x: 5, y: 5 }, turn: quarter } },
      {
        from: { x: 0, y: 5 },
        to: { x: 5, y: 10 },
        arc: { middle: { x: 5, y: 5 }, turn: -quarter },
      },
    ];
    const [shape] = edgeLayerOf(stadium).shapes;
    expect(extentOf(shape?.edge ?? [])).toEqual({ left: 0, bottom: 0, widthMm: 30, heightMm: 10 });
    for (const { x, y } of linePoints(shape?.edge ?? [])) {
      const far =
        x < 5 ? Math.hypot(x - 5, y - 5) : x > 25 ? Math.hypot(x - 25, y - 5) : Math.abs(y - 5);
      expect(far).toBeCloseTo(5, 2);
    }
  });

  it('of boards in a frame are boards in its holes', () => {
    const { shapes } = edgeLayerOf([
      ...box(0, 0, 100, 60),
      ...box(5, 5, 40, 50),
      ...box(7, 7, 36, 46),
      ...box(55, 5, 40, 50),
    ]);
    expect(shapes.map(({ cutOuts }) => cutOuts.length)).toEqual([2, 0]);
  });

  it('drawn twice are one, in pieces too', () => {
    const halves = way([0, 0], [10, 0], [20, 0], [20, 15], [0, 15]);
    const { shapes } = edgeLayerOf([...halves, ...box(0, 0, 20, 15)]);
    expect(shapes).toHaveLength(1);
    expect(shapes[0]?.edge).toHaveLength(4);
    expect(shapes[0]?.cutOuts).toEqual([]);
  });

  it('come in any order and direction, with ends that miss one another by a hair', () => {
    const point = fc.tuple(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 3, max: 40 }));
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 3, maxLength: 12 }),
        fc.infiniteStream(fc.nat(1000)),
        (steps, chance) => {
          // A skyline: its line never crosses itself.
          const top: [number, number][] = [];
          let x = 0;
          for (const [wide, high] of steps) {
            top.push([x, high], [x + wide + 1, high]);
            x += wide + 1;
          }
          const outline = way([0, 0], [x, 0], ...top.reverse());
          const draw = () => Number(chance.next().value) / 1000;
          const jitter = ({ x, y }: { x: number; y: number }) => ({
            x: x + 0.01 * draw(),
            y: y + 0.01 * draw(),
          });
          const mixed = outline
            .map(({ from, to }) => {
              const [a, b] = [jitter(from), jitter(to)];
              return { piece: draw() < 0.5 ? { from: a, to: b } : { from: b, to: a }, at: draw() };
            })
            .sort((a, b) => a.at - b.at)
            .map(({ piece }) => piece);
          const { shapes, openLines } = edgeLayerOf(mixed);
          expect(openLines).toBe(0);
          expect(shapes).toHaveLength(1);
          const edge = shapes[0]?.edge ?? [];
          const extent = extentOf(edge);
          expect(Math.abs(extent.widthMm - x)).toBeLessThan(0.05);
          let left = 0;
          for (const [wide, high] of steps) {
            expect(isWithin(edge, { x: left + (wide + 1) / 2, y: high - 0.5 })).toBe(true);
            expect(isWithin(edge, { x: left + (wide + 1) / 2, y: high + 0.5 })).toBe(false);
            left += wide + 1;
          }
        },
      ),
      { numRuns: cases(100) },
    );
  });

  it('are put where the parts lie', () => {
    const spots = [5, 20, 45].map((xMm, index) => ({
      place: `R${index + 1}`,
      xMm,
      yMm: 10,
      rotation: 0,
      side: 'top' as const,
    }));
    const layer = edgeLayerOf(box(100, 50, 50, 30)).shapes;
    const byHand = { ...emptyBoard(50, 30, 'printed'), placements: spots };
    const named = (index: number) => `Board ${index + 1}`;
    expect(extentOf(placedShapes(byHand, layer, named)[0]?.edge ?? [])).toMatchObject({ left: 0 });
    const byFile = {
      ...byHand,
      placements: spots.map((one) => ({ ...one, xMm: one.xMm + 100, yMm: 60 })),
    };
    expect(extentOf(placedShapes(byFile, layer, named)[0]?.edge ?? [])).toMatchObject({
      left: 100,
    });
  });
});
