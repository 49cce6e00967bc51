import type { Entry } from '../learning/kitReport.ts';
import { placesOf } from './benchTests.ts';
import type { DictionaryEntry } from './dictionary.ts';
import { faultTraits } from './kinds/traits.ts';
import type { Weights } from './rank.ts';

/** What is usual counts as much as so many builds that were seen. */
const buildsOfUsual = 20;

/** What the builds of a kit have shown so far. */
export interface SeenBefore {
  readonly builds: number;
  readonly entries: readonly Pick<Entry, 'mistake' | 'designator' | 'instead'>[];
}

/**
 * How much likelier than usual each fault is, by what was logged at builds of the same kit: the usual rate and the seen
 * one, weighed by how many builds each counts as (the mean of a beta distribution).
 */
export function weightsOf({ builds, entries }: SeenBefore): Weights {
  const counts = new Map<string, number>();
  for (const { mistake, designator } of entries) {
    if (designator === undefined) continue;
    const key = `${mistake} ${designator}`;
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  const timesSeen = (entry: Pick<DictionaryEntry, 'fault'>) => {
    const { mistake } = faultTraits[entry.fault.kind];
    if (!mistake) return null;
    return Math.max(...placesOf(entry).map((place) => counts.get(`${mistake} ${place}`) ?? 0), 0);
  };
  return (entry) => {
    const seen = timesSeen(entry);
    if (seen === null) return 1;
    const usual = 1 / faultTraits[entry.fault.kind].onceIn;
    return (buildsOfUsual * usual + seen) / (buildsOfUsual + builds) / usual;
  };
}
