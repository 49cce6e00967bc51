import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { afterAll, describe, expect, it } from 'vitest';
import { openFile } from '#core/partslist/files/openFile';
import { pdfWords } from '#core/partslist/files/pdfWords';
import { guessMapping } from '#core/partslist/guessMapping';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { seeded } from '#core/random';
import { makePdf, mono } from './pdf.ts';

// Sheets as they come with kits, set by the PDF library of the papers and read by one of others (`pdfjs-dist`). The
// lists are made up; what is checked is that what stands on the page is what is read.

const engines = {
  openPdf: async (bytes: Uint8Array) => {
    const task = getDocument({ data: bytes, verbosity: 0 });
    const words = await pdfWords(await task.promise);
    await task.destroy();
    return words;
  },
  drawPdf: () => Promise.reject(new Error('these have text')),
};

// The reader leaves behind that this is a page; libraries in tests after this one would take it for one.
afterAll(() => Reflect.deleteProperty(globalThis, 'self'));

interface Sheet {
  readonly name: string;
  readonly headings: readonly string[];
  /** Of designator, quantity, description, value: which stands in which column. */
  readonly order: readonly number[];
  readonly font: 'Sans' | typeof mono;
  readonly size: number;
  readonly lines: boolean;
  readonly rows: number;
  readonly title: boolean;
  readonly landscape: boolean;
  /** Cells are broken into lines. */
  readonly narrow: boolean;
}

const languages = [
  ['Ref', 'Qty', 'Part', 'Value'],
  ['Bauteil-Nr.', 'Anzahl', 'Bezeichnung', 'Wert'],
  ['Referencia', 'Cantidad', 'Descripción', 'Valor'],
] as const;
const parts = [
  ['resistor', ['470', '1k', '4k7', '10k', '220k', '1M', '33R', '68 ohm']],
  ['ceramic capacitor', ['100nF', '22pF', '10n', '104']],
  ['electrolytic capacitor', ['10uF/25V', '100uF 16V', '47uF']],
  ['LED 5 mm', ['red', 'green', 'yellow']],
  ['transistor', ['BC547', '2N3904']],
] as const;
const letters = ['R', 'C', 'C', 'D', 'Q'] as const;

const sheets: readonly Sheet[] = Array.from({ length: 20 }, (_, index) => ({
  name: `sheet ${index + 1}`,
  headings: languages[index % 3] ?? languages[0],
  order: index % 2 === 0 ? [0, 1, 2, 3] : [1, 3, 0, 2],
  font: index % 4 === 3 ? mono : 'Sans',
  size: 8 + (index % 5),
  lines: index % 3 !== 0,
  rows: 8 + ((index * 7) % 60),
  title: index % 2 === 1,
  landscape: index % 5 === 4,
  narrow: index % 4 === 2,
}));

const autos = ['auto', 'auto', 'auto', 'auto'] as const;

/** Cells of each row: designators, quantity, description, value. */
function listOf({ rows }: Sheet, seed: number): string[][] {
  const random = seeded(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const next = new Map<string, number>();
  return Array.from({ length: rows }, () => {
    const kind = Math.floor(random() * parts.length);
    const [what, values] = parts[kind] ?? parts[0];
    const letter = letters[kind] ?? 'R';
    const count = 1 + Math.floor(random() * 4);
    const names = Array.from({ length: count }, () => {
      const number = (next.get(letter) ?? 0) + 1;
      next.set(letter, number);
      return `${letter}${number}`;
    });
    return [names.join(', '), String(count), what, pick<string>(values)];
  });
}

const placed = (cells: readonly string[], { order }: Sheet) =>
  order.map((column) => cells[column] ?? '');

async function printed(sheet: Sheet, list: readonly string[][]): Promise<Uint8Array> {
  const pdf = await makePdf({
    pageOrientation: sheet.landscape ? 'landscape' : 'portrait',
    defaultStyle: { font: sheet.font, fontSize: sheet.size },
    content: [
      ...(sheet.title ? [{ text: 'Parts of the harbour lamp, second edition', fontSize: 18 }] : []),
      {
        layout: sheet.lines ? 'lightHorizontalLines' : 'noBorders',
        table: {
          headerRows: 1,
          widths: placed(sheet.narrow ? ['70', '50', '84', '60'] : autos, sheet).map((width) =>
            width === 'auto' ? width : Number(width),
          ),
          body: [placed(sheet.headings, sheet), ...list.map((cells) => placed(cells, sheet))],
        },
      },
      ...(sheet.title
        ? [{ text: 'Count everything before you begin, and tell us what is missing.' }]
        : []),
    ],
  });
  return new Uint8Array(pdf);
}

describe('a parts list on pages', () => {
  it('is read cell by cell from sheets of many looks: at least 92 % right, at most 0.3 % wrong and not told', async () => {
    let [cells, right, wrongUntold] = [0, 0, 0];
    for (const [index, sheet] of sheets.entries()) {
      const list = listOf(sheet, index + 1);
      const opened = await openFile(await printed(sheet, list), 'utf-8', engines);
      if (!opened.ok || opened.value.kind !== 'table') throw new Error(`${sheet.name} is no table`);
      const table = readTable(opened.value.csv);
      if (!table.ok) throw new Error(`${sheet.name}: ${table.problem.says}`);
      const mapping = guessMapping(table.value);
      const { problems } = readPartsList(table.value, mapping);
      for (const [row, expected] of list.entries()) {
        const found = table.value.rows[row];
        const told = problems.some(({ line }) => line === found?.line);
        const columns = [mapping.designators, mapping.quantity, mapping.description, mapping.value];
        for (const [column, at] of columns.entries()) {
          cells += 1;
          const isRight = at !== undefined && found?.cells[at] === expected[column];
          if (isRight) right += 1;
          else if (!told) wrongUntold += 1;
        }
      }
    }
    console.info(`${cells} cells of 20 PDFs: ${right} right, ${wrongUntold} wrong and not told`);
    expect(right / cells).toBeGreaterThanOrEqual(0.92);
    expect(wrongUntold / cells).toBeLessThan(0.003);
  });

  it('that is locked or cut short is told, and one without text goes the way of photos', async () => {
    const whole = await printed(sheets[0] as Sheet, [['R1', '1', 'resistor', '470']]);
    const cut = await openFile(whole.slice(0, 300), 'utf-8', engines);
    expect(cut).toMatchObject({
      problem: { message: { says: 'lists.file.thePdfCannotBeOpened' } },
    });
    const empty = new Uint8Array(
      await makePdf({ content: [{ canvas: [{ type: 'rect', x: 0, y: 0, w: 90, h: 90 }] }] }),
    );
    const drawn = Uint8Array.of(1, 2, 3);
    const drawing = { ...engines, drawPdf: async () => [drawn] };
    expect(await openFile(empty, 'utf-8', drawing)).toEqual({
      ok: true,
      value: { kind: 'pictures', pages: [drawn] },
    });
  });
});
