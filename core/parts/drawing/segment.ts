interface Point {
  readonly x: number;
  readonly y: number;
}

/**
 * What a straight cut leaves of a circle, as a path: the piece cut off, or the rest of it.
 *
 * @param middle of the circle, in mm; y runs down
 * @param cut where the cut meets the circle of radius 1, to the right of its middle
 * @param end 1 for a cut at the right, −1 at the left
 */
export function segment(
  { x, y }: Point,
  r: number,
  cut: Point,
  end: 1 | -1,
  piece: 'inside' | 'outside',
): string {
  const at = x + end * cut.x * r;
  const small = piece === 'inside';
  const clockwise = small === end > 0 ? 1 : 0;
  return `M${at} ${y - cut.y * r}A${r} ${r} 0 ${small ? 0 : 1} ${clockwise} ${at} ${y + cut.y * r}Z`;
}
