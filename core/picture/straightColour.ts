import { type Corners, homographyOf, mapped, wholeOf } from './homography.ts';

/** A picture in colours: four bytes a dot, as a canvas has them. */
export interface Colours {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/**
 * What lies between four corners of a photo, seen from straight above, in colours.
 *
 * @param size of the outcome, in dots
 * @param brightness 1 leaves it as it is, 2 makes it twice as bright
 */
export function straightColour(
  { width, height, data }: Colours,
  corners: Corners,
  size: { readonly width: number; readonly height: number },
  brightness = 1,
): Colours {
  const back = homographyOf(wholeOf(size), corners);
  const out = new Uint8ClampedArray(4 * size.width * size.height);
  for (let y = 0; y < size.height; y += 1) {
    for (let x = 0; x < size.width; x += 1) {
      const from = mapped(back, { x, y });
      const left = Math.min(Math.max(0, Math.floor(from.x)), width - 1);
      const top = Math.min(Math.max(0, Math.floor(from.y)), height - 1);
      const right = Math.min(left + 1, width - 1);
      const below = Math.min(top + 1, height - 1);
      const across = Math.min(Math.max(0, from.x - left), 1);
      const down = Math.min(Math.max(0, from.y - top), 1);
      const at = 4 * (y * size.width + x);
      for (let channel = 0; channel < 3; channel += 1) {
        const shade = (column: number, row: number) =>
          data[4 * (row * width + column) + channel] ?? 0;
        const upper = shade(left, top) * (1 - across) + shade(right, top) * across;
        const lower = shade(left, below) * (1 - across) + shade(right, below) * across;
        out[at + channel] = brightness * (upper * (1 - down) + lower * down);
      }
      out[at + 3] = 255;
    }
  }
  return { ...size, data: out };
}
