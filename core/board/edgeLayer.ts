import type { Board, BoardShape, ClosedLine, LineCorner } from './board.ts';
import {
  distanceToBoard,
  extentOf,
  isWithin,
  linePoints,
  mostCorners,
  mostCutOuts,
  mostShapes,
  movedShape,
  shapeAt,
} from './boardShape.ts';
import type { Point } from './transform.ts';

/** A piece of a drawn edge in mm, y up; an arc has its middle, and turns left by so many radians (right where below 0). */
export interface EdgePiece {
  readonly from: Point;
  readonly to: Point;
  readonly arc?: { readonly middle: Point; readonly turn: number };
}

/** What an edge layer says. */
export interface EdgeLayer {
  readonly shapes: readonly BoardShape[];
  /** Lines that end somewhere, such as dimensions and frames of texts: left out. */
  readonly openLines: number;
  /** More was drawn than a board can have. */
  readonly isCut: boolean;
}

/** Programs round to a hundredth; two ends so near are one corner. */
const gapMm = 0.05;
/** Anything smaller is no board and no slot. */
const leastMm = 0.3;
/** An arc as a corner with a radius turns by less than half a circle. */
const mostTurn = (2 * Math.PI) / 3;

/**
 * The boards whose edges are drawn: a closed line that lies in none is the edge of a board, one that lies in it a
 * cut-out, and one in that a board again (in a frame of several).
 *
 * @param pieces in any order and direction
 */
export function edgeLayerOf(pieces: readonly EdgePiece[]): EdgeLayer {
  const { lines, openLines } = closedLines(pieces);
  const whole = lines.filter((line) => {
    const { widthMm, heightMm } = extentOf(line);
    return widthMm >= leastMm && heightMm >= leastMm;
  });
  const sized = withoutDoubles(whole).filter((line) => line.length <= mostCorners);
  const extents = sized.map(extentOf);
  const holders = sized.map((line, index) => {
    const [point] = linePoints(line);
    const own = extents[index];
    return sized.filter((other, at) => {
      const extent = extents[at];
      if (other === line || !point || !own || !extent || !holds(extent, own)) return false;
      return isWithin(other, point);
    });
  });
  const isEdge = (index: number) => (holders[index]?.length ?? 0) % 2 === 0;
  const edges = sized.filter((_, index) => isEdge(index));
  const shapes = edges
    .map((edge) => ({
      edge,
      depth: holders[sized.indexOf(edge)]?.length ?? 0,
    }))
    .map(({ edge, depth }) => ({
      name: '',
      edge,
      cutOuts: sized
        .filter((_, at) => holders[at]?.length === depth + 1 && holders[at]?.includes(edge))
        .slice(0, mostCutOuts),
    }))
    // The largest is the main board.
    .sort((a, b) => areaOf(b.edge) - areaOf(a.edge));
  return {
    shapes: shapes.slice(0, mostShapes),
    openLines,
    isCut:
      shapes.length > mostShapes ||
      sized.length < whole.length ||
      shapes.some(({ cutOuts }) => cutOuts.length === mostCutOuts),
  };
}

/** Whether one rectangle lies within another. */
const holds = (outer: Extent, inner: Extent): boolean =>
  outer.left <= inner.left &&
  outer.bottom <= inner.bottom &&
  outer.left + outer.widthMm >= inner.left + inner.widthMm &&
  outer.bottom + outer.heightMm >= inner.bottom + inner.heightMm;
type Extent = ReturnType<typeof extentOf>;

const areaOf = (line: ClosedLine): number => {
  const { widthMm, heightMm } = extentOf(line);
  return widthMm * heightMm;
};

/** Some programs draw an edge twice, with two pens. */
function withoutDoubles(lines: readonly ClosedLine[]): ClosedLine[] {
  const seen = new Set<string>();
  return lines.filter((line) => {
    const { left, bottom, widthMm, heightMm } = extentOf(line);
    const key = [left, bottom, widthMm, heightMm].map((mm) => Math.round(mm / gapMm)).join(' ');
    return seen.has(key) ? false : Boolean(seen.add(key));
  });
}

function closedLines(pieces: readonly EdgePiece[]): {
  readonly lines: readonly ClosedLine[];
  readonly openLines: number;
} {
  const left = new Set(pieces.filter(({ from, to, arc }) => arc || far(from, to) > 1e-6));
  const lines: ClosedLine[] = [];
  let openLines = 0;
  for (const first of left) {
    left.delete(first);
    const chain = [first];
    let end = first.to;
    while (chain.length === 0 || far(end, first.from) > gapMm) {
      const next = nextTo(end, left);
      if (!next) break;
      left.delete(next.piece);
      chain.push(next.way);
      end = next.way.to;
    }
    if (far(end, first.from) <= gapMm) lines.push(straightened(chain.flatMap(cornersOf)));
    else openLines += 1;
  }
  return { lines, openLines };
}

function nextTo(
  end: Point,
  pieces: ReadonlySet<EdgePiece>,
): { readonly piece: EdgePiece; readonly way: EdgePiece } | undefined {
  let best: { readonly piece: EdgePiece; readonly way: EdgePiece } | undefined;
  let least = gapMm;
  for (const piece of pieces) {
    for (const way of [piece, turnedRound(piece)]) {
      const gap = far(way.from, end);
      if (gap > least) continue;
      least = gap;
      best = { piece, way };
    }
  }
  return best;
}

const turnedRound = ({ from, to, arc }: EdgePiece): EdgePiece => ({
  from: to,
  to: from,
  ...(arc ? { arc: { middle: arc.middle, turn: -arc.turn } } : {}),
});

/** A piece as corners, without its end: an arc is a corner with a radius between two sharp ones. */
function cornersOf({ from, arc }: EdgePiece): LineCorner[] {
  if (!arc) return [{ xMm: from.x, yMm: from.y }];
  const { middle, turn } = arc;
  const radiusMm = far(from, middle);
  const start = Math.atan2(from.y - middle.y, from.x - middle.x);
  const count = Math.max(1, Math.ceil(Math.abs(turn) / mostTurn));
  const each = turn / count;
  const tip = radiusMm / Math.cos(each / 2);
  const at = (angle: number, reach: number) => ({
    xMm: middle.x + reach * Math.cos(angle),
    yMm: middle.y + reach * Math.sin(angle),
  });
  return Array.from({ length: count }, (_, index) => index).flatMap((index) => [
    at(start + index * each, radiusMm),
    { ...at(start + (index + 0.5) * each, tip), radiusMm },
  ]);
}

/** Without sharp corners that lie on the straight way between their neighbours, and written to a micrometre. */
function straightened(line: readonly LineCorner[]): ClosedLine {
  return line
    .filter((corner, index) => {
      if (corner.radiusMm !== undefined) return true;
      const before = line[(index + line.length - 1) % line.length] ?? corner;
      const after = line[(index + 1) % line.length] ?? corner;
      // Between two arcs it says where one ends and the other begins.
      if (before.radiusMm !== undefined && after.radiusMm !== undefined) return true;
      const [ax, ay] = [corner.xMm - before.xMm, corner.yMm - before.yMm];
      const [bx, by] = [after.xMm - corner.xMm, after.yMm - corner.yMm];
      const [a, b] = [Math.hypot(ax, ay), Math.hypot(bx, by)];
      if (a < 1e-6) return false;
      return Math.abs(ax * by - ay * bx) > 1e-3 * a * b || ax * bx + ay * by < 0;
    })
    .map(({ xMm, yMm, radiusMm }) => ({
      xMm: micron(xMm),
      yMm: micron(yMm),
      ...(radiusMm === undefined ? {} : { radiusMm: micron(radiusMm) }),
    }));
}

/**
 * Shapes of a file where they belong on a board: by the origin that its files share, or, where more parts lie on them
 * so, with their lower left corner at that of the board.
 *
 * @param names what the boards are called where there are several, in turn
 */
export function placedShapes(
  board: Board,
  shapes: readonly BoardShape[],
  names: (index: number) => string,
): readonly BoardShape[] {
  const named =
    shapes.length < 2 ? shapes : shapes.map((shape, index) => ({ ...shape, name: names(index) }));
  const extents = named.map(({ edge }) => extentOf(edge));
  const origin = board.origin ?? { xMm: 0, yMm: 0 };
  const moves = [
    [origin.xMm, origin.yMm],
    [
      -Math.min(...extents.map(({ left }) => left)),
      -Math.min(...extents.map(({ bottom }) => bottom)),
    ],
  ] as const;
  const ways = moves.map(([dx, dy]) => named.map((shape) => movedShape(shape, dx, dy)));
  const spots = [...board.placements, ...board.pads].map(({ xMm, yMm }) => ({ x: xMm, y: yMm }));
  const onIt = ways.map(
    (way) =>
      spots.filter((spot) => {
        const shape = way[shapeAt(way, spot)];
        return shape !== undefined && distanceToBoard(shape, spot) === 0;
      }).length,
  );
  return ways[(onIt[1] ?? 0) > (onIt[0] ?? 0) ? 1 : 0] ?? named;
}

const far = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);
const micron = (mm: number): number => Math.round(mm * 1e3) / 1e3;
