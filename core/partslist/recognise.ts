import { families } from '../parts/families/index.ts';
import { other } from '../parts/families/other.ts';
import type { PartFamily, RecognisedBy } from '../parts/family.ts';
import { readCapacitorCode } from '../quantity/capacitorCode.ts';
import type { UnitId } from '../quantity/unit.ts';
import { plain } from './plain.ts';
import { nearlyEqual } from './typingError.ts';

export interface Recognition {
  readonly family: PartFamily;
  /**
   * `told`: a person said so, here or for an earlier list. `sure`: two signs agree or one cannot mean anything else.
   * `unsure`: look at it. `unknown`: nothing fits.
   */
  readonly confidence: Confidence;
  /** What else it could be, likeliest first. */
  readonly others: readonly PartFamily[];
}

export const confidences = ['told', 'sure', 'unsure', 'unknown'] as const;
export type Confidence = (typeof confidences)[number];

export interface Evidence {
  /** Everything the row says about the part. */
  readonly text: string;
  readonly designators: readonly string[];
}

// What each sign is worth. A word or a type number decides; letters alone (C, D) leave several families open.
const weights = {
  type: 6,
  word: 4,
  typingError: 3,
  letters: 2,
  unit: 2,
  // A bare resistance, inductance or frequency with nothing else written: the usual part of that unit.
  unitAlone: 2.5,
  code: 1,
} as const;
const sureFrom = 4;
const clearBy = 1;
const shownOthers = 4;

/** The family of a part, from what a person wrote about it. */
export function recognise(evidence: Evidence): Recognition {
  const read = { ...evidence, ...look(evidence) };
  const scored = families
    .map((family) => ({ family, score: score(family, read) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score);
  const [best, second] = scored;
  if (!best) {
    return { family: other, confidence: 'unknown', others: [] };
  }
  const clear = best.score >= sureFrom && best.score - (second?.score ?? 0) >= clearBy;
  return {
    family: best.family,
    confidence: clear && !contradicted(best.family, read) ? 'sure' : 'unsure',
    others: scored.slice(1, 1 + shownOthers).map(({ family }) => family),
  };
}

interface Look {
  /** Lower case, without accents. */
  readonly plainText: string;
  /** The words of the text with blanks around each, for looking up runs of words. */
  readonly words: string;
  readonly tokens: readonly string[];
  readonly units: ReadonlySet<UnitId>;
  /** Nothing is written but values: no word tells what it is. */
  readonly onlyValues: boolean;
  /** Three digits or more that a capacitor could have on it. */
  readonly code: boolean;
}

type Read = Evidence & Look;

function look({ text, designators }: Evidence): Look {
  const plainText = plain(text);
  const tokens = plainText.split(/[^a-z0-9.,µωΩ%]+/).filter((token) => token !== '');
  const units = unitsIn(text);
  const code = tokens.some((token) => /^\d{3}[a-z]?$/.test(token) && readCapacitorCode(token).ok);
  // A bare number is ohms, unless it may be the print of a capacitor.
  if (/^\d+([.,]\d+)?$/.test(text.trim()) && (!code || lettersOf(designators) === 'R'))
    units.add('ohm');
  return {
    plainText,
    // Hyphens part words in some languages and join them in others, so both readings count.
    words: ` ${plainText.replace(/[^a-z0-9-]+/g, ' ')} ${plainText.replace(/[^a-z0-9]+/g, ' ')} `,
    tokens,
    units,
    onlyValues: !tokens.some((token) => /^[a-z]{2,}$/.test(token) && !valueWords.has(token)),
    code,
  };
}

/** Words that belong to a value and say nothing about the part. */
const valueWords = new Set([
  'ohm',
  'ohms',
  'kohm',
  'mohm',
  'uf',
  'nf',
  'pf',
  'uh',
  'mh',
  'mhz',
  'khz',
  'watt',
  'volt',
  'pcs',
  'stk',
  'tol',
]);

function score(family: PartFamily, read: Read): number {
  const { words: known, types = [], needs, not } = family.recognise;
  if (needs && !needs.test(read.plainText)) return 0;
  if (not?.test(read.plainText)) return 0;
  // The longest word that fits counts most: “battery holder” beats “battery”, “ic socket” beats “ic”.
  const longest = Math.max(
    0,
    ...known.filter((word) => read.words.includes(` ${word} `)).map((word) => word.length),
  );
  const byWord = longest > 0 ? weights.word + longest / 10 : byTypingError(known, read.tokens);
  const byType = types.some((type) => type.test(read.text)) ? weights.type : 0;
  const byUnit = unitScore(family, read);
  if (byWord + byType + byUnit === 0 && needs) return 0;
  return byWord + byType + byUnit + letterScore(family, read);
}

function byTypingError(known: readonly string[], tokens: readonly string[]): number {
  // Type numbers and values are no misspelt words.
  const written = tokens.filter((token) => /^[a-z]{5,}$/.test(token));
  const near = known.some((word) => written.some((token) => nearlyEqual(token, word)));
  return near ? weights.typingError : 0;
}

function letterScore({ letters }: PartFamily, { designators }: Evidence): number {
  const place = letters.indexOf(lettersOf(designators));
  return place >= 0 ? weights.letters - place / 10 : 0;
}

const lettersOf = (designators: readonly string[]) => designators[0]?.match(/^[A-Z]+/)?.[0] ?? '';

function unitScore(
  { valueKind, recognise: { needs, assumedFor } }: PartFamily,
  read: Read,
): number {
  if (typeof valueKind !== 'object') return 0;
  const { unit } = valueKind;
  if (!read.units.has(unit)) {
    return unit === 'farad' && read.code && !needs && read.units.size === 0 ? weights.code : 0;
  }
  const alone = read.onlyValues && assumedFor === 'value-alone';
  return weights.unit + (alone ? weights.unitAlone : 0) + amountPrior(assumedFor, read.text);
}

/** Of capacitors without a word, large ones are usually electrolytic and small ones ceramic (common practice). */
function amountPrior(assumedFor: RecognisedBy['assumedFor'], text: string): number {
  const micro = /\d\s*[uµμ]/i.test(text) && !/\b0[.,]\d+\s*[uµμ]/i.test(text);
  if (assumedFor === 'from-1-µF') return micro ? 0.5 : 0;
  return assumedFor === 'below-1-µF' && !micro ? 0.3 : 0;
}

/** The place name speaks for another kind of part than the text: C3 “resistor 4k7”. */
function contradicted(family: PartFamily, { designators }: Evidence): boolean {
  const letters = lettersOf(designators);
  if (letters === '' || family.letters.length === 0 || family.letters.includes(letters))
    return false;
  return families.some((candidate) => candidate.letters[0] === letters);
}

const unitSigns: Readonly<Partial<Record<UnitId, RegExp>>> = {
  ohm: /\d\s*(k|m)?\s*(ohm|Ω|Ω)|\b\d+[kKMRr]\d*\b|\b\d+([.,]\d+)?\s*[kKM]\b|^\s*R\s*\d+/i,
  farad: /\d\s*[pnuµμ]F?\b|\d[pnuµμ]\d/,
  henry: /\d\s*[unmµμ]H\b/,
  hertz: /\d\s*[kM]Hz\b/i,
  volt: /\d\s*V(DC)?\b|\dV\d/i,
};

/** Letter cases differ by what people mean: m of mH against M of MΩ, so each sign looks at the text as written. */
function unitsIn(text: string): Set<UnitId> {
  const found = new Set<UnitId>();
  for (const [unit, sign] of Object.entries(unitSigns) as [UnitId, RegExp][]) {
    if (sign.test(text)) found.add(unit);
  }
  // 10UF and 100NF, as old sheets write them.
  if (/\d\s*[PNU]F\b/.test(text)) found.add('farad');
  if (found.has('hertz') || found.has('farad') || found.has('henry')) found.delete('ohm');
  return found;
}
