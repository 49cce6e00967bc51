import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import pdfmake from 'pdfmake';
import type { Content } from 'pdfmake/interfaces.js';
import { afterAll, describe, expect, it } from 'vitest';
import * as XLSX from 'xlsx';
import { sheetList } from '../photo/testing/sheetPhoto.ts';
import { tableOf } from '../testing/readList.ts';
import { type Engines, openFile, sheetAsCsv } from './openFile.ts';
import { pdfWords } from './pdfWords.ts';

// Lists as other programs write them: twenty spreadsheets and twenty PDFs, each cell compared with what was put in. The
// files are made by libraries of others (xlsx, pdfmake) and read with pdf.js.

const engines: Engines = {
  openPdf: async (bytes) => pdfWords(await getDocument({ data: bytes.slice() }).promise),
  drawPdf: () => Promise.reject(new Error('there is text on every page')),
};

/** Rows of the table as they are read: headings first. */
async function rowsIn(bytes: Uint8Array): Promise<readonly (readonly string[])[]> {
  const opened = await openFile(bytes, 'utf-8', engines);
  if (!opened.ok) throw new Error(JSON.stringify(opened.problem));
  const { value } = opened;
  const sheet = value.kind === 'book' ? value.sheets[value.likeliest] : undefined;
  const csv = value.kind === 'table' ? value.csv : sheet ? sheetAsCsv(sheet) : '';
  const { headings, rows } = tableOf(csv);
  return [headings, ...rows.map(({ cells }) => cells)];
}

/** Both signs for micro are one. */
const plain = (text = '') => text.normalize('NFKC').replace(/\s+/g, ' ').trim();
const table: string[] = [];
afterAll(() => {
  if (process.env.OZZET_LONG_TESTS) console.log(table.join('\n'));
});

/** Counts cells that are as they were put in; says which are not. */
function compare(name: string, read: readonly (readonly string[])[], put: readonly string[][]) {
  const cells = put.flatMap((row, line) =>
    row.map((text, column) => ({ text: plain(text), read: plain(read[line]?.[column]) })),
  );
  const wrong = cells.filter((cell) => cell.text !== cell.read);
  table.push(
    `${name}: ${put.length} rows, ${cells.length - wrong.length} of ${cells.length} right`,
  );
  expect(wrong.slice(0, 5), name).toEqual([]);
  expect(read.length).toBe(put.length);
}

/** Ways in which spreadsheets of people are more than a table. */
const manners = ['plain', 'titled', 'several sheets', 'formulas', 'long'] as const;

describe('a spreadsheet as people have them', () => {
  const seeds = Array.from({ length: 20 }, (_, index) => index + 1);
  it.each(seeds)('is read cell by cell: number %i', async (seed) => {
    const manner = manners[seed % manners.length] ?? 'plain';
    const { rows, title, note } = sheetList(
      seed,
      manner === 'long' ? 1000 * (1 + (seed % 2)) : undefined,
    );
    const head = manner === 'titled' ? [[title], []] : [];
    const foot = manner === 'titled' ? [[], [note]] : [];
    const sheet = XLSX.utils.aoa_to_sheet([...head, ...rows, ...foot]);
    if (manner === 'titled') sheet['!merges'] = [XLSX.utils.decode_range('A1:D1')];
    if (manner === 'formulas') {
      const column = rows[1]?.findIndex((cell) => /^[123]$/.test(cell)) ?? 0;
      for (const [line, row] of rows.entries()) {
        if (line === 0) continue;
        const at = XLSX.utils.encode_cell({ r: line, c: column });
        sheet[at] = { t: 'n', v: Number(row[column]), f: `${row[column]}*1` };
      }
    }
    const book = XLSX.utils.book_new();
    if (manner === 'several sheets') {
      XLSX.utils.book_append_sheet(book, XLSX.utils.aoa_to_sheet([[note], ['2026']]), 'Notes');
    }
    XLSX.utils.book_append_sheet(book, sheet, 'Parts');
    const type = seed % 2 === 0 ? 'xlsx' : 'ods';
    const bytes = new Uint8Array(
      XLSX.write(book, { type: 'array', bookType: type }) as ArrayBuffer,
    );
    const read = await rowsIn(bytes);
    // Notes below a table stand as a row of their own, for a person to leave out.
    compare(`${type}, ${manner}`, manner === 'titled' ? read.slice(0, rows.length) : read, rows);
  });
});

pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(fonts));
const fonts = join(
  dirname(createRequire(import.meta.url).resolve('dejavu-fonts-ttf/package.json')),
  'ttf',
);

describe('a PDF with text', () => {
  const seeds = Array.from({ length: 20 }, (_, index) => index + 101);
  it.each(seeds)('is read cell by cell: number %i', async (seed) => {
    const { rows, title, note } = sheetList(seed, undefined, ['eng', 'deu', 'spa']);
    const face = ['DejaVuSans', 'DejaVuSerif', 'DejaVuSansCondensed', 'DejaVuSansMono'][seed % 4];
    const lines = ['noBorders', 'lightHorizontalLines', 'headerLineOnly'][seed % 3] ?? 'noBorders';
    pdfmake.setFonts({
      Face: { normal: join(fonts, `${face}.ttf`), bold: join(fonts, `${face}-Bold.ttf`) },
    });
    const list: Content = {
      layout: lines,
      table: {
        headerRows: 1,
        widths: seed % 2 === 0 ? ['auto', 'auto', 'auto', 'auto'] : ['*', '*', '*', '*'],
        body: rows.map((row, index) => row.map((text) => ({ text, bold: index === 0 }))),
      },
    };
    const made = pdfmake.createPdf({
      pageSize: seed % 5 === 0 ? 'LETTER' : 'A4',
      defaultStyle: { font: 'Face', fontSize: 8 + (seed % 4) },
      content: seed % 2 === 0 ? [{ text: title, fontSize: 16 }, list, note] : [list],
    });
    const read = await rowsIn(new Uint8Array(await made.getBuffer()));
    compare(`PDF, ${face}, ${lines}`, read, rows);
  });
});
