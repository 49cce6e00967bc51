import { calledWords } from '../parts/families/called.ts';
import { families } from '../parts/families/index.ts';
import { recognised } from '../parts/families/recognised.ts';
import type { Recognised } from '../parts/families/recognisedBy.ts';
import type { PartFamily } from '../parts/family.ts';
import { lettersOf, type Read } from './look.ts';
import { namesOf } from './names.ts';
import { nearlyEqual } from './typingError.ts';

// What each sign is worth. A word or a number of its own decides; letters alone (C, D) leave several families open.
const weights = {
  /** A number that only such parts have. */
  ownType: 6,
  word: 4,
  typingError: 3,
  /** A number that looks like one of such a part, but is in no catalogue. */
  typeLike: 3,
  letters: 2,
  unit: 2,
  // A bare resistance, inductance or frequency with nothing else written: the usual part of that unit.
  unitAlone: 2.5,
  code: 1,
  body: 2.5,
  /** Called such a part, with a word beside it that makes another part of it: a relative, never surely it. */
  relative: 1,
} as const;

export interface Scored {
  readonly family: PartFamily;
  readonly score: number;
  /** What a word of the text says of it; 0 where no word does. */
  readonly byWord: number;
  /** The longest word of the text that such parts are called; empty where there is none. */
  readonly word: string;
}

/** A line, and whether any word of it is what parts are called. */
type Named = Read & { readonly isNamed: boolean };

/** The families that words, units and place names speak for, likeliest first. */
export function scoreFamilies(read: Read): Scored[] {
  // “Fuse with clips” is a fuse: what comes with a part names another one.
  const head: Read = { ...read, words: read.headWords };
  const isNamed = isNamedIn(head);
  const named: Named = { ...(isNamed ? head : read), isNamed: isNamed || isNamedIn(read) };
  return families
    .map((family) => scored(family, named))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score);
}

const isNamedIn = (read: Read): boolean =>
  read.words.trim() !== '' &&
  families.some((family) => longestIn([...calledWords(family), ...namesOf(family)], read) !== '');

/** Whether a word of a kind stands in what a line says before it says what comes with the part. */
export const isInHead = ({ word }: Scored, { headWords }: Read): boolean =>
  headWords.includes(` ${word} `);

/** From here on the signs are enough to be sure. */
export const sureFrom = 4;
/** So far the next one has to lie behind. */
const clearBy = 1;

/**
 * Whether the next one is out of the question: far behind, or called by a word that is part of the better one’s
 * (“reed switch”, “switch”).
 */
export const isClearOf = (best: Scored, next: Scored | undefined): boolean =>
  next === undefined ||
  best.score - next.score >= clearBy ||
  (next.word !== '' && best.word !== next.word && ` ${best.word} `.includes(` ${next.word} `));

/** Only a word like one of its own speaks for it: “Endschalter” is near “Reedschalter”, and another switch. */
export const isMisspelt = ({ byWord, word }: Scored): boolean => byWord > 0 && word === '';

function scored(family: PartFamily, read: Named): Scored {
  const { types = [], needs, not, otherSize } = recognised(family);
  const { kinds } = family;
  const known = calledWords(family);
  const none = { family, score: 0, byWord: 0, word: '' };
  // Called by its own name, it needs no other sign of its body.
  const name = longestIn(namesOf(family), read);
  if (name === '' && needs && !needs.test(read.plainText)) return none;
  if (!isAll(name, read) && otherSize?.test(read.plainText)) return none;
  if (!isAll(name, read) && not?.test(read.plainText)) return asRelative(family, read);
  // The longest word that fits counts most: “battery holder” beats “battery”, “ic socket” beats “ic”.
  const word = longestIn([...known, name], read);
  const byWord = word === '' ? byTypingError(known, read.tokens) : weights.word + word.length / 10;
  const hasType = types.some((type) => type.test(read.aboutText));
  const byType = hasType ? (kinds ? weights.typeLike : weights.ownType) : 0;
  const byUnit = unitScore(family, read);
  const byLetters = letterScore(family, read);
  const said = byWord + byType + byUnit;
  // A body says what it is only beside a place name that says the same.
  const byBody = needs && byWord === 0 && byLetters > 0 ? weights.body : 0;
  if (needs && name === '' && said + byBody === 0) return none;
  return { family, byWord, word, score: said + byBody + byLetters };
}

/** An ultraviolet LED is no red one, but nearer to it than to anything that only has its place or its size. */
function asRelative(family: PartFamily, read: Read): Scored {
  const { letters } = family;
  const isPlace = read.designators.length === 0 || letters.includes(lettersOf(read.designators));
  const isCalled = isPlace && longestIn(calledWords(family), read) !== '';
  const score = isCalled ? weights.relative + letterScore(family, read) : 0;
  return { family, score, byWord: 0, word: '' };
}

/** The line says nothing else but the name, and values. */
const isAll = (name: string, { plainText }: Read): boolean =>
  name !== '' &&
  plainText
    // A value; four digits may be the size of a chip.
    .replace(/(?:^|\s)[\d.,]+(?:[a-zµω%]+\d*)?(?=\s|$)/g, (token) =>
      /^\s?\d{4}$/.test(token) ? token : ' ',
    )
    .replace(/[^a-z0-9-]+/g, ' ')
    .trim() === name;

const longestIn = (words: readonly string[], read: Read): string =>
  words
    .filter((one) => read.words.includes(` ${one} `))
    .reduce((longest, one) => (one.length > longest.length ? one : longest), '');

function byTypingError(known: readonly string[], tokens: readonly string[]): number {
  // Type numbers and values are no misspelt words.
  const written = tokens.filter((token) => /^[a-z]{5,}$/.test(token));
  const near = known.some((word) => written.some((token) => nearlyEqual(token, word)));
  return near ? weights.typingError : 0;
}

function letterScore({ letters }: PartFamily, { designators }: Read): number {
  const place = letters.indexOf(lettersOf(designators));
  return place >= 0 ? weights.letters - place / 10 : 0;
}

function unitScore(family: PartFamily, read: Named): number {
  const { valueKind, letters } = family;
  const { needs, assumedFor } = recognised(family);
  if (typeof valueKind !== 'object') return 0;
  const place = lettersOf(read.designators);
  const { unit } = valueKind;
  if (!read.units.has(unit)) {
    return unit === 'farad' && read.code && !needs && read.units.size === 0 ? weights.code : 0;
  }
  const isPlace = place === '' || letters.includes(place);
  const isUsual = read.onlyValues || (place !== '' && !read.isNamed);
  const alone = isUsual && assumedFor === 'value-alone' && isPlace;
  return weights.unit + (alone ? weights.unitAlone : 0) + amountPrior(assumedFor, read.text);
}

/**
 * Of capacitors without a word, large ones are usually electrolytic and small ones ceramic; from 47 µF on a leaded one is
 * hardly anything else (common practice).
 */
function amountPrior(assumedFor: Recognised['assumedFor'], text: string): number {
  const most = Math.max(
    ...[...text.matchAll(/(?<![\d.,])(\d{1,5})(?:[.,]\d{1,2})?\s*[uµμ]/gi)].map(([, digits]) =>
      Number(digits),
    ),
  );
  const micro =
    /\d\s*[uµμ]/i.test(text) && !/(?<![\d.,])(?:0?[.,]\d{1,4}\s*[uµμ]|0[uµμ]\d)/i.test(text);
  if (assumedFor === 'from-1-µF') return most >= 47 ? 1.1 : micro ? 0.5 : 0;
  return assumedFor === 'below-1-µF' && !micro ? 0.3 : 0;
}

/** The place name speaks for another kind of part than the text: C3 “resistor 4k7”. */
export function contradicted(family: PartFamily, { designators }: Read): boolean {
  const letters = lettersOf(designators);
  if (letters === '' || family.letters.includes(letters)) return false;
  if (family.letters.length === 0 && forHoles.has(letters)) return false;
  return families.some((candidate) => candidate.letters.includes(letters));
}

/** What screws and stand-offs are called, though they have no letters of their own (common practice). */
const forHoles: ReadonlySet<string> = new Set(['H', 'M']);
