import {
  type Answer,
  type BenchTest,
  givesNumber,
  isSeenAtOnce,
  needsPower,
  supplyFrom,
} from './benchTests.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import { faultTraits } from './kinds/traits.ts';
import { type Meaning, meaningsOf } from './meanings.ts';
import { nextTests } from './nextTest.ts';
import { ranked, rankedGroups } from './rank.ts';
import { lookChances, looks } from './signature.ts';

/** What is seen of a board at once, and what to look at and to measure then. */
export interface FaultSheetPart {
  /** What lights and sounds, and how. */
  readonly seen: readonly Answer[];
  /** Where eyes find something most likely, the likeliest first. */
  readonly lookAt: readonly BenchTest[];
  readonly measure: readonly Measured[];
}

/** A reading, and the faults that it would mean. */
export interface Measured {
  readonly test: BenchTest;
  readonly means: readonly Meaning[];
}

const mostParts = 8;
const mostLooks = 5;
const mostGroups = 4;

/** How a board with one fault looks at once, most likely. */
function seenOf(dictionary: FaultDictionary, { shows }: DictionaryEntry): readonly Answer[] {
  const signature = dictionary.signatures[shows];
  return (signature?.senses ?? []).flatMap((sensed, sense): Answer[] => {
    const test: BenchTest = { kind: 'sense', sense };
    if (!isSeenAtOnce(dictionary, test)) return [];
    const chances = lookChances(sensed);
    const look = looks[chances.indexOf(Math.max(...chances))];
    return look === undefined ? [] : [{ test, outcome: look }];
  });
}

/**
 * For a room without screens: each way a board of the kit may look that is not in order, the likeliest first; what to
 * look at then, and what to measure.
 */
export function faultSheet(dictionary: FaultDictionary): FaultSheetPart[] {
  const found = new Map<string, { seen: readonly Answer[]; chance: number }>();
  for (const [index, entry] of dictionary.entries.entries()) {
    // What does not show is not looked for.
    if (dictionary.groups[index] === 0) continue;
    const seen = seenOf(dictionary, entry);
    const key = JSON.stringify(seen);
    const chance = 1 / faultTraits[entry.fault.kind].onceIn;
    found.set(key, { seen, chance: (found.get(key)?.chance ?? 0) + chance });
  }
  return [...found.values()]
    .sort((a, b) => b.chance - a.chance)
    .flatMap(({ seen }) => partOf(dictionary, seen) ?? [])
    .slice(0, mostParts);
}

/** Null where most boards that look like this have nothing wrong with them. */
function partOf(dictionary: FaultDictionary, seen: readonly Answer[]): FaultSheetPart | null {
  const all = ranked(dictionary, seen);
  const groups = rankedGroups(dictionary, all).filter(
    ({ members }) => members[0]?.candidate !== 'other',
  );
  if (groups[0]?.members[0]?.candidate === 'good') return null;
  const proposed = nextTests(dictionary, all, seen);
  const supply = supplyFrom(dictionary, seen);
  const measured = proposed
    .filter(({ test }) => givesNumber(test))
    .map(({ test, bits }) => ({
      test,
      bits,
      means: meaningsOf(dictionary, test, groups.slice(0, mostGroups), supply),
    }))
    .filter(({ means }) => means.length > 1)
    .sort((a, b) => b.means.length - a.means.length || b.bits - a.bits);
  const best = (isPowered: boolean) => measured.find(({ test }) => needsPower(test) === isPowered);
  return {
    seen,
    lookAt: proposed
      .filter(({ test }) => test.kind === 'look')
      .slice(0, mostLooks)
      .map(({ test }) => test),
    // The safe one first.
    measure: [best(false), best(true)].flatMap((one) =>
      one ? [{ test: one.test, means: one.means }] : [],
    ),
  };
}
