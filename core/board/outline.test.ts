import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line, ohm } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import type { Pad } from './board.ts';
import { cornersOf } from './layout.ts';
import { type BoardRect, copperOutlines, rectOutline } from './outline.ts';
import { ringOf } from './ring.ts';
import { padWith } from './testing/pads.ts';
import { inView } from './transform.ts';

const boardHeightMm = 60;

/** End points of every M, L and A command, as SVG 1.1 (8.3) has them: those of an arc are its last two numbers. */
const pointsOf = (path: string) =>
  [...path.matchAll(/[MLA]([^MLAZ]*)/g)].map(([, numbers = '']) => {
    const [x = Number.NaN, y = Number.NaN] = numbers.trim().split(/\s+/).map(Number).slice(-2);
    return { x, y };
  });

/** Shoelace formula (handbook): positive where the points turn to the right, with y down. */
const areaOf = (points: readonly { x: number; y: number }[]) =>
  points.reduce((sum, { x, y }, index) => {
    const next = points[(index + 1) % points.length] ?? { x, y };
    return sum + (x * next.y - next.x * y) / 2;
  }, 0);

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const rects: fc.Arbitrary<BoardRect> = fc.record({
  xMm: mm(0, 100),
  yMm: mm(0, 60),
  widthMm: mm(0.5, 20),
  heightMm: mm(0.5, 20),
  rotation: mm(-360, 360),
  radiusMm: fc.constant(0),
});

const pad = (more: Partial<Pad>): Pad => padWith({ xMm: 10, yMm: 20, ...more });

describe('outlines of a board as path data', () => {
  it('keep the area of a rectangle, whichever way it is turned', () => {
    fc.assert(
      fc.property(rects, (rect) => {
        const area = areaOf(pointsOf(rectOutline(rect, boardHeightMm)));
        // To a micrometre of its edges; all turn the same way, so that one lying over another leaves no hole.
        expect(area).toBeGreaterThan(0);
        expect(area).toBeCloseTo(rect.widthMm * rect.heightMm, 1);
      }),
      { numRuns: cases(500) },
    );
  });

  it('go through the corners that the layout knows, seen with y down', () => {
    const resistor = line('resistor-axial', 'R1', ohm(470));
    for (const rotation of [0, 30, 90, 135, 180, 270]) {
      const placement = { place: 'R1', xMm: 40, yMm: 25, rotation, side: 'top' as const };
      const corners = cornersOf(placement, resistor).map((corner) =>
        inView({ widthMm: 100, heightMm: boardHeightMm }, 'top', corner),
      );
      const ring = ringOf(placement, resistor);
      const outline = pointsOf(rectOutline(ring, boardHeightMm));
      // The ring runs half a millimetre outside of what is longer than its least width.
      for (const { x, y } of corners) {
        const nearest = Math.min(...outline.map((at) => Math.hypot(at.x - x, at.y - y)));
        expect(nearest, `turned by ${rotation}`).toBeLessThan(1.1);
      }
    }
  });

  it('a round pad and its hole are circles about their middle', () => {
    const { copper, holes } = copperOutlines([pad({ rotation: 30 })], boardHeightMm);
    const distances = (path: string) =>
      pointsOf(path).map(({ x, y }) => Math.hypot(x - 10, y - (boardHeightMm - 20)));
    for (const distance of distances(copper.both)) expect(distance).toBeCloseTo(0.95, 2);
    for (const distance of distances(holes)) expect(distance).toBeCloseTo(0.4, 2);
    expect(copper.both).toContain('A0.95 0.95');
  });

  it('copper lies in the layer of its side; a hole without plating has none', () => {
    const { copper, holes } = copperOutlines(
      [
        pad({ side: 'top', drillMm: null, plated: false }),
        pad({ side: 'bottom', drillMm: null, plated: false }),
        pad({ side: 'both', plated: false, drillMm: 3.2 }),
      ],
      boardHeightMm,
    );
    const outlinesIn = (path: string) => path.split('Z').length - 1;
    expect([copper.top, copper.bottom, copper.both, holes].map(outlinesIn)).toEqual([1, 1, 0, 1]);
  });
});

describe('rings', () => {
  it('a ring can be touched however small its part is', () => {
    const chip = line('resistor-chip', 'R1', ohm(470));
    const ring = ringOf({ place: 'R1', xMm: 0, yMm: 0, rotation: 0, side: 'top' }, chip);
    expect(ring.widthMm).toBeGreaterThanOrEqual(4);
    expect(ring.heightMm).toBeGreaterThanOrEqual(4);
  });
});
