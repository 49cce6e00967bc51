import Papa from 'papaparse';
import { type Said, said } from '../../learning/said.ts';
import { fail, ok, type Result } from '../../result.ts';
import { type DecodeProblem, decodeTable, type Encoding } from '../decode.ts';
import type { Mapping } from '../guessMapping.ts';
import { isPlainLines, plainLinesAsCsv } from '../plainLines.ts';
import type { CellProblem } from '../problem.ts';
import type { Table } from '../table.ts';
import { type FileKind, kindOfFile } from './kindOfFile.ts';
import { type PlacedWord, wordsAsTable } from './wordsAsTable.ts';
import { likeliestSheet, type Sheet } from './workbook.ts';

/** What a file that was chosen turned out to be. */
export type OpenedFile =
  /** `beside`: lines of text around the table that are not part of it. */
  | { readonly kind: 'table'; readonly csv: string; readonly beside: readonly string[] }
  | { readonly kind: 'book'; readonly sheets: readonly Sheet[]; readonly likeliest: number }
  | { readonly kind: 'kit'; readonly document: Readonly<Record<string, unknown>> }
  /** A picture file, or the pages of a scan as such: read with a person’s help. */
  | { readonly kind: 'pictures'; readonly pages: readonly Uint8Array[] };

type Opening = Promise<Result<OpenedFile, DecodeProblem>>;

/** Readers that need more than computation. */
export interface Engines {
  /** The texts of each page of a PDF with their places; fails where it is damaged or locked. */
  readonly openPdf: (bytes: Uint8Array) => Promise<readonly (readonly PlacedWord[])[]>;
  /** The first pages of a PDF, `scanPages` at most, as picture files. */
  readonly drawPdf: (bytes: Uint8Array) => Promise<readonly Uint8Array[]>;
}

/** Largest file that is looked at; spreadsheets carry pictures. */
export const largestFile = 20_000_000;

/** Pages of a scan that are read; a list of parts has no more. */
export const scanPages = 6;

/** What can be opened; the rest is told by what it is. */
const openers: Readonly<
  Partial<Record<FileKind, (bytes: Uint8Array, encoding: Encoding, engines: Engines) => Opening>>
> = {
  text: async (bytes, encoding) => {
    const text = decodeTable(bytes, encoding);
    return text.ok ? ok({ kind: 'table', csv: textAsCsv(text.value), beside: [] }) : text;
  },
  // Loaded when somebody brings one.
  xlsx: async (bytes) => bookOf(await (await import('./readXlsx.ts')).readXlsx(bytes)),
  ods: async (bytes) => bookOf((await import('./readOds.ts')).readOds(bytes)),
  picture: async (bytes) => ok({ kind: 'pictures', pages: [bytes] }),
  pdf: async (bytes, _, { openPdf, drawPdf }) => {
    try {
      return tableIn(await openPdf(bytes)) ?? ok({ kind: 'pictures', pages: await drawPdf(bytes) });
    } catch {
      return fail({ message: said('lists.file.thePdfCannotBeOpened') });
    }
  },
  kit: async (bytes) => {
    const { openKitFile } = await import('../../kitfile/kitFile.ts');
    const document = openKitFile(bytes);
    return document.ok
      ? ok({ kind: 'kit', document: document.value })
      : fail({ message: document.problem });
  },
};

/**
 * Opens a file by what is in it, whatever it is called.
 *
 * @returns the table, workbook or kit in it; or one sentence that says what it is and the way out
 */
export async function openFile(bytes: Uint8Array, encoding: Encoding, engines: Engines): Opening {
  if (bytes.length === 0) return fail({ message: said('lists.file.theFileIsEmptyChooseACsv') });
  if (bytes.length > largestFile) return fail({ message: tooLarge(bytes.length) });
  const kind = await kindOfFile(bytes);
  const open = openers[kind];
  return open ? open(bytes, encoding, engines) : fail({ message: said(`lists.file.is.${kind}`) });
}

/** Said before a file is read that is larger than any list. */
export const tooLarge = (bytes: number): Said =>
  said('lists.file.theFileIsTooLarge', {
    megabytes: Math.ceil(bytes / 1_000_000),
    most: largestFile / 1_000_000,
  });

/** Text that was pasted or is in a file: a table stays as it is, lines as people write them become one. */
export const textAsCsv = (text: string): string =>
  isPlainLines(text) ? plainLinesAsCsv(text) : text;

/** A sheet as the same text that a file of its rows would be: line and row are the same number. */
export const sheetAsCsv = ({ rows }: Sheet): string => Papa.unparse(rows.map((row) => [...row]));

/** The table on the pages, or their lines where there is none; undefined for pages without text, as scans are. */
function tableIn(
  pages: readonly (readonly PlacedWord[])[],
): Result<OpenedFile, DecodeProblem> | undefined {
  const { rows, beside } = wordsAsTable(pages);
  if (rows.length > 0) {
    return ok({ kind: 'table', csv: Papa.unparse(rows.map((row) => [...row])), beside });
  }
  if (beside.length === 0) return undefined;
  return ok({ kind: 'table', csv: plainLinesAsCsv(beside.join('\n')), beside: [] });
}

function bookOf(read: Result<readonly Sheet[], Said>): Result<OpenedFile, DecodeProblem> {
  if (!read.ok) return fail({ message: read.problem });
  return ok({ kind: 'book', sheets: read.value, likeliest: likeliestSheet(read.value) });
}

/** Cells that a spreadsheet took for days, where something is read from their column. */
export function datesTaken({ dates }: Sheet, table: Table, mapping: Mapping): CellProblem[] {
  const read = new Set(Object.values(mapping));
  return dates
    .filter(
      ({ row, column }) => read.has(column - 1) && table.rows.some(({ line }) => line === row),
    )
    .map(({ row, column }) => ({
      severity: 'warning',
      line: row,
      column: table.headings[column - 1] || String(column),
      message: said('lists.file.wasTakenForADay'),
    }));
}
