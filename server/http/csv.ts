import type { Response } from 'express';
import Papa from 'papaparse';
import type { Said } from '#core/learning/said';
import { saying } from '#core/words/sayings';
import type { Speaker } from '../words/speak.ts';

/** What a spreadsheet takes for a formula, also on a later line of the cell and in signs of full width. */
const formula = /^[\s\S]*(^|[\r\n\t])[=+\-@＝＋－＠\t\r][\s\S]*$/;

export interface CsvColumn<Row> {
  /** By which `exports` of the catalogue says it, or the whole sentence. */
  readonly heading: string | Said;
  readonly cell: (row: Row) => string | number;
}

/**
 * Rows as CSV in the language of their headings (RFC 4180, with a byte order mark so that spreadsheets read it as UTF-8). Cells that a spreadsheet would
 * run as a formula are neutralised.
 */
export function csvOf<Row>(
  { t }: Speaker,
  columns: readonly CsvColumn<Row>[],
  rows: readonly Row[],
): string {
  const csv = Papa.unparse(
    {
      fields: columns.map(({ heading }) =>
        typeof heading === 'string' ? t(`exports.${heading}`) : saying(t, heading),
      ),
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
