import { plain } from './plain.ts';

/** Families by the wording of lines, as a person corrected them; see `wordingOf`. */
export type RememberedFamilies = Readonly<Record<string, string>>;

const numberLike = /^[±+-]?\d+([.,]\d+)?(\s*[a-zµμΩ%]{1,4}\d*)?$|^r\d+$|^\d+([.,/]\d+)+[a-z]*$/;

/**
 * What a correction is remembered under: the words of a line without its values, so that what was said of “Wdst. 4k7”
 * holds for “Wdst. 10k” too. A line of values only is remembered as it is, together with the letters of its place,
 * since nothing else tells it apart.
 */
export function wordingOf(text: string, designators: readonly string[]): string {
  const tokens = plain(text)
    .split(/[\s,;()]+/)
    .filter((token) => token !== '');
  const words = tokens.map((token) => (numberLike.test(token) ? '#' : token));
  if (words.some((word) => /[a-z]{2,}/.test(word))) return words.join(' ');
  const letters = designators[0]?.match(/^[A-Z]+/)?.[0] ?? '';
  return `${letters}:${tokens.join(' ')}`;
}
