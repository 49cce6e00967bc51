import type { Point } from './transform.ts';

/** What of a picture is shown, in mm. */
export interface View {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * A view around some spots of a picture, with room on every side.
 *
 * @param room mm left and right, mm above and below, and the least width and height that are shown
 */
export function viewAround(
  spots: readonly Point[],
  room: {
    readonly besideMm: number;
    readonly aboveMm: number;
    readonly leastWidthMm: number;
    readonly leastHeightMm: number;
  },
): View {
  const [xs, ys] = [spots.map(({ x }) => x), spots.map(({ y }) => y)];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const width = Math.max(room.leastWidthMm, right - left + 2 * room.besideMm);
  const height = Math.max(room.leastHeightMm, bottom - top + 2 * room.aboveMm);
  return { x: (left + right - width) / 2, y: (top + bottom - height) / 2, width, height };
}
