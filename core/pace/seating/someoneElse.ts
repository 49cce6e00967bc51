import { distance } from 'fastest-levenshtein';

/** More slips of the fingers than that in one name are rare (from memory: most have one, nearly all the others two). */
const mostSlips = 2;

/**
 * Whether a name that is changed means somebody else, or the same person written right: a first guess, which whoever
 * changes it may turn round.
 *
 * @returns false as well where nobody sat there before
 */
export function isSomeoneElse(before: string, after: string): boolean {
  const [was, is] = [before, after].map((name) => name.trim().toLowerCase()) as [string, string];
  if (was === '' || was === is) return false;
  if (is === '') return true;
  // A first name that gets a surname, or an initial that is written out.
  if (is.startsWith(was) || was.startsWith(is)) return false;
  const slips = Math.min(mostSlips, Math.floor(Math.min(was.length, is.length) / 3));
  return distance(was, is) > slips;
}
