import { families } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';
import { plain } from './plain.ts';

export interface Recognition {
  readonly family: PartFamily;
  /** `sure`: two signs agree or one cannot mean anything else. `unsure`: look at it. `unknown`: nothing fits. */
  readonly confidence: 'sure' | 'unsure' | 'unknown';
}

export interface Evidence {
  /** Everything the row says about the part. */
  readonly text: string;
  readonly designators: readonly string[];
}

// What each sign is worth. A word or a type number decides; letters alone (C, D) leave several families open.
const weights = { type: 5, word: 4, letters: 2, unit: 2 } as const;
const sureFrom = 4;

/** The family of a part, from what a person wrote about it. */
export function recognise(evidence: Evidence): Recognition {
  // Hyphens part words in some languages and join them in others, so both readings count.
  const text = plain(evidence.text);
  const words = ` ${text.replace(/[^a-z0-9-]+/g, ' ')} ${text.replace(/[^a-z0-9]+/g, ' ')} `;
  const scored = families
    .map((family) => ({ family, score: score(family, evidence, words) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score);
  const [best, second] = scored;
  if (!best) {
    return {
      family: families.find(({ id }) => id === 'other') as PartFamily,
      confidence: 'unknown',
    };
  }
  const clear = best.score >= sureFrom && best.score - (second?.score ?? 0) >= 1;
  return { family: best.family, confidence: clear ? 'sure' : 'unsure' };
}

function score(family: PartFamily, { text, designators }: Evidence, words: string): number {
  const { words: known, types = [] } = family.recognise;
  // The longest word that fits counts most: “battery holder” beats “battery”, “ic socket” beats “ic”.
  const longest = Math.max(
    0,
    ...known.filter((word) => words.includes(` ${word} `)).map((word) => word.length),
  );
  const byWord = longest > 0 ? weights.word + longest / 10 : 0;
  const byType = types.some((type) => type.test(text)) ? weights.type : 0;
  const letters = designators[0]?.match(/^[A-Z]+/)?.[0] ?? '';
  const place = family.letters.indexOf(letters);
  const byLetters = place >= 0 ? weights.letters - place / 10 : 0;
  const byUnit = hasUnit(family, text) ? weights.unit : 0;
  return byWord + byType + byLetters + byUnit;
}

const unitSigns: Readonly<Record<string, RegExp>> = {
  ohm: /\d\s*(ohm|Ω|Ω)|\b\d+[kMR]\d*\b|\b\d+([.,]\d+)?\s*[kM]\b/i,
  farad: /\d\s*[pnuµμ]F?\b|\d[pnuµμ]\d/,
};

function hasUnit({ valueKind }: PartFamily, text: string): boolean {
  return typeof valueKind === 'object' && (unitSigns[valueKind.unit]?.test(text) ?? false);
}
