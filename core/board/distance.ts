import type { Point } from './transform.ts';

/** The distance from a point to a convex shape, in mm; 0 inside and on its edge. */
export function distanceToShape(point: Point, shape: readonly Point[]): number {
  let [left, right] = [false, false];
  let nearest = Number.POSITIVE_INFINITY;
  for (const [index, from] of shape.entries()) {
    const to = shape[(index + 1) % shape.length] ?? from;
    const turn = (to.x - from.x) * (point.y - from.y) - (to.y - from.y) * (point.x - from.x);
    if (turn > 0) left = true;
    if (turn < 0) right = true;
    nearest = Math.min(nearest, distanceToSegment(point, from, to));
  }
  return left && right ? nearest : 0;
}

export function distanceToSegment(point: Point, from: Point, to: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const squared = dx * dx + dy * dy;
  const along =
    squared === 0
      ? 0
      : Math.min(1, Math.max(0, ((point.x - from.x) * dx + (point.y - from.y) * dy) / squared));
  return Math.hypot(point.x - from.x - along * dx, point.y - from.y - along * dy);
}
