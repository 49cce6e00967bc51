import type { PartFamily } from '../parts/family.ts';
import { readPackage } from '../parts/packages/readPackage.ts';
import { withoutExtras } from './cells/extras.ts';
import { plain } from './plain.ts';

const turns =
  /\b\d{1,3} ?(?:t\b|turns?\b|wdg|winding|windung|wikkeling|espiras?\b|spires?\b|vueltas?\b)/g;

/** “5 turns of 1 mm wire”: how a coil is wound, and no value of it. */
export const saysTurns = (text: string): boolean => plain(text).search(turns) >= 0;

/**
 * Whether a line in which no value was read has a number that may be it: `3296W-103`, `47/16`.
 *
 * @param text what the line says of the part
 */
export function hasUnreadNumber({ valueKind, job }: PartFamily, text: string): boolean {
  if (typeof valueKind === 'string') return false;
  // How many turns a coil has is no value of it.
  const words = plain(withoutExtras(text, valueKind.unit))
    .replace(turns, ' ')
    .split(/[\s,;()]+/);
  return words.some((word) => /^-?\d/.test(word) && !readPackage(word, job));
}

/** “10 кОм”: a number before letters that are not read; µ, Ω and signs of Chinese are. */
export const hasForeignUnit = (text: string): boolean =>
  /\d\s?(?![µμΩΩ])[\p{Script=Cyrillic}\p{Script=Greek}\p{Script=Hangul}\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Thai}]/u.test(
    text,
  );
