import type { Board, BoardShape, ClosedLine } from './board.ts';
import { extentOf, isWithin, linePoints, rectangleLine, shapeAt, shapesOf } from './boardShape.ts';

/** One line of a board: its edge, or one of its cut-outs by number. */
export interface LineAt {
  readonly board: number;
  readonly cutOut?: number;
}

/** Every line of so many boards, each edge before its cut-outs. */
export const linesAt = (shapes: readonly BoardShape[]): LineAt[] =>
  shapes.flatMap(({ cutOuts }, board) => [
    { board },
    ...cutOuts.map((_, cutOut) => ({ board, cutOut })),
  ]);

export const lineAt = (shapes: readonly BoardShape[], at: LineAt): ClosedLine | undefined => {
  const shape = shapes[at.board];
  return at.cutOut === undefined ? shape?.edge : shape?.cutOuts[at.cutOut];
};

/** The same boards with another line there. */
export const withLine = (
  shapes: readonly BoardShape[],
  at: LineAt,
  line: ClosedLine,
): readonly BoardShape[] =>
  shapes.map((shape, board) => {
    if (board !== at.board) return shape;
    return at.cutOut === undefined
      ? { ...shape, edge: line }
      : { ...shape, cutOuts: shape.cutOuts.with(at.cutOut, line) };
  });

/** The same boards without that line: without a cut-out, or without a whole board. */
export const withoutLine = (shapes: readonly BoardShape[], at: LineAt): readonly BoardShape[] =>
  at.cutOut === undefined
    ? shapes.filter((_, board) => board !== at.board)
    : shapes.map((shape, board) =>
        board === at.board
          ? { ...shape, cutOuts: shape.cutOuts.filter((_, index) => index !== at.cutOut) }
          : shape,
      );

/** Between two boards of a kit, so that they are seen as two. */
const betweenMm = 6;
/** A small board to begin with. */
const usual = { widthMm: 30, heightMm: 20 };

/** One board more, to the right of those that are there. */
export function withBoard(
  board: Pick<Board, 'widthMm' | 'heightMm' | 'shapes'>,
  nameOf: (number: number) => string,
  edge: ClosedLine = rectangleLine(
    { x: board.widthMm + betweenMm + usual.widthMm / 2, y: usual.heightMm / 2 },
    usual.widthMm,
    usual.heightMm,
  ),
): readonly BoardShape[] {
  const named = shapesOf(board).map((shape, index) =>
    shape.name === '' ? { ...shape, name: nameOf(index + 1) } : shape,
  );
  const taken = new Set(named.map(({ name }) => name));
  let number = named.length + 1;
  while (taken.has(nameOf(number))) number += 1;
  return [...named, { name: nameOf(number), edge, cutOuts: [] }];
}

/** A cut-out more, on the board that it lies on. */
export function withCutOut(shapes: readonly BoardShape[], line: ClosedLine): readonly BoardShape[] {
  const { left, bottom, widthMm, heightMm } = extentOf(line);
  const at = shapeAt(shapes, { x: left + widthMm / 2, y: bottom + heightMm / 2 });
  return shapes.map((shape, index) =>
    index === at ? { ...shape, cutOuts: [...shape.cutOuts, line] } : shape,
  );
}

/** What cannot be sawn so: a cut-out that is not wholly on its board, a line that crosses itself. */
export interface ShapeProblem {
  readonly kind: 'cut-out-beyond' | 'crosses-itself' | 'boards-overlap';
  readonly at: LineAt;
}

export function shapeProblems(shapes: readonly BoardShape[]): ShapeProblem[] {
  return shapes.flatMap(({ edge, cutOuts }, board) => [
    ...(crossesItself(edge) ? [{ kind: 'crosses-itself' as const, at: { board } }] : []),
    ...(shapes.some((other, index) => index < board && touches(other.edge, edge))
      ? [{ kind: 'boards-overlap' as const, at: { board } }]
      : []),
    ...cutOuts.flatMap((line, cutOut): ShapeProblem[] => [
      ...(crossesItself(line) ? [{ kind: 'crosses-itself' as const, at: { board, cutOut } }] : []),
      ...(linePoints(line).every((point) => isWithin(edge, point))
        ? []
        : [{ kind: 'cut-out-beyond' as const, at: { board, cutOut } }]),
    ]),
  ]);
}

/** A board within a frame lies in a hole of it, and does not touch it. */
const touches = (a: ClosedLine, b: ClosedLine): boolean => {
  const [one, other] = [sidesOf(a), sidesOf(b)];
  return one.some((side) => other.some((against) => cross(side, against)));
};

const crossesItself = (line: ClosedLine): boolean => {
  const sides = sidesOf(line);
  return sides.some((side, index) => sides.slice(index + 2).some((other) => cross(side, other)));
};

type Segment = readonly [from: { x: number; y: number }, to: { x: number; y: number }];

const sidesOf = (line: ClosedLine): Segment[] => {
  const points = linePoints(line);
  return points.map((from, index) => [from, points[(index + 1) % points.length] ?? from]);
};

/** Whether two segments cross within both; touching at an end is none. */
function cross([a, b]: Segment, [c, d]: Segment): boolean {
  const side = (p: Segment[0], q: Segment[0], r: Segment[0]) =>
    Math.sign(Math.round(((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x)) * 1e6));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}
