import type { Part } from '../parts/part.ts';
import type { Board, Placement, Side } from './board.ts';
import { extentOf, shapeAt, shapesOf } from './boardShape.ts';
import { type Lines, linesOf } from './rows.ts';

/** Where a part is, as data; the catalogue makes the sentence. */
export interface Whereabouts {
  /** Of a kit with several boards the name of this one; undefined where there is only one. */
  readonly board?: string;
  /** Which third of the board, as one sees the side. */
  readonly across: 'left' | 'middle' | 'right';
  readonly down: 'top' | 'middle' | 'bottom';
  /** Its row and its column among parts of its kind. */
  readonly lines: Lines;
  /** Its place counted from the left edge, among the parts of that side, from 1. */
  readonly fromLeft: number;
  readonly count: number;
  /** The nearest other part, and in which direction the part lies from it. */
  readonly beside: { readonly place: string; readonly direction: Direction } | null;
}

export type Direction = 'left' | 'right' | 'above' | 'below';

const sameSpotMm = 0.5;

/** Where every placed part is, seen from one side; from below left and right change. */
export function allWhereabouts(
  board: Board,
  parts: ReadonlyMap<string, Part>,
  side: Side,
): Map<string, Whereabouts> {
  const shapes = shapesOf(board);
  if (shapes.length === 1) {
    const whole = { left: 0, bottom: 0, widthMm: board.widthMm, heightMm: board.heightMm };
    return whereaboutsOn({ ...whole, placements: board.placements }, parts, side);
  }
  const boardOf = new Map(
    board.placements.map((one) => [one, shapeAt(shapes, { x: one.xMm, y: one.yMm })]),
  );
  return new Map(
    shapes.flatMap(({ name, edge }, index) => {
      const placements = board.placements.filter((one) => boardOf.get(one) === index);
      const found = whereaboutsOn({ ...extentOf(edge), placements }, parts, side);
      return [...found].map(([place, where]) => [place, { ...where, board: name }] as const);
    }),
  );
}

interface OneBoard {
  readonly left: number;
  readonly bottom: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly placements: readonly Placement[];
}

function whereaboutsOn(
  board: OneBoard,
  parts: ReadonlyMap<string, Part>,
  side: Side,
): Map<string, Whereabouts> {
  const { left, bottom, widthMm, heightMm, placements } = board;
  const seen = (one: Placement) => (side === 'bottom' ? left + widthMm - one.xMm : one.xMm - left);
  const inOrder = [...placements].sort((a, b) => seen(a) - seen(b) || (a.place < b.place ? -1 : 1));
  const lines = linesOf(
    placements.map((one) => ({ ...one, xMm: seen(one) })),
    parts,
  );
  return new Map(
    inOrder.map((own, index) => {
      const nearest = nearestTo(own, placements);
      return [
        own.place,
        {
          across: thirds.across[third(seen(own) / widthMm)] ?? 'middle',
          down: thirds.down[third((own.yMm - bottom) / heightMm)] ?? 'middle',
          lines: lines.get(own.place) ?? {},
          fromLeft: index + 1,
          count: placements.length,
          beside: nearest
            ? {
                place: nearest.place,
                direction: directionFrom(seen(nearest), nearest.yMm, seen(own), own.yMm),
              }
            : null,
        },
      ];
    }),
  );
}

const thirds = {
  across: ['left', 'middle', 'right'],
  down: ['bottom', 'middle', 'top'],
} as const;
const third = (share: number) => (share < 1 / 3 ? 0 : share > 2 / 3 ? 2 : 1);

function nearestTo(own: Placement, placements: readonly Placement[]): Placement | undefined {
  let best: Placement | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const one of placements) {
    const far = Math.hypot(one.xMm - own.xMm, one.yMm - own.yMm);
    // What sits in it or under it is no neighbour.
    if (one === own || far <= sameSpotMm || far >= least) continue;
    best = one;
    least = far;
  }
  return best;
}

function directionFrom(fromX: number, fromY: number, x: number, y: number): Direction {
  const [dx, dy] = [x - fromX, y - fromY];
  if (Math.abs(dx) >= Math.abs(dy)) return dx >= 0 ? 'right' : 'left';
  return dy >= 0 ? 'above' : 'below';
}
