import type { Point } from './transform.ts';

/** A rectangle along the edges of the picture, in mm. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

export const boxAround = ({ x, y }: Point, widthMm: number, heightMm: number): Box => ({
  left: x - widthMm / 2,
  right: x + widthMm / 2,
  top: y - heightMm / 2,
  bottom: y + heightMm / 2,
});

/** The box around a rectangle that is turned by some degrees about its middle. */
export function boxOfTurned(
  middle: Point,
  widthMm: number,
  heightMm: number,
  degrees: number,
): Box {
  const angle = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.abs(Math.cos(angle)), Math.abs(Math.sin(angle))];
  return boxAround(middle, widthMm * cos + heightMm * sin, widthMm * sin + heightMm * cos);
}

/** What two boxes have in common, in square millimetres; less than a hundredth counts as nothing. */
export function sharedMm2(a: Box, b: Box): number {
  const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left);
  const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
  return wide <= 0 || high <= 0 || wide * high < 0.01 ? 0 : wide * high;
}
