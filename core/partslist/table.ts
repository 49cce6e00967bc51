import Papa from 'papaparse';
import { fail, ok, type Result } from '../result.ts';

/** A table as it stands in the file, before anybody knows what its columns mean. */
export interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly TableRow[];
}

export interface TableRow {
  /** Line of the file, counted from 1 as a spreadsheet does; the headings are line 1. */
  readonly line: number;
  /** As many as there are headings. */
  readonly cells: readonly string[];
}

const maxRows = 2000;
/** The readers of a cell take longer than its length; nobody writes more into one. */
const maxCell = 500;

/**
 * Reads CSV or TSV with a line of headings; commas, semicolons, tabs and bars are told apart by themselves.
 *
 * @returns the table without empty rows; or what is wrong with the file as a whole
 */
export function readTable(text: string): Result<Table, string> {
  const parsed = Papa.parse<string[]>(text, { delimitersToGuess: [',', ';', '\t', '|'] });
  const quote = parsed.errors.find((error) => error.type === 'Quotes');
  if (quote) {
    return fail(
      `Row ${(quote.row ?? 0) + 1}: a quotation mark is not closed. Close it, or remove it, and choose the file again.`,
    );
  }
  const [first, ...rest] = parsed.data;
  const headings = first?.map((cell) => cell.trim()) ?? [];
  if (headings.filter((heading) => heading !== '').length < 2) {
    return fail(
      'Row 1 must hold the headings of at least two columns, for example: Designator, Quantity, Part, Value.',
    );
  }
  const rows = rest
    .map((cells, index) => ({
      line: index + 2,
      cells: headings.map((_, column) => cells[column]?.trim() ?? ''),
    }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  if (rows.length === 0)
    return fail('There are headings but no rows below them. Add one row for each part.');
  if (rows.length > maxRows) {
    return fail(
      `There are ${rows.length} rows; a kit has at most ${maxRows}. Choose the parts list of one kit.`,
    );
  }
  const long = [{ line: 1, cells: headings }, ...rows].find(({ cells }) =>
    cells.some((cell) => cell.length > maxCell),
  );
  if (long) {
    return fail(
      `Row ${long.line}: a cell has more than ${maxCell} characters. Shorten it, and choose the file again.`,
    );
  }
  return ok({ headings, rows });
}
