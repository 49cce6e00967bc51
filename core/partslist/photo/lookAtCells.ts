import Papa from 'papaparse';
import { around } from '../../picture/components.ts';
import { type Box, framed, type Grey } from '../../picture/raster.ts';
import { withoutRules } from '../../picture/rules.ts';
import type { ColumnId } from '../columns.ts';
import { wordsAsTable } from '../files/wordsAsTable.ts';
import { guessMapping } from '../guessMapping.ts';
import { readTable } from '../readTable.ts';
import { type InkText, inkTexts } from './inkTexts.ts';
import { placesIn } from './places.ts';
import type { LineWishes, PrintedWord, PrintReader } from './print.ts';

/** What one look at a cell gave. */
export interface Look {
  readonly text: string;
  /** Of its least sure word, 0 to 1; 0 where nothing was read. */
  readonly trust: number;
}

/** A cell of a sheet with its ink, looked at twice: by itself, and as part of the page. */
export interface LookedAtCell {
  /** Where its ink is on the page; absent where the cell is empty. */
  readonly box?: Box;
  readonly alone: Look;
  readonly onPage: Look;
}

export interface LookedAtSheet {
  /** The page without its ruled lines. */
  readonly page: Grey;
  readonly rows: readonly (readonly LookedAtCell[])[];
  /** What each column means, as far as its cells and heading tell. */
  readonly meanings: readonly (ColumnId | undefined)[];
  /** How many rows stand above the parts: headings, a title. */
  readonly above: number;
}

export interface ReadingRun {
  /** Told again and again: which part of the work is done, 0 to 1. */
  readonly progress?: (done: number) => void;
  /** Ends the reading, which then fails. */
  readonly signal?: AbortSignal;
}

/** White around what is read, in dots: readers of print want some. */
const margin = 14;
/** Which part of the work the page as a whole is, as measured. */
const pageShare = 0.35;

/** The signs that can stand in a column; a reader that knows them takes no C for a small one and no 1 for an l. */
const wishesOf: Readonly<Partial<Record<ColumnId, LineWishes>>> = {
  designators: { isCode: true, signs: 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789,-' },
  quantity: { isCode: true, signs: '0123456789' },
};
/** A value is a code where it has digits, and a word where it has none. */
const asCode: LineWishes = { isCode: true };

/**
 * The cells of the table on a page, row by row, read by themselves and with their surroundings; where there is no
 * table, its lines.
 *
 * @param page straight and evened
 * @throws the reason of the signal, where it was given up
 */
export async function lookAtCells(
  page: Grey,
  reader: PrintReader,
  { progress, signal }: ReadingRun = {},
): Promise<LookedAtSheet> {
  const clean = withoutRules(page);
  const found = cellsOf(inkTexts(clean));
  const words = await reader.readPage(clean);
  progress?.(pageShare);
  const looksAt = (cells: Cells) =>
    cells.map((row) => row.map(placeOf).map((place) => lookOf(place ? inside(words, place) : [])));
  const cells = withWholePlaces(found, looksAt(found));
  const places = cells.map((row) => row.map(placeOf));
  const onPage = looksAt(cells);
  const { meanings, above } = meaningsOf(onPage);
  const jobs = places.flatMap((row, line) =>
    row.map((place, column): Job => {
      const meaning = line < above ? undefined : meanings[column];
      const isCode = meaning === 'value' && /\d/.test(onPage[line]?.[column]?.text ?? '');
      return {
        line,
        column,
        place,
        wishes: (isCode ? asCode : meaning && wishesOf[meaning]) ?? {},
      };
    }),
  );
  const alone: Look[][] = places.map((row) => row.map(() => nothing));
  let done = 0;
  const readAll = async (some: readonly Job[]) => {
    for (const { line, column, place, wishes } of some) {
      signal?.throwIfAborted();
      const look = place ? lookOf(await readAlone(clean, place, reader, wishes)) : nothing;
      (alone[line] as Look[])[column] = look;
      done += 1;
      progress?.(pageShare + ((1 - pageShare) * done) / jobs.length);
    }
  };
  // Words and codes are read by two readers, which work beside each other; given up, both have come to rest.
  const ends = await Promise.allSettled([
    readAll(jobs.filter(({ wishes }) => wishes.isCode)),
    readAll(jobs.filter(({ wishes }) => !wishes.isCode)),
  ]);
  const failed = ends.find((end) => end.status === 'rejected');
  if (failed) throw failed.reason;
  const rows = places.map((row, line) =>
    row.map(
      (place, column): LookedAtCell => ({
        ...(place ? { box: place.box } : {}),
        alone: alone[line]?.[column] ?? nothing,
        onPage: onPage[line]?.[column] ?? nothing,
      }),
    ),
  );
  return { page: clean, rows, meanings, above };
}

/** Row by row what stands in each cell. */
type Cells = readonly (readonly (readonly InkText[])[])[];

/** Places that stand wide apart in one cell look like several columns: those without a heading are one with the first. */
function withWholePlaces(cells: Cells, looks: readonly (readonly Look[])[]): Cells {
  const { meanings, above } = meaningsOf(looks);
  const first = meanings.indexOf('designators');
  if (first < 0 || above === 0) return cells;
  const goesOn = (column: number): boolean =>
    looks[above - 1]?.[column]?.text === '' &&
    looks.slice(above).every((row) => {
      const text = row[column]?.text ?? '';
      return text === '' || (placesIn(text) !== undefined && row[first]?.text !== '');
    });
  let last = first;
  while (last + 1 < meanings.length && goesOn(last + 1)) last += 1;
  return cells.map((row) => [
    ...row.slice(0, first),
    row.slice(first, last + 1).flat(),
    ...row.slice(last + 1),
  ]);
}

function cellsOf(texts: readonly InkText[]): Cells {
  const { cells } = wordsAsTable([texts]);
  if (cells.length > 0) return cells;
  const lines = [...new Set(texts.map(({ y }) => y))];
  return lines.map((line) => [texts.filter(({ y }) => y === line)]);
}

/** A cell that is read by itself. */
interface Job {
  readonly line: number;
  readonly column: number;
  readonly place: CellPlace | undefined;
  readonly wishes: LineWishes;
}

/** Where a cell is, with its lines: one that was broken has several. */
interface CellPlace {
  readonly box: Box;
  readonly lines: readonly Box[];
}

function placeOf(texts: readonly InkText[]): CellPlace | undefined {
  const lines = [...new Set(texts.map(({ y }) => y))].map((line) =>
    boxAround(texts.filter(({ y }) => y === line).map(({ box }) => box)),
  );
  return lines.length === 0 ? undefined : { box: boxAround(lines), lines };
}

const boxAround = (boxes: readonly Box[]): Box => boxes.reduce(around);

/** What the columns mean, by a first reading of all cells. */
function meaningsOf(rows: readonly (readonly Look[])[]): Pick<LookedAtSheet, 'meanings' | 'above'> {
  const table = readTable(Papa.unparse(rows.map((row) => row.map(({ text }) => text))));
  if (!table.ok) return { meanings: [], above: 0 };
  const { headings, headingLine } = table.value;
  const mapping = guessMapping(table.value);
  const above = headingLine ?? 1;
  const meanings = headings.map((_, column) =>
    (Object.keys(mapping) as ColumnId[]).find((id) => mapping[id] === column),
  );
  // A first reading can be so poor that no column looks like places; put right, they do.
  for (const [id, looksRight] of Object.entries(readable) as [
    ColumnId,
    (text: string) => boolean,
  ][]) {
    if (meanings.includes(id)) continue;
    const shares = headings.map((_, column) => {
      const cells = rows.slice(above).map((row) => row[column]?.text ?? '');
      return meanings[column] ? 0 : cells.filter(looksRight).length / cells.length;
    });
    const best = shares.indexOf(Math.max(...shares));
    if ((shares[best] ?? 0) >= 0.4) meanings[best] = id;
  }
  return { meanings, above };
}

const readable: Readonly<Partial<Record<ColumnId, (text: string) => boolean>>> = {
  designators: (text) => placesIn(text) !== undefined,
  quantity: (text) => /^[\dlI|!]{1,2}$/.test(text),
  value: (text) => /^\d[\d.,]*\s*(?:[kKMR]|[pnuµ]?F|V|Ω|ohm)|^\w{2,4}\d{3,4}/.test(text),
};

async function readAlone(
  page: Grey,
  { lines }: CellPlace,
  reader: PrintReader,
  wishes: LineWishes = {},
): Promise<readonly PrintedWord[]> {
  const words: PrintedWord[] = [];
  for (const line of lines) {
    const isSign = line.width < 0.9 * line.height;
    words.push(...(await reader.readLine(lineAlone(page, line), { ...wishes, isSign })));
  }
  return words;
}

/** The words whose middles are in a cell. */
function inside(words: readonly PrintedWord[], { box, lines }: CellPlace): PrintedWord[] {
  const reach = 0.3 * (lines[0]?.height ?? 0);
  return words.filter(({ box: word }) => {
    const x = word.x + word.width / 2;
    const y = word.y + word.height / 2;
    const isBeside = x < box.x - reach || x > box.x + box.width + reach;
    return !isBeside && y >= box.y - reach && y <= box.y + box.height + reach;
  });
}

const nothing: Look = { text: '', trust: 0 };

const lookOf = (words: readonly PrintedWord[]): Look =>
  words.length === 0
    ? nothing
    : {
        text: words.map(({ text }) => text).join(' '),
        trust: Math.min(...words.map(({ trust }) => trust)),
      };

/** A line of the page by itself, so that nothing of its neighbours is read. */
export const lineAlone = (page: Grey, { x, y, width, height }: Box): Grey =>
  framed(page, { x: x - 1, y: y - 1, width: width + 2, height: height + 2 }, margin);
