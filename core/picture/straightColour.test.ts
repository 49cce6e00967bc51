import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fourCorners, homographyOf, mapped, wholeOf } from './homography.ts';
import { type Colours, straightColour } from './straightColour.ts';

/** A photo that is red at the left, green at the right, and whose blue grows downwards. */
const photo: Colours = (() => {
  const [width, height] = [80, 60];
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      data.set([x < width / 2 ? 200 : 0, x < width / 2 ? 0 : 200, 4 * y, 255], 4 * (y * width + x));
    }
  }
  return { width, height, data };
})();
const dot = ({ width, data }: Colours, x: number, y: number) => [
  ...data.slice(4 * (y * width + x), 4 * (y * width + x) + 3),
];

describe('a photo of a board, straightened', () => {
  it('whole and of its own size stays as it is', () => {
    const same = straightColour(photo, wholeOf(photo), photo);
    expect([...same.data]).toEqual([...photo.data]);
  });

  it('brings the corners that were clicked to the corners of the board', () => {
    const corners = fourCorners([
      { x: 10, y: 6 },
      { x: 72, y: 10 },
      { x: 66, y: 52 },
      { x: 14, y: 48 },
    ]);
    const straight = straightColour(photo, corners, { width: 62, height: 40 });
    for (const [[x, y], { x: u, y: v }] of [
      [[0, 0], corners[0]],
      [[61, 0], corners[1]],
      [[61, 39], corners[2]],
      [[0, 39], corners[3]],
    ] as const) {
      const [, , blue = 0] = dot(straight, x, y);
      expect(Math.abs(blue - 4 * v)).toBeLessThanOrEqual(1);
      expect(dot(straight, x, y)[0]).toBe(u < 40 ? 200 : 0);
    }
  });

  it('is as bright as it is asked to be, and no brighter than white', () => {
    const bright = straightColour(photo, wholeOf(photo), photo, 1.5);
    expect(dot(bright, 5, 10)).toEqual([255, 0, 60]);
    expect(dot(straightColour(photo, wholeOf(photo), photo, 0.5), 5, 10)).toEqual([100, 0, 20]);
  });

  // What a homography is: the way there and back is the same for any four corners in turn.
  it('goes there and back for any corners', () => {
    const jitter = fc.integer({ min: -10, max: 10 });
    const spot = fc.tuple(jitter, jitter);
    fc.assert(
      fc.property(spot, spot, spot, spot, (a, b, c, d) => {
        const corners = fourCorners(
          (
            [
              [20, 20, a],
              [200, 20, b],
              [200, 140, c],
              [20, 140, d],
            ] as const
          ).map(([x, y, [dx, dy]]) => ({ x: x + dx, y: y + dy })),
        );
        const whole = wholeOf({ width: 100, height: 70 });
        const there = homographyOf(corners, whole);
        const back = homographyOf(whole, corners);
        const { x, y } = mapped(there, mapped(back, { x: 31, y: 17 }));
        expect(x).toBeCloseTo(31, 6);
        expect(y).toBeCloseTo(17, 6);
      }),
    );
  });
});
