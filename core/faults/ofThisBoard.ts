import { placeOfPin } from '../board/pinNames.ts';
import type { SeatState } from '../build/foldSeat.ts';
import { backwards } from '../learning/mistakes/fitting.ts';
import type { MistakeId } from '../learning/mistakes/ids.ts';
import { placesOf } from './benchTests.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import type { FaultKindId } from './kinds/ids.ts';
import { faultTraits } from './kinds/traits.ts';
import type { Weights } from './rank.ts';

/** How somebody has built so far: this evening, and others where they are known. */
export interface Habit {
  readonly builds: number;
  readonly mistakes: readonly MistakeId[];
}

/** What is usual counts as much as so many builds of one learner: habits show soon (common practice). */
const buildsOfUsual = 3;

/** How many mistakes of each sort a board has usually. */
function usualOf(entries: readonly DictionaryEntry[]): ReadonlyMap<MistakeId, number> {
  const usual = new Map<MistakeId, number>();
  const counted = new Set<string>();
  for (const entry of entries) {
    const { mistake, onceIn, isOneMistake } = faultTraits[entry.fault.kind];
    const key = `${entry.fault.kind} ${placesOf(entry)[0]}`;
    if (!mistake || (isOneMistake && counted.has(key))) continue;
    counted.add(key);
    usual.set(mistake, (usual.get(mistake) ?? 0) + 1 / onceIn);
  }
  return usual;
}

/**
 * How much likelier than usual each fault is, by what whoever built the board does wrong: usual and seen number of such
 * mistakes a build, weighed by how many builds each counts as (the mean of a gamma distribution, the conjugate prior of
 * a Poisson rate).
 */
export function weightsOfHabit(
  { entries }: Pick<FaultDictionary, 'entries'>,
  { builds, mistakes }: Habit,
): Weights {
  const usual = usualOf(entries);
  return ({ fault }) => {
    const { mistake } = faultTraits[fault.kind];
    const expected = mistake && usual.get(mistake);
    if (!expected) return 1;
    const made = mistakes.filter((one) => one === mistake).length;
    return (buildsOfUsual * expected + made) / ((buildsOfUsual + builds) * expected);
  };
}

const broken: readonly FaultKindId[] = ['broken-open', 'broken-short'];
/** A part that had power the wrong way round is broken so much more often than another (common practice). */
const timesReversed = 15;
/** Of a board whose supply was reversed, so much more often any part of silicon (common practice). */
const timesSupply = 10;

/** What was logged at a seat that can have broken parts. */
export type Happened = Pick<SeatState, 'mistakes' | 'replaced'>;

/**
 * How much likelier than usual a part is broken by what happened to it: it was fitted backwards, or the supply of the
 * board was. A part that was replaced after it is like any other.
 *
 * @param supply places at which the supply comes in
 */
export function weightsOfDamage(
  { mistakes, replaced }: Happened,
  supply: ReadonlySet<string>,
): Weights {
  const reversed = mistakes.filter(({ mistake }) => mistake === backwards.id);
  return ({ fault: { kind, at } }) => {
    if (!broken.includes(kind)) return 1;
    const place = placeOfPin(at[0] ?? '');
    const renewed = replaced.findLast(({ designator }) => designator === place)?.at ?? '';
    const since = reversed.filter(({ foundAt }) => foundAt > renewed);
    return Math.max(
      1,
      since.some(({ designator }) => designator === place) ? timesReversed : 1,
      since.some(({ designator = '' }) => supply.has(designator)) ? timesSupply : 1,
    );
  };
}

/** Several reasons together. */
export const together =
  (...all: readonly Weights[]): Weights =>
  (entry) =>
    all.reduce((product, weight) => product * weight(entry), 1);
