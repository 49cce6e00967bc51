import type { Response } from 'express';
import Papa from 'papaparse';

/** What a spreadsheet takes for a formula, also on a later line of the cell and in signs of full width. */
const formula = /^[\s\S]*(^|[\r\n\t])[=+\-@＝＋－＠\t\r][\s\S]*$/;

export interface CsvColumn<Row> {
  readonly heading: string;
  readonly cell: (row: Row) => string | number;
}

/**
 * Rows as CSV (RFC 4180, with a byte order mark so that spreadsheets read it as UTF-8). Cells that a spreadsheet would
 * run as a formula are neutralised.
 */
export function csvOf<Row>(columns: readonly CsvColumn<Row>[], rows: readonly Row[]): string {
  const csv = Papa.unparse(
    {
      fields: columns.map(({ heading }) => heading),
      data: rows.map((row) => columns.map(({ cell }) => cell(row))),
    },
    { escapeFormulae: formula },
  );
  return `\uFEFF${csv}\r\n`;
}

/** Answers with a file for a spreadsheet. */
export function sendCsv(response: Response, name: string, csv: string): void {
  response
    .type('text/csv; charset=utf-8')
    .attachment(`${fileName(name)}.csv`)
    .send(csv);
}

/** A title as a file name: letters and digits of any language, joined by hyphens. */
export const fileName = (title: string): string => title.replace(/[^\p{L}\p{N}]+/gu, '-');
