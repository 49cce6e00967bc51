import { families } from '../../parts/families/index.ts';
import { canBe } from './confusions.ts';

/** Letters that stand before the numbers of places, longest first. */
const allLetters = [...new Set(families.flatMap(({ letters }) => letters))].sort(
  (a, b) => b.length - a.length,
);

export interface ReadPlaces {
  /** As a list writes them: `R1, R4-R7`. */
  readonly text: string;
  readonly names: readonly string[];
  /** How many signs had to be taken for others. */
  readonly changes: number;
  /** The same, with how unlikely its letters are. */
  readonly cost: number;
}

/** What is known of a row’s places before they are read. */
export interface PlaceHints {
  /** Letters that other rows have; all are equally likely where it is left out. */
  readonly usual?: ReadonlySet<string>;
  /** The letters of the row’s kind of part, where only these can be. */
  readonly own?: string | undefined;
}

interface Item {
  readonly letters: string;
  readonly number: number;
  readonly changes: number;
  /** Changes, and how unlikely the letters are. */
  readonly cost: number;
}

/** Letters that no other row has are nearly as unlikely as a sign that was misread. */
const strangeLetters = 0.9;
/** More so where the row’s kind of part has others. */
const foreignLetters = 1.5;
const longestRange = 60;
/** Names without anything between them are no more signs than this. */
const longestItem = 16;

/** Place names in what was read, signs that look alike put right; undefined where there is something else. */
export function placesIn(read: string, hints: PlaceHints = {}): ReadPlaces | undefined {
  const groups = read
    .replace(/[‘’“”"'`«»|]/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/ ?[-–—~] ?/g, '-')
    .split(/[\s,;.:+&/]+/)
    .filter((item) => item !== '')
    .map((item) => groupIn(item, hints));
  if (groups.length === 0 || groups.includes(undefined)) return undefined;
  const found = groups as ReadPlaces[];
  return {
    text: found.map(({ text }) => text).join(', '),
    names: found.flatMap(({ names }) => names),
    changes: found.reduce((sum, { changes }) => sum + changes, 0),
    cost: costOf(found),
  };
}

/** A name, names without anything between, or a range. */
function groupIn(item: string, hints: PlaceHints): ReadPlaces | undefined {
  const [from, to, ...more] = item.split('-').map((text) => itemsIn(text, hints));
  if (!from || more.length > 0) return undefined;
  const names = from.map(({ letters, number }) => `${letters}${number}`);
  const changes = total(from);
  const cost = costOf(from);
  if (!item.includes('-')) return { text: names.join(', '), names, changes, cost };
  const [first, last] = [from.at(-1), to?.[0]];
  if (!first || !last || to?.length !== 1 || last.letters !== first.letters) return undefined;
  const count = last.number - first.number;
  if (count < 1 || count > longestRange) return undefined;
  const between = Array.from(
    { length: count },
    (_, step) => `${first.letters}${first.number + step + 1}`,
  );
  return {
    text: `${names.join(', ')}-${last.letters}${last.number}`,
    names: [...names, ...between],
    changes: changes + last.changes,
    cost: cost + last.cost,
  };
}

const total = (items: readonly Item[]): number =>
  items.reduce((sum, { changes }) => sum + changes, 0);
const costOf = (items: readonly Pick<Item, 'cost'>[]): number =>
  items.reduce((sum, { cost }) => sum + cost, 0);

/** One name, or several that were written or read without anything between (`C1C2`), as it needs least changes. */
function itemsIn(text: string, hints: PlaceHints): readonly Item[] | undefined {
  if (text.length > longestItem) return undefined;
  const whole = itemIn(text, hints);
  let best: readonly Item[] | undefined = whole && [whole];
  for (let at = 2; at < text.length - 1; at += 1) {
    const first = itemIn(text.slice(0, at), hints);
    const rest = first && itemsIn(text.slice(at), hints);
    if (!first || !rest) continue;
    const items = [first, ...rest];
    if (!best || costOf(items) < costOf(best)) best = items;
  }
  return best;
}

function itemIn(text: string, { usual, own }: PlaceHints): Item | undefined {
  let best: Item | undefined;
  for (const letters of allLetters) {
    const digits = text.slice(letters.length);
    if (digits === '' || digits.length > 3) continue;
    // Where the kind of part leaves no other letter, that is what stands there, whatever it was taken for.
    const head = taken(text.slice(0, letters.length).toUpperCase(), (seen, at) =>
      letters === own || canBe(seen, letters[at] ?? '') ? letters[at] : undefined,
    );
    const tail = taken(digits, (seen) =>
      /\d/.test(seen) ? seen : [...'0123456789'].find((digit) => canBe(seen, digit)),
    );
    if (!head || !tail || tail.text.startsWith('0')) continue;
    const changes = head.changes + tail.changes;
    const cost = changes + strangeness(letters, usual, own);
    if (!best || cost < best.cost) best = { letters, number: Number(tail.text), changes, cost };
  }
  return best;
}

function strangeness(
  letters: string,
  usual: ReadonlySet<string> | undefined,
  own: string | undefined,
): number {
  if (own !== undefined) return letters === own ? 0 : foreignLetters;
  return usual && !usual.has(letters) ? strangeLetters : 0;
}

function taken(
  text: string,
  meant: (seen: string, at: number) => string | undefined,
): { readonly text: string; readonly changes: number } | undefined {
  let changes = 0;
  let out = '';
  for (const [at, seen] of [...text].entries()) {
    const sign = meant(seen, at);
    if (sign === undefined) return undefined;
    if (sign !== seen) changes += 1;
    out += sign;
  }
  return { text: out, changes };
}
