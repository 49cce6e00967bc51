import { type Board, type Hole, pitchMm, type Side } from './board.ts';
import type { Point } from './transform.ts';

/** From the edge to the middle of the first hole. */
const marginMm = 2.54;

export interface HoleGrid {
  readonly columns: number;
  readonly rows: number;
}

/** How many holes a hand-wired board of that size has. */
export function gridOf({ widthMm, heightMm }: Pick<Board, 'widthMm' | 'heightMm'>): HoleGrid {
  const count = (length: number) =>
    Math.max(1, Math.floor((length - 2 * marginMm) / pitchMm + 1e-6) + 1);
  return { columns: count(widthMm), rows: count(heightMm) };
}

/** The size of a board with so many holes. */
export const sizeOf = ({ columns, rows }: HoleGrid) => ({
  widthMm: Number(((columns - 1) * pitchMm + 2 * marginMm).toFixed(2)),
  heightMm: Number(((rows - 1) * pitchMm + 2 * marginMm).toFixed(2)),
});

/** The middle of a hole. */
export function holeAt({ heightMm }: Pick<Board, 'heightMm'>, { column, row }: Hole): Point {
  return {
    x: Number((marginMm + (column - 1) * pitchMm).toFixed(4)),
    y: Number((heightMm - marginMm - (row - 1) * pitchMm).toFixed(4)),
  };
}

/** The hole nearest to a point, and how far it is from it. */
export function nearestHole(
  board: Pick<Board, 'widthMm' | 'heightMm'>,
  { x, y }: Point,
): { readonly hole: Hole; readonly offMm: number } {
  const { columns, rows } = gridOf(board);
  const clamp = (value: number, most: number) => Math.min(most, Math.max(1, value));
  const hole = {
    column: clamp(Math.round((x - marginMm) / pitchMm) + 1, columns),
    row: clamp(Math.round((board.heightMm - marginMm - y) / pitchMm) + 1, rows),
  };
  const middle = holeAt(board, hole);
  return { hole, offMm: Math.hypot(middle.x - x, middle.y - y) };
}

/** A, B … Z, AA, AB …: the letters of a column. */
export function columnLetters(column: number): string {
  const before = Math.floor((column - 1) / 26);
  const letter = String.fromCharCode(65 + ((column - 1) % 26));
  return before === 0 ? letter : columnLetters(before) + letter;
}

/** The name of a hole: `C7`. It is the same hole on both sides, so it keeps its name. */
export const holeName = ({ column, row }: Hole): string => `${columnLetters(column)}${row}`;

/**
 * Where a hole is counted from the left of what one sees: turned over, the order of the columns reverses.
 *
 * @returns the place in its row, from 1
 */
export const seenColumn = (grid: HoleGrid, side: Side, { column }: Hole): number =>
  side === 'top' ? column : grid.columns - column + 1;
