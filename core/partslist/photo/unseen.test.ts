import { mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createWorker } from 'tesseract.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findCorners } from '../../picture/corners.ts';
import { evened } from '../../picture/evened.ts';
import { asPgm } from '../../picture/raster.ts';
import { isLong } from '../../testing/cases.ts';
import type { SheetCell } from './decide.ts';
import { readerLanguages, type SheetLanguage, sheetLanguages } from './languages.ts';
import { placesIn } from './places.ts';
import { type TesseractWorker, tesseractReader } from './print.ts';
import { pageOf, readSheet } from './readSheet.ts';
import { type SheetPhoto, sheetPhoto, sheetScan } from './testing/sheetPhoto.ts';

// Photos of sheets (drawn, see sheetPhoto.ts) read by the same reader that pages use. The lists are made up; what is
// checked is that what stands on the paper is what is read, or that it is asked.

/** Sheets of the long run; the usual run reads a few of them. */
const seeds = Array.from({ length: isLong ? 60 : 6 }, (_, index) => index + 121);

const packages = join(process.cwd(), 'node_modules', '@tesseract.js-data');
let data: string;
type Worker = TesseractWorker & { terminate(): Promise<unknown> };
const workers = new Map<string, Promise<Worker>>();
beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'ozzet-print-'));
  for (const language of sheetLanguages) {
    const file = `${language}.traineddata.gz`;
    symlinkSync(join(packages, language, '4.0.0_best_int', file), join(data, file));
  }
});
afterAll(async () => {
  for (const worker of workers.values()) await (await worker).terminate();
  rmSync(data, { recursive: true, force: true });
});

/** One worker for each choice of languages, as a page has it. */
function workerFor(languages: readonly SheetLanguage[]): Promise<Worker> {
  const key = languages.join('+');
  // Only as much of its interface is used as a reader needs.
  const worker =
    workers.get(key) ??
    (createWorker([...languages], 1, {
      langPath: data,
      cacheMethod: 'none',
    }) as unknown as Promise<Worker>);
  workers.set(key, worker);
  return worker;
}

async function read({ picture, corners, language }: SheetPhoto) {
  const seen = findCorners(picture);
  const codes = await workerFor(['eng']);
  const words = language === 'eng' ? codes : await workerFor(readerLanguages(language));
  // A person who sees that no sheet was found moves the corners to it.
  const page = pageOf(picture, seen.found ? seen.corners : corners);
  const begun = performance.now();
  const { rows } = await readSheet(
    page,
    tesseractReader(words, codes, (piece) => Buffer.from(asPgm(piece))),
  );
  return { rows, found: seen.found, milliseconds: performance.now() - begun };
}

interface Score {
  cells: number;
  right: number;
  rightAndAsked: number;
  wrongAndAsked: number;
  wrong: number;
}

const plain = (text: string) => text.replace(/\s+/g, '').replace(/µ/g, 'u');
/** Places are the same however they are parted. */
const isSame = (read: string, written: string): boolean =>
  plain(read) === plain(written) ||
  (placesIn(written)?.changes === 0 &&
    placesIn(read)?.names.join() === placesIn(written)?.names.join());

function scored(
  rows: readonly (readonly SheetCell[])[],
  written: SheetPhoto['rows'],
  score: Score,
): string[] {
  // A title and notes stand around the table.
  const table = rows.filter((row) => row.filter(({ box }) => box).length === 4);
  const faults: string[] = [];
  for (const [line, row] of written.entries()) {
    for (const [column, text] of row.entries()) {
      const cell = table.length === written.length ? table[line]?.[column] : undefined;
      const isRight = cell !== undefined && isSame(cell.text, text);
      score.cells += 1;
      if (isRight) score.right += 1;
      if (isRight && cell.doubt) score.rightAndAsked += 1;
      if (!isRight && (cell === undefined || cell.doubt)) score.wrongAndAsked += 1;
      if (!isRight && cell && !cell.doubt) {
        score.wrong += 1;
        faults.push(`${text} was read as ${cell.text}`);
      }
    }
  }
  return faults;
}

describe('photos of sheets', () => {
  it(
    'are read, and what is wrong is asked',
    async () => {
      const score: Score = { cells: 0, right: 0, rightAndAsked: 0, wrongAndAsked: 0, wrong: 0 };
      const table: string[] = [];
      let found = 0;
      for (const seed of seeds) {
        const photo = sheetPhoto(seed);
        const { rows, found: isFound, milliseconds } = await read(photo);
        const before = { ...score };
        const faults = scored(rows, photo.rows, score);
        if (isFound) found += 1;
        table.push(
          [
            seed,
            photo.looks,
            `${photo.rows.length} rows`,
            `${score.right - before.right} of ${score.cells - before.cells} right`,
            `${score.rightAndAsked + score.wrongAndAsked - before.rightAndAsked - before.wrongAndAsked} asked`,
            `${(milliseconds / 1000).toFixed(1)} s`,
            ...faults,
          ].join(', '),
        );
      }
      if (isLong)
        console.log([...table, `corners found in ${found}`, JSON.stringify(score)].join('\n'));
      expect(score.right / score.cells, table.join('\n')).toBeGreaterThan(0.92);
      expect(score.wrong / score.cells, table.join('\n')).toBeLessThan(0.003);
      expect(found / seeds.length).toBeGreaterThan(0.9);
    },
    isLong ? 1_200_000 : 240_000,
  );

  const headings = ['Ref', 'Qty', 'Part', 'Value'];
  const resistors = (...values: string[]) => [
    headings,
    ...values.map((value, at) => [`R${at + 1}`, '1', 'Resistor', value]),
  ];
  const singles = [
    headings,
    ['R1', '1', 'Resistor', '330R'],
    ['C1', '1', 'Ceramic capacitor', '100nF'],
    ['D1', '1', 'Diode', '1N4148'],
    ['Q1', '1', 'Transistor', 'S8550'],
    ['LED1', '1', 'LED 5 mm', 'red'],
    ['RV1', '1', 'Trimmer', '50k'],
  ];
  it.each([
    [
      'an ohm sign without a blank',
      resistors('220Ω', '4k7Ω', '10kΩ', '470Ω', '1MΩ', '68Ω'),
      {},
      12,
    ],
    ['values that are rare', resistors('50k', '16k', '910', '62k', '49k9', '48k'), {}, 6],
    ['one part of each kind', singles, {}, 3],
    ['the same on its head', singles, { quarters: 2 }, 3],
    ['the same on its side', singles, { quarters: 1, face: 'Serif' }, 3],
    ['the same from a typewriter', singles, { quarters: 3, face: 'Typewriter' }, 5],
  ] as const)(
    'with %s are read, and few of their cells are asked',
    async (_, rows, how, most) => {
      const codes = await workerFor(['eng']);
      const reader = tesseractReader(codes, codes, (piece) => Buffer.from(asPgm(piece)));
      const sheet = await readSheet(evened(sheetScan(rows, how)), reader);
      const score: Score = { cells: 0, right: 0, rightAndAsked: 0, wrongAndAsked: 0, wrong: 0 };
      expect(scored(sheet.rows, rows, score)).toEqual([]);
      const asked = sheet.rows.flat().filter(({ doubt }) => doubt);
      const told = asked.map(({ text, doubt }) => `${text} (${doubt?.says})`).join(', ');
      expect(score.right, told).toBe(score.cells);
      expect(asked.length, told).toBeLessThanOrEqual(most);
    },
    120_000,
  );

  it('are given up when nobody wants them any more', async () => {
    const photo = sheetPhoto(6);
    const giveUp = new AbortController();
    const codes = await workerFor(['eng']);
    const reader = tesseractReader(codes, codes, (piece) => Buffer.from(asPgm(piece)));
    const progress: number[] = [];
    const reading = readSheet(pageOf(photo.picture, photo.corners), reader, {
      signal: giveUp.signal,
      progress: (done) => {
        progress.push(done);
        if (done > 0.5) giveUp.abort(new Error('not wanted'));
      },
    });
    await expect(reading).rejects.toThrow('not wanted');
    expect(progress.at(-1)).toBeLessThan(0.6);
    expect([...progress].sort((a, b) => a - b)).toEqual(progress);
  }, 120_000);
});
