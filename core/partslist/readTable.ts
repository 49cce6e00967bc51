import Papa from 'papaparse';
import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { isHeading, looksLikeCell } from './columns.ts';
import { withDecimalComma } from './decimalCommas.ts';
import type { Table, TableRow } from './table.ts';

const maxRows = 2000;
/** The readers of a cell take longer than its length; nobody writes more into one. */
const maxCell = 500;

/** So many lines are looked at for the headings: sheets have titles, dates and addresses above them. */
const lookedAt = 20;

/**
 * Reads CSV or TSV; commas, semicolons, tabs and bars are told apart by themselves. The headings may stand in any of
 * the first rows, below a title.
 *
 * @param headingLine the line of the headings, counted from 1, where a person has chosen it; 0 where there are none
 * @returns the table without empty rows; or what is wrong with the file as a whole
 */
export function readTable(text: string, headingLine?: number): Result<Table, Said> {
  // Empty lines count as lines of one column where the separator of two columns is guessed.
  const { delimiter } = Papa.parse(text, {
    delimitersToGuess: [',', ';', '\t', '|'],
    skipEmptyLines: true,
    preview: lookedAt,
  }).meta;
  const parsed = Papa.parse<string[]>(text, { delimiter });
  const quote = parsed.errors.find((error) => error.type === 'Quotes');
  if (quote) {
    return fail(said('lists.file.rowAQuotationMarkIsNotClosed', { row: (quote.row ?? 0) + 1 }));
  }
  const lines = parsed.data.map((cells) => cells.map((cell) => cell.trim()));
  // Counted from 0; −1 where there are none.
  const at = (headingLine ?? headingsAt(lines) + 1) - 1;
  const from = at >= 0 ? at : Math.max(0, firstWithTwo(lines));
  const width = Math.max(0, ...lines.slice(from).map(({ length }) => length));
  const found =
    at >= 0 ? (lines[at] ?? []) : Array.from({ length: width }, (_, i) => String(i + 1));
  const headings = Array.from({ length: Math.max(found.length, width) }, (_, i) => found[i] ?? '');
  if (headings.filter((heading) => heading !== '').length < 2) {
    return fail(said('lists.file.row1MustHoldTheHeadingsOf'));
  }
  const first = at >= 0 ? at + 1 : from;
  const named = found.findLastIndex((heading) => heading !== '') + 1;
  const isByComma = delimiter === ',' && at >= 0;
  const rows = lines
    .slice(first)
    .map((written, index) => {
      const cells = isByComma ? withDecimalComma(written, named) : written;
      return {
        line: first + index + 1,
        cells: headings.map((_, column) => cells[column] ?? ''),
      };
    })
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  if (rows.length === 0) return fail(said('lists.file.thereAreHeadingsButNoRowsBelow'));
  if (rows.length > maxRows) {
    return fail(said('lists.file.thereAreRowsAKitHasAt', { count: rows.length, maxRows }));
  }
  const long = [{ line: at + 1, cells: headings }, ...rows].find(({ cells }) =>
    cells.some((cell) => cell.length > maxCell),
  );
  if (long) {
    return fail(said('lists.file.rowACellHasMoreThanCharacters', { line: long.line, maxCell }));
  }
  const used = trimmed(headings, rows);
  const table = {
    headings: used,
    rows: rows.map(({ line, cells }) => ({ line, cells: cells.slice(0, used.length) })),
  };
  return ok(at === 0 ? table : { ...table, headingLine: at + 1 });
}

/** Columns at the right that nobody uses are left out. */
function trimmed(headings: readonly string[], rows: readonly TableRow[]): readonly string[] {
  const last = headings.findLastIndex(
    (heading, column) => heading !== '' || rows.some(({ cells }) => (cells[column] ?? '') !== ''),
  );
  return headings.slice(0, last + 1);
}

/** The line with the most cells that are headings, counted from 0; −1 where the list begins without. */
function headingsAt(lines: readonly (readonly string[])[]): number {
  const counts = lines.slice(0, lookedAt).map((cells) => cells.filter(isHeading).length);
  const most = Math.max(0, ...counts);
  if (most >= 2) return counts.indexOf(most);
  const first = Math.max(0, firstWithTwo(lines));
  return most === 0 && (lines[first] ?? []).some(looksLikeCell) ? -1 : first;
}

const firstWithTwo = (lines: readonly (readonly string[])[]): number =>
  lines.findIndex((cells) => cells.filter((cell) => cell !== '').length >= 2);
