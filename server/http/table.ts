import type { Response } from 'express';
import Papa from 'papaparse';
import writeXlsxFile from 'write-excel-file/node';
import { type TableFormat, xlsxType } from '#contract/tables';
import type { Said } from '#core/learning/said';
import { saying } from '#core/words/sayings';
import type { Speaker } from '../words/speak.ts';

/** Rows under headings, as a spreadsheet takes them. */
export interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
}

export interface TableColumn<Row> {
  /** By which `exports` of the catalogue says it, or the whole sentence. */
  readonly heading: string | Said;
  readonly cell: (row: Row) => string | number;
}

/** What is said of some things, a row each, in the language of its headings. */
export const tableOf = <Row>(
  { t }: Speaker,
  columns: readonly TableColumn<Row>[],
  rows: readonly Row[],
): Table => ({
  headings: columns.map(({ heading }) =>
    typeof heading === 'string' ? t(`exports.${heading}`) : saying(t, heading),
  ),
  rows: rows.map((row) => columns.map(({ cell }) => cell(row))),
});

/** What a spreadsheet takes for a formula, also on a later line of the cell and in signs of full width. */
const formula = /(^|[\r\n\t])[=+\-@＝＋－＠\t\r]/;

/**
 * A table as CSV (RFC 4180, with a byte order mark so that spreadsheets read it as UTF-8). Cells that a spreadsheet would
 * run as a formula are neutralised.
 */
export function csvOf({ headings, rows }: Table): string {
  const csv = Papa.unparse(
    { fields: [...headings], data: rows.map((row) => [...row]) },
    { escapeFormulae: formula },
  );
  return `\uFEFF${csv}\r\n`;
}

/** No column of a spreadsheet is wider, in characters. */
const widest = 40;

/** The package keeps texts in a plain object, and loses those that every object has a field for; a blank behind saves them. */
const storable = (cell: string | number) =>
  typeof cell === 'string' && cell in Object.prototype ? `${cell} ` : cell;

/** A table as a workbook of one sheet (Office Open XML, ISO/IEC 29500). Text stays text, whatever it looks like. */
export const xlsxOf = ({ headings, rows }: Table): Promise<Buffer> =>
  writeXlsxFile(
    [
      headings.map((value) => ({ value: String(storable(value)), fontWeight: 'bold' as const })),
      ...rows.map((row) => row.map(storable)),
    ],
    {
      stickyRowsCount: 1,
      columns: headings.map((heading, column) => ({
        width: Math.min(
          widest,
          2 + Math.max(heading.length, ...rows.map((row) => String(row[column]).length)),
        ),
      })),
    },
  ).toBuffer();

/** Answers with a file for a spreadsheet. */
export async function sendTable(
  response: Response,
  name: string,
  table: Table,
  format: TableFormat,
): Promise<void> {
  response.attachment(`${fileName(name)}.${format}`);
  if (format === 'csv') response.type('text/csv; charset=utf-8').send(csvOf(table));
  else response.type(xlsxType).send(await xlsxOf(table));
}

/** A title as a file name: letters and digits of any language, joined by hyphens. */
export const fileName = (title: string): string => title.replace(/[^\p{L}\p{N}]+/gu, '-');
