import type { Board, Placement, Side } from './board.ts';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A point of a part's own drawing (y up) on the board. */
export function onBoard({ xMm, yMm, rotation, side }: Placement, point: Point): Point {
  // A part on the far side is turned over about its upright axis before it is rotated.
  const x = side === 'bottom' ? -point.x : point.x;
  const angle = (rotation * Math.PI) / 180;
  return {
    x: rounded(xMm + x * Math.cos(angle) - point.y * Math.sin(angle)),
    y: rounded(yMm + x * Math.sin(angle) + point.y * Math.cos(angle)),
  };
}

/** A point of the board in a picture of one side: y down, and mirrored where it is seen from below. */
export function inView(
  { widthMm, heightMm }: Pick<Board, 'widthMm' | 'heightMm'>,
  side: Side,
  { x, y }: Point,
): Point {
  return { x: side === 'bottom' ? widthMm - x : x, y: heightMm - y };
}

/** The way back, which is the same: a point of the picture on the board. */
export const fromView = inView;

const rounded = (value: number) => Math.round(value * 1e4) / 1e4;

/** A rotation from 0 to below 360. */
export const turned = (rotation: number, by: number): number =>
  (((rotation + by) % 360) + 360) % 360;
