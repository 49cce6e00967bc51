import { type Said, said } from '../../learning/said.ts';
import type { Box, Grey } from '../../picture/raster.ts';
import { isTradeChinese, nearestTerm } from '../chinese.ts';
import type { ColumnId } from '../columns.ts';
import { recognise } from '../recognise.ts';
import type { Look, LookedAtCell, LookedAtSheet } from './lookAtCells.ts';
import { placesIn } from './places.ts';
import { lettersOf, type RowPlaces, rowPlaces } from './rowPlaces.ts';
import { shapeOf } from './shape.ts';
import {
  hasAmount,
  inTradeSigns,
  isAmount,
  knownVariants,
  usualDouble,
  type ValueBeside,
} from './values.ts';

/** A cell of a sheet as it was read. */
export interface SheetCell {
  readonly text: string;
  /** Where it is on the page; absent where the cell is empty. */
  readonly box?: Box;
  /** Why it must be looked at before it is taken over. */
  readonly doubt?: Said;
}

/** From here on a single look is believed where nothing speaks against it. */
const sureTrust = 0.8;
/** Words that both looks saw alike are believed from here on. */
const clearTrust = 0.6;

/** Blanks and marks of quotation, which readers of print see in specks, make no difference. */
const same = (text: string): string =>
  text
    .replace(/[\s"'“”„‘’]+/g, '')
    .replace(/[μµ]/g, 'u')
    .replace(/[–—]/g, '-');

/**
 * Decides what each cell says, by what the trade knows: names of places, numbers of pieces that must agree with them,
 * preferred values and known types, words that stand in other rows too. What was taken for something else, what two
 * looks saw differently and what nothing confirms is marked.
 */
export function decideCells(sheet: LookedAtSheet): readonly (readonly SheetCell[])[] {
  const { rows, meanings, above, page } = sheet;
  const elsewhere = surelyRead(sheet);
  const quantityIn = (row: readonly LookedAtCell[]) => row[meanings.indexOf('quantity')];
  const places = rowPlaces(sheet, (row) => countsOf(quantityIn(row)));
  const decided = rows.map((row, line): SheetCell[] => {
    const known: KnownOfRow = {
      page,
      places: places[line],
      pieces: line < above ? undefined : decidedCount(quantityIn(row), places[line]),
      beside: besideIn(row, meanings, places[line]),
    };
    return row.map((cell, column) => {
      if (!cell.box) return { text: '' };
      const decide =
        (line < above ? undefined : deciders[meanings[column] ?? 'description']) ?? decideWords;
      return { box: cell.box, ...decide(cell, known, elsewhere[column] ?? new Map()) };
    });
  });
  // A title above the headings is not taken over, so that nobody has to look at it.
  const asked = decided.map((row, line) =>
    line < above - 1 ? row.map(({ doubt: _, ...cell }) => cell) : row,
  );
  return twiceMarked(
    isPoor(rows) ? asked.map((row) => row.map(unsure)) : asked,
    meanings.indexOf('designators'),
    above,
  );
}

/** Where most cells were hardly readable, nothing is believed: the page may lie on its head or out of focus. */
function isPoor(rows: LookedAtSheet['rows']): boolean {
  const trusts = rows
    .flat()
    .filter(({ box }) => box !== undefined)
    .map(({ alone, onPage }) => Math.max(alone.trust, onPage.trust))
    .sort((a, b) => a - b);
  return (trusts[Math.floor(trusts.length / 2)] ?? 1) < clearTrust;
}

const unsure = (cell: SheetCell): SheetCell =>
  cell.box && !cell.doubt ? { ...cell, doubt: said('lists.photo.notSure') } : cell;

/** What the whole of a row tells about each of its cells. */
interface KnownOfRow {
  readonly page: Grey;
  readonly places: RowPlaces | undefined;
  readonly pieces: DecidedCount | undefined;
  readonly beside: ValueBeside;
}

type Decided = Omit<SheetCell, 'box'>;
/** Words that the column surely says in other rows, with how often. */
type Elsewhere = ReadonlyMap<string, number>;
type Decide = (cell: LookedAtCell, known: KnownOfRow, elsewhere: Elsewhere) => Decided;

const deciders: Readonly<Partial<Record<ColumnId, Decide>>> = {
  designators: (cell, { places }) =>
    places
      ? { text: places.text, ...doubtOf(places.text, places.isSure, cell) }
      : { text: readAs(cell), doubt: said('lists.photo.noPlace') },
  quantity: (cell, { places, pieces }) => {
    if (!pieces) return { text: readAs(cell), doubt: said('lists.photo.noNumber') };
    const text = String(pieces.count);
    if (!places || pieces.agrees) return { text, ...doubtOf(text, pieces.isSure, cell) };
    return { text, doubt: said('lists.photo.countDisagrees', { count: places.names.length }) };
  },
  value: (cell, known, elsewhere) => {
    const isCode = hasAmount(known.beside) || /\d/.test(cell.alone.text + cell.onPage.text);
    return isCode
      ? decidedValue(cell, known.beside, known.page)
      : decideWords(cell, known, elsewhere);
  },
};

/** What the other cells of a row say of its value. */
const besideIn = (
  row: readonly LookedAtCell[],
  meanings: LookedAtSheet['meanings'],
  places: RowPlaces | undefined,
): ValueBeside => ({
  letters: places?.names[0] && lettersOf(places.names[0]),
  words: otherWords(row, meanings),
  alsoValues: recognise({
    text: otherWords(row, meanings),
    designators: [...(places?.names ?? [])],
  }).family.alsoValues,
});

const otherWords = (row: readonly LookedAtCell[], meanings: LookedAtSheet['meanings']): string =>
  row
    .filter((_, column) => meanings[column] !== 'value')
    .map(({ alone, onPage }) => `${alone.text} ${onPage.text}`)
    .join(' ');

type Looks = Pick<LookedAtCell, 'alone' | 'onPage'>;

const readAs = ({ alone, onPage }: Looks): string =>
  alone.text === '' || onPage.trust > alone.trust ? onPage.text : alone.text;

/** Why a text must be looked at, by what was seen: two things, something else, or the same but nothing known. */
function doubtOf(
  text: string,
  isSure: boolean,
  { alone, onPage }: Looks,
): { readonly doubt?: Said } {
  if (isSure) return {};
  const seen = { one: alone.text || '–', other: onPage.text || '–' };
  const agree = same(alone.text) === same(onPage.text);
  if (![alone.text, onPage.text].some((one) => same(one) === same(text))) {
    return { doubt: said('lists.photo.corrected', seen) };
  }
  if (!agree) return { doubt: said('lists.photo.readTwoWays', seen) };
  return { doubt: said('lists.photo.notSure') };
}

interface DecidedCount {
  readonly count: number;
  readonly isSure: boolean;
  /** As many as there are places. */
  readonly agrees: boolean;
}

function decidedCount(
  cell: LookedAtCell | undefined,
  places: RowPlaces | undefined,
): DecidedCount | undefined {
  if (!cell?.box) return undefined;
  const looks = countsOf(cell);
  const expected = places?.names.length;
  if (expected !== undefined && looks.includes(expected)) {
    const seen = looks[0] === expected ? cell.alone : cell.onPage;
    const isSure = places?.isSure === true || looks[0] === looks[1] || seen.trust >= sureTrust;
    return { count: expected, isSure, agrees: true };
  }
  const [count] = looks.filter((look) => look !== undefined);
  if (count === undefined) return undefined;
  return { count, isSure: looks[0] === looks[1], agrees: false };
}

/** How many pieces each look saw. */
const countsOf = (cell: LookedAtCell | undefined): readonly (number | undefined)[] =>
  cell ? [countIn(cell.alone.text), countIn(cell.onPage.text)] : [];

/** A number of pieces in what was read. */
function countIn(text: string): number | undefined {
  const digits = text
    .trim()
    .replace(/[lI|!i\][]/g, '1')
    .replace(/[OoQ]/g, '0')
    .replace(/(?<![.,;:'"‘’])[.,;:'"‘’]+$/, '');
  const found = /^(\d{1,3})\s*(?:x|pcs?|stk?|st|pz|个|只)?\.?$/i.exec(digits);
  return found ? Number(found[1]) : undefined;
}

const looksAlike = ([one, other]: readonly Look[]): boolean =>
  one !== undefined && other !== undefined && same(one.text) === same(other.text);

/** How many changes of signs it is worth that the ink looks otherwise. */
const misfit = { fits: 0, unknown: 0, differs: 1.5 } as const;
const fits = { fits: 2, unknown: 1, differs: 0 } as const;

function decidedValue(cell: LookedAtCell, beside: ValueBeside, page: Grey): Decided {
  const fitOf = shapeOf(page, cell.box as Box);
  const looks = [cell.alone, cell.onPage].map(({ text, trust }) => ({
    text: inTradeSigns(text, beside),
    trust,
  }));
  const [best, ...others] = looks
    .filter(({ text }) => text !== '')
    .flatMap(({ text, trust }) =>
      knownVariants(text, beside).map((one) => ({ ...one, trust, fit: fitOf(one.text) })),
    )
    .map((one) => ({ ...one, cost: one.changes + misfit[one.fit] }))
    .sort((a, b) => a.cost - b.cost || fits[b.fit] - fits[a.fit] || b.trust - a.trust);
  if (!best) {
    const agree = looksAlike(looks);
    const text = agree ? (looks[0]?.text ?? '') : inTradeSigns(readAs(cell), beside);
    const isSure =
      agree &&
      !hasAmount(beside) &&
      fitOf(text) !== 'differs' &&
      looks.every(({ trust }) => trust >= sureTrust);
    return { text, ...doubtOf(text, isSure, cell) };
  }
  // An amount that both looks saw alike, and that the ink can be, stays, however rare it is.
  const [kept] = looks;
  if (best.changes > 0 && kept && looksAlike(looks) && isAmount(kept.text, beside)) {
    if (fitOf(kept.text) === 'fits')
      return { text: kept.text, doubt: said('lists.photo.orUsual', { value: best.text }) };
  }
  const { text } = best;
  const hasRival = others.some((one) => one.cost === best.cost && same(one.text) !== same(text));
  const seenTwice = looks.every((look) => same(look.text) === same(text));
  const wasSeen =
    best.changes === 0 && !hasRival && best.fit !== 'differs' && (seenTwice || best.fit === 'fits');
  const usual = wasSeen ? usualDouble(text, beside) : undefined;
  if (usual) return { text, doubt: said('lists.photo.orUsual', { value: usual }) };
  return { text, ...doubtOf(text, wasSeen, cell) };
}

/** For each column the words that both looks saw alike, with how often; headings and titles are not among them. */
function surelyRead({ rows, above }: LookedAtSheet): ReadonlyMap<string, number>[] {
  const width = Math.max(0, ...rows.map(({ length }) => length));
  return Array.from({ length: width }, (_, column) => {
    const counts = new Map<string, number>();
    for (const row of rows.slice(above)) {
      const { alone, onPage } = row[column] ?? {};
      if (!alone || !onPage || alone.text === '' || same(alone.text) !== same(onPage.text))
        continue;
      counts.set(alone.text, (counts.get(alone.text) ?? 0) + 1);
    }
    return counts;
  });
}

/** Blanks between Chinese characters are the reader’s own. */
const closed = (look: Look): Look => ({
  ...look,
  text: look.text.replace(/(?<=\p{Script=Han})\s+(?=\p{Script=Han})/gu, ''),
});

const isChinese = (text: string): boolean => /\p{Script=Han}/u.test(text);

function decideWords(cell: LookedAtCell, _: KnownOfRow, elsewhere: Elsewhere): Decided {
  const alone = closed(cell.alone);
  const onPage = closed(cell.onPage);
  const looks = { alone, onPage };
  if (isChinese(alone.text + onPage.text)) {
    const known = [alone, onPage].find(({ text }) => text !== '' && isTradeChinese(text));
    if (known) return { text: known.text };
    const text = nearestTerm(alone.text) ?? nearestTerm(onPage.text) ?? readAs(looks);
    return { text, ...doubtOf(text, false, looks) };
  }
  const often = ({ text }: Look) => elsewhere.get(text) ?? 0;
  if (same(alone.text) === same(onPage.text)) {
    const isSure = Math.max(alone.trust, onPage.trust) >= clearTrust || often(alone) > 1;
    const text = [alone.text, onPage.text].sort((a, b) => a.length - b.length)[0] ?? '';
    return { text, ...doubtOf(text, isSure, looks) };
  }
  // What other rows say, letter by letter, is hardly a mistake.
  const [best, rival] = [alone, onPage]
    .filter((look) => often(look) > 0)
    .sort((a, b) => often(b) - often(a));
  const text = best?.text ?? readAs(looks);
  return { text, ...doubtOf(text, best !== undefined && rival === undefined, looks) };
}

/** A place that two rows name is wrong in one of them. */
function twiceMarked(
  rows: readonly (readonly SheetCell[])[],
  column: number,
  above: number,
): readonly (readonly SheetCell[])[] {
  if (column < 0) return rows;
  const counts = new Map<string, number>();
  const namesOf = (row: readonly SheetCell[]) => placesIn(row[column]?.text ?? '')?.names ?? [];
  for (const row of rows.slice(above))
    for (const name of namesOf(row)) counts.set(name, (counts.get(name) ?? 0) + 1);
  return rows.map((row, line) => {
    const twice =
      line < above ? undefined : namesOf(row).find((name) => (counts.get(name) ?? 0) > 1);
    if (twice === undefined) return row;
    return row.map((cell, at) =>
      at === column ? { ...cell, doubt: said('lists.photo.placeTwice', { place: twice }) } : cell,
    );
  });
}
