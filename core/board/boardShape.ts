import type { Board, BoardShape, ClosedLine, LineCorner } from './board.ts';
import { distanceToSegment } from './distance.ts';
import type { Point } from './transform.ts';

export const mostShapes = 8;
export const mostCutOuts = 60;
export const mostCorners = 400;

/** Corners of a rectangle that is drawn for a board of which nobody said more. */
const usualRadiusMm = 1;

/** A rectangle by its middle and size; with half its width as radius a slot, with all sides alike a circle. */
export function rectangleLine(
  { x, y }: Point,
  widthMm: number,
  heightMm: number,
  radiusMm = 0,
): ClosedLine {
  const [w, h] = [widthMm / 2, heightMm / 2];
  const corners: readonly (readonly [number, number])[] = [
    [-w, -h],
    [w, -h],
    [w, h],
    [-w, h],
  ];
  return corners.map(([dx, dy]) => ({
    xMm: micron(x + dx),
    yMm: micron(y + dy),
    ...(radiusMm > 0 ? { radiusMm } : {}),
  }));
}

/** The shapes of a board: as they were drawn, or the rectangle that it is. */
export const shapesOf = ({
  widthMm,
  heightMm,
  shapes,
}: Pick<Board, 'widthMm' | 'heightMm' | 'shapes'>): readonly BoardShape[] =>
  shapes ?? [
    {
      name: '',
      edge: rectangleLine({ x: widthMm / 2, y: heightMm / 2 }, widthMm, heightMm, usualRadiusMm),
      cutOuts: [],
    },
  ];

/** One bend of a line: where the arc begins and ends, how large it is, and whether it turns left. */
interface Bend {
  readonly from: Point;
  readonly to: Point;
  readonly middle: Point;
  readonly radius: number;
  readonly isLeft: boolean;
}

/** Of every corner the bend that takes its place; a sharp one begins where it ends, and so does one without room. */
function bendsOf(line: ClosedLine): Bend[] {
  return line.map((corner, index) => {
    const at = { x: corner.xMm, y: corner.yMm };
    const before = line[(index + line.length - 1) % line.length] ?? corner;
    const after = line[(index + 1) % line.length] ?? corner;
    const back = unit(before.xMm - at.x, before.yMm - at.y);
    const on = unit(after.xMm - at.x, after.yMm - at.y);
    const cos = back.x * on.x + back.y * on.y;
    const sharp = { from: at, to: at, middle: at, radius: 0, isLeft: false };
    const wanted = corner.radiusMm ?? 0;
    // Straight on, or straight back: nothing to round.
    if (wanted <= 0 || Math.abs(cos) > 1 - 1e-9) return sharp;
    const tan = Math.sqrt((1 - cos) / (1 + cos));
    // Two bends share a side: each gets what its radius is of both.
    const room = (other: LineCorner, length: number) =>
      (length * wanted) / (wanted + (other.radiusMm ?? 0));
    const reach = Math.min(wanted / tan, room(before, back.length), room(after, on.length));
    const radius = reach * tan;
    const from = { x: at.x + back.x * reach, y: at.y + back.y * reach };
    const to = { x: at.x + on.x * reach, y: at.y + on.y * reach };
    const isLeft = back.x * on.y - back.y * on.x < 0;
    const far = radius / Math.sqrt((1 - cos) / 2);
    const inward = unit(back.x + on.x, back.y + on.y);
    const middle = { x: at.x + inward.x * far, y: at.y + inward.y * far };
    return { from, to, middle, radius, isLeft };
  });
}

/** A closed line as path data (SVG 1.1, 8.3), y down from the upper edge of the board. */
export function linePath(line: ClosedLine, boardHeightMm: number): string {
  const at = ({ x, y }: Point) => `${micron(x)} ${micron(boardHeightMm - y)}`;
  const bends = bendsOf(line);
  const [first] = bends;
  if (!first) return '';
  const drawn = bends.map(({ from, to, radius, isLeft }, index) => {
    const start = index === 0 ? '' : `L${at(from)}`;
    // With y down, left becomes right.
    return radius > 0
      ? `${start}A${micron(radius)} ${micron(radius)} 0 0 ${isLeft ? 0 : 1} ${at(to)}`
      : start;
  });
  return `M${at(first.from)}${drawn.join('')}Z`;
}

/** A shape with what is cut out of it, to be filled by the even-odd rule. */
export const shapePath = ({ edge, cutOuts }: BoardShape, boardHeightMm: number): string =>
  [edge, ...cutOuts].map((line) => linePath(line, boardHeightMm)).join('');

/** An arc as so many straight pieces is off by three thousandths of its radius at most. */
const piecesOfBend = 12;

/** A closed line as straight pieces, arcs included. */
export function linePoints(line: ClosedLine): Point[] {
  return bendsOf(line).flatMap(({ from, to, middle, radius }) => {
    if (radius === 0) return [from];
    const start = Math.atan2(from.y - middle.y, from.x - middle.x);
    const end = Math.atan2(to.y - middle.y, to.x - middle.x);
    const whole = 2 * Math.PI;
    const turn = ((((end - start) % whole) + 3 * Math.PI) % whole) - Math.PI;
    return Array.from({ length: piecesOfBend + 1 }, (_, index) => {
      const angle = start + (turn * index) / piecesOfBend;
      return { x: middle.x + radius * Math.cos(angle), y: middle.y + radius * Math.sin(angle) };
    });
  });
}

/** Whether a point lies within a closed line (crossings of a ray, even-odd). */
export function isWithin(line: ClosedLine, { x, y }: Point): boolean {
  const points = linePoints(line);
  return points.reduce((inside, a, index) => {
    const b = points[(index + 1) % points.length] ?? a;
    const crosses = a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x;
    return crosses ? !inside : inside;
  }, false);
}

/** How far a point is from the line itself, in mm. */
function distanceToLine(line: ClosedLine, point: Point): number {
  const points = linePoints(line);
  return Math.min(
    ...points.map((from, index) =>
      distanceToSegment(point, from, points[(index + 1) % points.length] ?? from),
    ),
  );
}

/** How far a point is from a shape, in mm; 0 on it. In a cut-out it is as far as to its edge. */
export function distanceToBoard({ edge, cutOuts }: BoardShape, point: Point): number {
  if (!isWithin(edge, point)) return distanceToLine(edge, point);
  const hole = cutOuts.find((cutOut) => isWithin(cutOut, point));
  return hole ? distanceToLine(hole, point) : 0;
}

/** Which of the shapes a point belongs to: the one that it is on, or the nearest. */
export function shapeAt(shapes: readonly BoardShape[], point: Point): number {
  const far = shapes.map(({ edge }) => (isWithin(edge, point) ? -1 : distanceToLine(edge, point)));
  return far.indexOf(Math.min(...far));
}

/** The rectangle that holds a closed line, in mm. */
export function extentOf(line: ClosedLine): {
  readonly left: number;
  readonly bottom: number;
  readonly widthMm: number;
  readonly heightMm: number;
} {
  const points = linePoints(line);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [left, bottom] = [Math.min(...xs), Math.min(...ys)];
  return {
    left: micron(left),
    bottom: micron(bottom),
    widthMm: micron(Math.max(...xs) - left),
    heightMm: micron(Math.max(...ys) - bottom),
  };
}

/** A line elsewhere. */
export const movedLine = (line: ClosedLine, dx: number, dy: number): ClosedLine =>
  line.map((corner) => ({ ...corner, xMm: micron(corner.xMm + dx), yMm: micron(corner.yMm + dy) }));

export const movedShape = (shape: BoardShape, dx: number, dy: number): BoardShape => ({
  ...shape,
  edge: movedLine(shape.edge, dx, dy),
  cutOuts: shape.cutOuts.map((line) => movedLine(line, dx, dy)),
});

const unit = (x: number, y: number) => {
  const length = Math.hypot(x, y);
  return length === 0 ? { x: 0, y: 0, length } : { x: x / length, y: y / length, length };
};
/** To a micrometre, and never −0. */
const micron = (mm: number): number => Math.round(mm * 1e3) / 1e3 + 0;
