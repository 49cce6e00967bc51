import { placesOf } from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';

/**
 * What of a dictionary holds while parts are still missing: what is on the board already, and what eyes and a beep tell
 * of it. No reading does, since all of them are of the whole board.
 *
 * @param missing see `notFitted`
 */
export function whileMissing(
  dictionary: FaultDictionary,
  missing: readonly string[],
): FaultDictionary {
  if (missing.length === 0) return dictionary;
  const absent = new Set(missing);
  const entries = dictionary.entries.filter(
    (entry) => !placesOf(entry).some((one) => absent.has(one)),
  );
  const none: never[] = [];
  return {
    ...dictionary,
    points: { ...dictionary.points, probes: none, senses: none, warm: none, across: none },
    good: { ...dictionary.good, ohm: null },
    entries,
    // What shows alike with power may look different.
    groups: entries.map((_, index) => index + 1),
  };
}
