import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import { levelRest, restingBoard, type Top } from './rest.ts';

const board = { widthMm: 80, heightMm: 60 };
const top = (x: number, y: number, heightMm: number): Top => ({ x, y, heightMm });
const middle = { x: 40, y: 30 };

describe('how a board rests upside down', () => {
  it('flat on the mat with nothing on it', () => {
    expect(restingBoard(board, [])({ x: 12, y: 34 })).toBeCloseTo(0, 6);
  });

  it('level on three tops of one height around its middle', () => {
    const rest = restingBoard(board, [top(10, 10, 8), top(70, 10, 8), top(40, 50, 8)]);
    for (const at of [middle, { x: 0, y: 0 }, { x: 80, y: 60 }]) expect(rest(at)).toBeCloseTo(8, 6);
  });

  // A lever: one edge lifted by h, the other on the mat, the middle at half of it.
  it('tilted over a single top at the middle of one edge', () => {
    const rest = restingBoard(board, [top(0, 30, 12)]);
    expect(rest({ x: 0, y: 30 })).toBeCloseTo(12, 6);
    expect(rest({ x: 80, y: 30 })).toBeCloseTo(0, 6);
    expect(rest(middle)).toBeCloseTo(6, 1);
  });

  it('lower parts on the near side of a tilt drop less than those beside the tall one', () => {
    const rest = restingBoard(board, [top(5, 30, 12), top(75, 30, 3)]);
    expect(rest({ x: 75, y: 30 })).toBeLessThan(rest({ x: 20, y: 30 }));
  });

  it('level on the tallest where nothing has a position', () => {
    expect(levelRest([2, 11, 5])({ x: 1, y: 1 })).toBe(11);
    expect(levelRest([])({ x: 1, y: 1 })).toBe(0);
  });

  const anyTops = fc.array(
    fc.record({
      x: fc.integer({ min: 0, max: 80 }),
      y: fc.integer({ min: 0, max: 60 }),
      heightMm: fc.integer({ min: 1, max: 25 }),
    }),
    { maxLength: 7 },
  );
  const corners = [top(0, 0, 0), top(80, 0, 0), top(80, 60, 0), top(0, 60, 0)];

  it('no top goes through the mat', () => {
    fc.assert(
      fc.property(anyTops, (tops) => {
        const rest = restingBoard(board, tops);
        for (const one of [...tops, ...corners]) {
          expect(rest(one)).toBeGreaterThanOrEqual(one.heightMm - 1e-6);
        }
      }),
      { numRuns: cases(500) },
    );
  });

  it('its middle lies as low as any three tops allow (all triples tried)', () => {
    fc.assert(
      fc.property(anyTops, (tops) => {
        const all = [...corners, ...tops];
        const at = { x: 80 * 0.5003, y: 60 * 0.4996 };
        expect(restingBoard(board, tops)(at)).toBeCloseTo(lowestByTrying(all, at), 6);
      }),
      { numRuns: cases(200, 0.25) },
    );
  });

  /** The highest that three tops around a point carry it: it cannot lie lower than on any of them. */
  function lowestByTrying(all: readonly Top[], at: { x: number; y: number }): number {
    let highest = 0;
    for (const a of all) {
      for (const b of all) {
        for (const c of all) {
          const area = (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
          if (area === 0) continue;
          const onB = ((at.x - a.x) * (c.y - a.y) - (c.x - a.x) * (at.y - a.y)) / area;
          const onC = ((b.x - a.x) * (at.y - a.y) - (at.x - a.x) * (b.y - a.y)) / area;
          const onA = 1 - onB - onC;
          if (Math.min(onA, onB, onC) < 0) continue;
          highest = Math.max(highest, onA * a.heightMm + onB * b.heightMm + onC * c.heightMm);
        }
      }
    }
    return highest;
  }
});
