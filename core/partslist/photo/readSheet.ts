import Papa from 'papaparse';
import { evened } from '../../picture/evened.ts';
import { type Corners, straightened } from '../../picture/homography.ts';
import type { Grey } from '../../picture/raster.ts';
import { plainLinesAsCsv } from '../plainLines.ts';
import { decideCells, type SheetCell } from './decide.ts';
import { lookAtCells, type ReadingRun } from './lookAtCells.ts';
import type { PrintReader } from './print.ts';

/** A sheet as it was read, not yet looked over. */
export interface ReadSheet {
  readonly rows: readonly (readonly SheetCell[])[];
}

/** Longer side of the page that is read, in dots: letters of 10 pt on A4 are then as high as readers of print like. */
const pageSide = 2100;

/** The sheet between four corners, straight, white and black: what is read and what snippets are cut from. */
export const pageOf = (picture: Grey, corners: Corners): Grey =>
  evened(straightened(picture, corners, pageSide));

/**
 * Reads the table or the lines on a page.
 *
 * @throws the reason of the signal, where it was given up
 */
export async function readSheet(
  page: Grey,
  reader: PrintReader,
  run?: ReadingRun,
): Promise<ReadSheet> {
  return { rows: decideCells(await lookAtCells(page, reader, run)) };
}

/** Cells as the text that a file of them would be; a single column is lines as people write them. */
export function cellsAsCsv(rows: readonly (readonly string[])[]): string {
  const isTable = rows.some((row) => row.length > 1);
  return isTable
    ? Papa.unparse(rows.map((row) => [...row]))
    : plainLinesAsCsv(rows.map(([line]) => line ?? '').join('\n'));
}
