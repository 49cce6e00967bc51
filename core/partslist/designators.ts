import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { fromChinese } from './chinese.ts';

/** `R3`; `R3L` and `U1B` are of a left channel or one half of a chip. A letter that may be a unit is none of these. */
const one = /^([A-Za-z]{1,4})(\d{1,4})[A-DLR]?$/i;
/** `IC1 socket`, `for IC1`: what goes into the place, before the chip. */
const besidePlace =
  /^(?:zu|f[uü]r|for|para|pour|voor)\s+(\S+)$|^(\S+)\s+(?:socket|ic-?socket|sockel|ic-?sockel|fassung|z[oó]calo|support|voet(?:je)?)$/i;
/** `BAT`, `OUT`, `LDR`: what stands on boards that have one of a kind; in capitals, as words are not. */
const unnumbered = /^[A-ZÄÖÜ]{2,8}$/;
const range = /^([A-Za-z]{1,4})(\d{1,4})\s*(?:-|–|—|~|\.\.\.?|…|to)\s*([A-Za-z]{0,4})(\d{1,4})$/i;
const longestRange = 200;
const nowhere = /^(?:[-–—*.?/]+|n\/?a|none|keine?|ninguno|sin)$/i;

/** Words that stand between the first and the last name of a range, in the languages of lists. */
const rangeWords =
  /(\d)\s+(?:to|bis|until|through|thru|a|à|al|hasta|jusqu'?[aà]|t\/m|tot)\s+(?=[A-Za-z]{0,4}\d)/gi;

/**
 * Reads place names as parts lists write them: `R1-R4, R7`, `R1,R2 & R5`, `C1 C2`, `R1-4`, `R1,2,5`, `R1~R4`,
 * `R1 bis R4`, `(IC1)`.
 *
 * @returns the names in capitals, in the order given, doubles kept for the caller to complain about; an empty cell
 *   gives none
 */
export function readDesignators(text: string): Result<string[], Said> {
  // Blanks around a range’s dash go first, so that the remaining blanks part the names.
  // `-`, `n/a`: it has no place.
  const items = (nowhere.test(text.trim()) ? '' : fromChinese(text))
    .trim()
    .replace(besidePlace, '$1$2')
    .replace(/[()[\]"]/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/ ?(-|–|—|~|\.\.\.?|…) ?/g, '$1')
    .replace(rangeWords, '$1-')
    // `IC 1`
    .replace(/(?<![\p{L}\d])(\p{Lu}{1,4}) (?=\d{1,3}(?![\p{L}\d]))/gu, '$1')
    .split(/[\s,;&+/]+|\band\b|\bund\b|\bet\b|\ben\b|\by\b/i)
    .map((item) => item.trim())
    .filter((item) => item !== '');
  const names: string[] = [];
  let letters = '';
  for (const item of items) {
    // `R1,2,5`: a bare number takes the letters of the name before it.
    const whole = /^\d/.test(item) && letters !== '' ? `${letters}${item}` : item;
    const expanded = expand(whole);
    if (!expanded.ok) return expanded;
    names.push(...expanded.value);
    letters = expanded.value.at(-1)?.match(/^[A-Z]+/)?.[0] ?? letters;
  }
  return ok(names);
}

/** In capitals in the column of places, and no name of one. */
const notNames = new Set([
  'NA',
  'NO',
  'NONE',
  'TBD',
  'TO',
  'AND',
  'OR',
  'UND',
  'DNP',
  'DNF',
  'NC',
  'PCB',
]);

/** Place names have the letters of the alphabet only, as boards are printed. */
const withoutMarks = (name: string): string =>
  name.replace(/Ä/g, 'AE').replace(/Ö/g, 'OE').replace(/Ü/g, 'UE');

function expand(item: string): Result<string[], Said> {
  if (one.test(item)) return ok([item.toUpperCase()]);
  if (unnumbered.test(item) && !notNames.has(item)) return ok([withoutMarks(item)]);
  const match = item.match(range);
  if (!match) return fail(said('lists.places.isNotAPlaceNameWriteNames', { item }));
  const [, letters = '', from = '', lettersAgain = '', to = ''] = match;
  const count = Number(to) - Number(from) + 1;
  if (lettersAgain !== '' && lettersAgain.toUpperCase() !== letters.toUpperCase()) {
    return fail(said('lists.places.goesFromToWriteARangeOf', { item, letters, lettersAgain }));
  }
  if (count < 1 || count > longestRange) {
    return fail(said('lists.places.isNotARangeWriteTheLower', { item }));
  }
  return ok(
    Array.from({ length: count }, (_, index) => `${letters.toUpperCase()}${Number(from) + index}`),
  );
}
