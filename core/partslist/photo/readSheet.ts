import Papa from 'papaparse';
import { evened } from '../../picture/evened.ts';
import { type Corners, straightened } from '../../picture/homography.ts';
import type { Grey } from '../../picture/raster.ts';
import { isHeading } from '../columns.ts';
import { plain } from '../plain.ts';
import { plainLinesAsCsv } from '../plainLines.ts';
import { decideCells, type SheetCell } from './decide.ts';
import { lookAtCells, type ReadingRun } from './lookAtCells.ts';
import type { PrintReader } from './print.ts';
import { upright } from './upright.ts';

/** A sheet as it was read, not yet looked over. */
export interface ReadSheet {
  /** The page as it was read, upright: what snippets are cut from. */
  readonly page: Grey;
  readonly rows: readonly (readonly SheetCell[])[];
}

/** Longer side of the page that is read, in dots: letters of 10 pt on A4 are then as high as readers of print like. */
const pageSide = 2100;

/** The sheet between four corners, straight, white and black: as it is read. */
export const pageOf = (picture: Grey, corners: Corners): Grey =>
  evened(straightened(picture, corners, pageSide));

/**
 * Reads the table or the lines on a page, which may lie any way up.
 *
 * @throws the reason of the signal, where it was given up
 */
export async function readSheet(
  page: Grey,
  reader: PrintReader,
  run?: ReadingRun,
): Promise<ReadSheet> {
  const way = await upright(page, reader);
  return { page: way, rows: decideCells(await lookAtCells(way, reader, run)) };
}

/** The rows of several pages as those of one list: headings that later pages have again are left out. */
export function joinedPages(
  pages: readonly (readonly (readonly string[])[])[],
): readonly (readonly string[])[] {
  const [first = [], ...later] = pages.filter((rows) => rows.length > 0);
  // A page can have a title above its headings, so that all that stands at the head is compared.
  const head = new Set(first.slice(0, 3).filter(isHead).map(wordsOf));
  return [...first, ...later.flatMap((rows) => rows.filter((row) => !head.has(wordsOf(row))))];
}

const isHead = (row: readonly string[]): boolean => row.filter(isHeading).length >= 2;
const wordsOf = (row: readonly string[]): string => row.map(plain).join('|');

/** Cells as the text that a file of them would be; a single column is lines as people write them. */
export function cellsAsCsv(rows: readonly (readonly string[])[]): string {
  const isTable = rows.some((row) => row.length > 1);
  return isTable
    ? Papa.unparse(rows.map((row) => [...row]))
    : plainLinesAsCsv(rows.map(([line]) => line ?? '').join('\n'));
}
