import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawnMark } from './drawnMark.ts';
import { markOf, markSorts } from './pictures.ts';

const size = { widthPx: 1600, heightPx: 1200 };
const share = fc.double({ min: -0.5, max: 1.5, noNaN: true });
const point = fc.record({ x: share, y: share });
const sort = fc.constantFrom(...markSorts);

describe('a mark on a picture', () => {
  it('stays on the picture, wherever the stroke goes', () => {
    fc.assert(
      fc.property(sort, point, point, (kind, from, to) => {
        const mark = markOf(kind, from, to, size);
        if (!mark) return;
        for (const { x, y } of [mark.from, mark.to]) {
          expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
          expect(Math.max(x, y)).toBeLessThanOrEqual(1);
        }
        expect(drawnMark(mark, size).path).not.toMatch(/NaN|Infinity/);
      }),
    );
  });

  it('is none where the finger slipped', () => {
    expect(markOf('arrow', { x: 0.5, y: 0.5 }, { x: 0.505, y: 0.505 }, size)).toBeUndefined();
  });

  it('is a ring around the place where the stroke began, through the place where it ended', () => {
    const ring = markOf('ring', { x: 0.5, y: 0.5 }, { x: 0.6, y: 0.5 }, size);
    expect(ring).toMatchObject({ to: { x: 0.5, y: 0.5 }, from: { x: 0.6, y: 0.5 } });
    // From 800 - 160 dots on the left, with a radius of 160.
    expect(ring && drawnMark(ring, size).path).toMatch(/^M640 600a160 160 /);
  });

  it('is an arrow whose tip is where the stroke ended', () => {
    const arrow = markOf('arrow', { x: 0.1, y: 0.5 }, { x: 0.5, y: 0.5 }, size);
    expect(arrow && drawnMark(arrow, size).path).toMatch(
      // A curve that begins and ends where the stroke did, and the two wings that meet at its end.
      /^M160 600Q[\d.]+ [\d.]+ 800 600M[\d.]+ [\d.]+L800 600L/,
    );
  });
});
