import type { Part } from '../parts/part.ts';
import type { Board, Placement, Side } from './board.ts';
import { cornersOf } from './layout.ts';
import { inView, type Point } from './transform.ts';

/** What of a picture is shown, in mm. */
export interface View {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Left and right, above and below what is looked at, and the least that is shown. */
export interface Room {
  readonly besideMm: number;
  readonly aboveMm: number;
  readonly leastWidthMm: number;
  readonly leastHeightMm: number;
}

/** A view of some parts of a board from one side, each as a whole. */
export function viewOfParts(
  board: Pick<Board, 'widthMm' | 'heightMm'>,
  side: Side,
  placed: readonly { readonly placement: Placement; readonly part: Part }[],
  room: Room,
): View {
  const corners = placed.flatMap(({ placement, part }) => cornersOf(placement, part));
  return viewAround(
    corners.map((corner) => inView(board, side, corner)),
    room,
  );
}

/** A view around some spots of a picture, with room on every side. */
export function viewAround(spots: readonly Point[], room: Room): View {
  const [xs, ys] = [spots.map(({ x }) => x), spots.map(({ y }) => y)];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const width = Math.max(room.leastWidthMm, right - left + 2 * room.besideMm);
  const height = Math.max(room.leastHeightMm, bottom - top + 2 * room.aboveMm);
  return { x: (left + right - width) / 2, y: (top + bottom - height) / 2, width, height };
}

/** The whole board with a little room around it, and whatever hangs over its edge. */
export function viewOfAll(
  board: Pick<Board, 'widthMm' | 'heightMm' | 'placements'>,
  parts: ReadonlyMap<string, Part>,
  side: Side,
  aroundMm: number,
): View {
  const corners = board.placements
    .flatMap((placement) => {
      const part = parts.get(placement.place);
      return part ? cornersOf(placement, part) : [];
    })
    .map((corner) => inView(board, side, corner));
  const edges = [
    { x: 0, y: 0 },
    { x: board.widthMm, y: board.heightMm },
  ];
  return viewAround([...edges, ...corners], {
    besideMm: aroundMm,
    aboveMm: aroundMm,
    leastWidthMm: 0,
    leastHeightMm: 0,
  });
}
