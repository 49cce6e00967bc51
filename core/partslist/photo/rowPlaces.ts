import type { ColumnId } from '../columns.ts';
import { recognise } from '../recognise.ts';
import type { LookedAtCell, LookedAtSheet } from './lookAtCells.ts';
import { type PlaceHints, placesIn, type ReadPlaces } from './places.ts';

/** The places of a row as they were decided on. */
export interface RowPlaces extends ReadPlaces {
  readonly isSure: boolean;
}

/** From here on a single look is believed where the rest of the row speaks for it. */
const plainTrust = 0.8;

export const lettersOf = (name: string): string => name.replace(/(?<!\d)\d+$/, '');
const numberOf = (name: string): number => Number(name.replace(/^\D+/, ''));

/** Columns that say nothing of the kind of part. */
const codes: ReadonlySet<ColumnId | undefined> = new Set(['designators', 'quantity']);

interface Row {
  readonly cell: LookedAtCell;
  /** What its other cells say. */
  readonly words: string;
  /** How many pieces were read, each of two times. */
  readonly counts: readonly (number | undefined)[];
}

/**
 * The places of each row; none above the parts and where they cannot be read. Rows help each other: letters that
 * others have are likelier, a place stands once, and numbers without a gap leave no room for one that was misread.
 */
export function rowPlaces(
  sheet: LookedAtSheet,
  countsOf: (row: readonly LookedAtCell[]) => readonly (number | undefined)[],
): readonly (RowPlaces | undefined)[] {
  const column = sheet.meanings.indexOf('designators');
  const rows = sheet.rows.map((row, line): Row | undefined => {
    const cell = row[column];
    if (line < sheet.above || !cell?.box) return undefined;
    const words = row
      .filter((_, at) => !codes.has(sheet.meanings[at]))
      .map(({ alone }) => alone.text);
    return { cell, words: words.join(' '), counts: countsOf(row) };
  });
  const agreed = rows.map((row) => row && decided(row, {}, new Map()));
  const usual = usualLetters(agreed);
  const taken = counted(agreed.filter((own) => own?.isSure));
  const places = rows.map(
    (row) => row && decided(row, { usual, own: ownLetters(row, usual) }, taken),
  );
  return places.map((own, line) => {
    const row = rows[line];
    if (!own || !row) return undefined;
    return { ...own, isSure: isSure(own, places, new Set([...usual, ...lettersOfKind(row)])) };
  });
}

/** @param expected letters that are no surprise in this row */
function isSure(
  own: RowPlaces,
  all: readonly (RowPlaces | undefined)[],
  expected: ReadonlySet<string>,
): boolean {
  const numbers = (letters: string) =>
    all
      .flatMap((other) => other?.names ?? [])
      .filter((name) => lettersOf(name) === letters)
      .map(numberOf)
      .sort((a, b) => a - b);
  const used = own.names.map((name) => numbers(lettersOf(name)));
  const isWhole = used.every(
    (list) => list.length > 2 && list.every((number, at) => number === at + 1),
  );
  if (isWhole) return true;
  const isNear = own.names.every(
    (name, at) => numberOf(name) <= (used[at]?.length ?? 0) + 3 && expected.has(lettersOf(name)),
  );
  const rises = own.names.every((name, at) => {
    const before = own.names[at - 1];
    return !before || lettersOf(before) !== lettersOf(name) || numberOf(before) < numberOf(name);
  });
  return own.isSure && isNear && rises;
}

/** Letters that two rows have at least, as both looks saw them. */
function usualLetters(places: readonly (RowPlaces | undefined)[]): ReadonlySet<string> {
  const counts = new Map<string, number>();
  for (const own of places) {
    if (!own?.isSure) continue;
    for (const letters of new Set(own.names.map(lettersOf))) {
      counts.set(letters, (counts.get(letters) ?? 0) + 1);
    }
  }
  return new Set([...counts].filter(([, count]) => count > 1).map(([letters]) => letters));
}

const counted = (places: readonly (RowPlaces | undefined)[]): ReadonlyMap<string, number> => {
  const counts = new Map<string, number>();
  for (const name of places.flatMap((own) => own?.names ?? [])) {
    counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return counts;
};

/** The only letters that parts of the row’s kind have in this list. */
function ownLetters(row: Row, usual: ReadonlySet<string>): string | undefined {
  const possible = lettersOfKind(row).filter((letters) => usual.has(letters));
  return possible.length === 1 ? possible[0] : undefined;
}

/** The letters that parts of the row’s kind have, where its other cells tell the kind for sure. */
function lettersOfKind({ words }: Row): readonly string[] {
  const { family, confidence } = recognise({ text: words, designators: [] });
  return confidence === 'sure' ? family.letters : [];
}

/** The better of two readings: as many as there are pieces, none that another row surely has, fewest changes. */
function decided(
  row: Row,
  hints: PlaceHints,
  taken: ReadonlyMap<string, number>,
): RowPlaces | undefined {
  const { cell, counts } = row;
  const alone = placesIn(cell.alone.text, hints);
  const onPage = placesIn(cell.onPage.text, hints);
  const agree = alone !== undefined && alone.names.join() === onPage?.names.join();
  const faults = ({ names, cost }: ReadPlaces): number =>
    cost +
    (counts.includes(names.length) ? 0 : 2) +
    2 * names.filter((name) => (taken.get(name) ?? 0) > (agree ? 1 : 0)).length;
  const [best] = [alone, onPage]
    .filter((one) => one !== undefined)
    .sort((a, b) => faults(a) - faults(b));
  if (!best) return undefined;
  return { ...best, isSure: agree || (best === alone && isPlain(alone, row)) };
}

/** A name that the page as a whole left out, but that is clear by itself and what the rest of the row leads to expect. */
function isPlain({ names, changes }: ReadPlaces, row: Row): boolean {
  const { alone, onPage } = row.cell;
  const expected = lettersOfKind(row);
  return (
    changes === 0 &&
    onPage.text === '' &&
    alone.trust >= plainTrust &&
    row.counts.includes(names.length) &&
    names.every((name) => expected.includes(lettersOf(name)))
  );
}
