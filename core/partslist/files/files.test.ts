import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import * as XLSX from 'xlsx';
import { packKitFile } from '../../kitfile/kitFile.ts';
import type { Result } from '../../result.ts';
import { kindOfFile } from './kindOfFile.ts';
import { readOds } from './readOds.ts';
import { readXlsx } from './readXlsx.ts';
import { likeliestSheet, type Sheet } from './workbook.ts';

// The files are written by a library of others (`xlsx`), which writes both formats and the old one.
type Book = 'xlsx' | 'ods';
const books: readonly Book[] = ['xlsx', 'ods'];
const readers = { xlsx: readXlsx, ods: async (bytes: Uint8Array) => readOds(bytes) };

const written = (book: XLSX.WorkBook, bookType: XLSX.BookType): Uint8Array =>
  new Uint8Array(XLSX.write(book, { type: 'array', bookType }) as ArrayBuffer);
const bookOf = (sheets: Readonly<Record<string, XLSX.WorkSheet>>): XLSX.WorkBook => {
  const book = XLSX.utils.book_new();
  for (const [name, sheet] of Object.entries(sheets))
    XLSX.utils.book_append_sheet(book, sheet, name);
  return book;
};
const sheetsIn = (read: Result<readonly Sheet[], unknown>): readonly Sheet[] => {
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.value;
};
const list = [
  ['Ref', 'Qty', 'Value'],
  ['R1', 2, '4k7'],
  ['C1', 1, 0.1],
];

describe.each(books)('a spreadsheet (%s)', (type) => {
  const read = (sheets: Readonly<Record<string, XLSX.WorkSheet>>) =>
    readers[type](written(bookOf(sheets), type)).then(sheetsIn);

  it('is read sheet by sheet, and the list is found among them', async () => {
    const sheets = await read({
      Notes: XLSX.utils.aoa_to_sheet([['Bought in spring'], ['and again']]),
      Parts: XLSX.utils.aoa_to_sheet(list),
    });
    expect(sheets.map(({ name }) => name)).toEqual(['Notes', 'Parts']);
    expect(sheets[likeliestSheet(sheets)]?.rows).toEqual([
      ['Ref', 'Qty', 'Value'],
      ['R1', '2', '4k7'],
      ['C1', '1', '0.1'],
    ]);
  });

  it('tells which cells were taken for days', async () => {
    const sheet = XLSX.utils.aoa_to_sheet(
      [
        ['Ref', 'Power'],
        ['R1', new Date(Date.UTC(2026, 3, 1))],
      ],
      { cellDates: true },
    );
    const [only] = await read({ Parts: sheet });
    expect(only?.dates).toEqual([{ row: 2, column: 2 }]);
    expect(only?.rows[1]?.[1]).toBe('1/4 (4/1)');
  });

  it('has the text of merged cells once, and the result of formulas', async () => {
    const sheet = XLSX.utils.aoa_to_sheet([['Parts of the lamp', null, null], ...list]);
    sheet['!merges'] = [{ s: { r: 0, c: 0 }, e: { r: 0, c: 2 } }];
    sheet.B5 = { t: 'n', f: 'B3+B4', v: 3, w: '3' };
    sheet['!ref'] = 'A1:C5';
    const [only] = await read({ Parts: sheet });
    expect(only?.rows[0]?.filter(Boolean)).toEqual(['Parts of the lamp']);
    expect(only?.rows[4]?.[1]).toBe('3');
  });

  it('of thousands of rows is read whole', async () => {
    const rows = Array.from({ length: 3000 }, (_, n) => [`R${n + 1}`, 1, `${n + 1}`]);
    const [only] = await read({
      Parts: XLSX.utils.aoa_to_sheet([['Ref', 'Qty', 'Value'], ...rows]),
    });
    expect(only?.rows).toHaveLength(3001);
    expect(only?.rows[3000]?.[0]).toBe('R3000');
  });

  it('has every text as it was typed', async () => {
    const cell = fc
      .string({ unit: 'grapheme', minLength: 1, maxLength: 12 })
      .map(printable)
      .filter(Boolean);
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(cell, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 6 }),
        async (rows) => {
          const [only] = await read({ Parts: XLSX.utils.aoa_to_sheet(rows) });
          expect(only?.rows.map(withoutBlankEnd)).toEqual(rows);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('that is damaged is told, and never crashes the reader', async () => {
    const whole = written(bookOf({ Parts: XLSX.utils.aoa_to_sheet(list) }), type);
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { minLength: 1, maxLength: 30 }),
        async (changes) => {
          const bytes = whole.slice();
          for (const [at, byte] of changes) bytes[at] = byte;
          const result = await readers[type](bytes);
          expect(result.ok || result.problem.says.startsWith('lists.file.')).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});

/** A row is as wide as the sheet in one format, and as its own cells in the other. */
const withoutBlankEnd = (row: readonly string[]) =>
  row.slice(0, row.findLastIndex((cell) => cell !== '') + 1);

/** Without signs that no sheet can hold (XML 1.0), and as a cell is shown: no blanks around it or in a row. */
const printable = (text: string): string =>
  text
    .replace(/[\p{Cc}\p{Cs}\p{Zl}\p{Zp}\ufffe\uffff]|_x/gu, '')
    .replace(/\s+/g, ' ')
    .trim();

describe('what a file is', () => {
  const book = bookOf({ Parts: XLSX.utils.aoa_to_sheet(list) });
  it.each([
    ['text', strToU8('Ref,Qty\nR1,1\n')],
    ['text', Uint8Array.from([0xff, 0xfe, 0x52, 0, 0x31, 0])],
    ['xlsx', written(book, 'xlsx')],
    ['ods', written(book, 'ods')],
    ['old-spreadsheet', written(book, 'biff8')],
    ['pdf', strToU8('%PDF-1.7\n')],
    ['kit', packKitFile({ format: 'ozzet-kit' }, {})],
    ['picture', Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 0, 0x10])],
    ['picture', Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a])],
    ['picture', Uint8Array.from([0, 0, 0, 0x18, ...strToU8('ftypheic')])],
    ['text-document', zipSync({ 'word/document.xml': strToU8('<w/>') })],
    ['web-page', strToU8('\n<!DOCTYPE html><table>')],
    ['zip', zipSync({ 'photo.txt': strToU8('a') })],
    ['other', Uint8Array.from([1, 0, 2, 0, 3])],
  ] as const)('is told by its contents: %s', async (kind, bytes) => {
    expect(await kindOfFile(bytes)).toBe(kind);
  });
});
