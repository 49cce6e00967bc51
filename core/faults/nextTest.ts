import { memoOfObject } from '../memo.ts';
import {
  type Answer,
  type BenchTest,
  chancesOf,
  isSupply,
  needsPower,
  secondsOf,
  supplyFrom,
  testKey,
  testsOf,
} from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';
import type { Ranked } from './rank.ts';

export interface Proposed {
  readonly test: BenchTest;
  /** What it is expected to tell, in bits. */
  readonly bits: number;
  readonly seconds: number;
}

/** To connect the supply, or to take it away, in seconds. */
const switchSeconds = 10;
/** As likely as this that a supply would be overloaded, no power is given before a meter or an eye has said more. */
const mostOverload = 0.12;
/** Seconds of a test after another, with connecting the supply or taking it away. */
export function secondsAfter(before: BenchTest | undefined, test: BenchTest): number {
  const isOn = before !== undefined && needsPower(before);
  const isSwitched = needsPower(test) !== isOn && test.kind !== 'look';
  return secondsOf(test) + (isSwitched ? switchSeconds : 0);
}

/** Only candidates that matter are weighed. */
const leastChance = 1e-4;

const tests = memoOfObject<FaultDictionary, readonly BenchTest[]>(
  'tests of dictionaries of faults',
);

/**
 * Whether a board gets no power for now: something was hot or smelled, or it is too likely that the supply would be
 * overloaded.
 */
export function mustStayOff(
  dictionary: FaultDictionary,
  all: readonly Ranked[],
  danger: boolean,
): boolean {
  const limit = Math.log10(dictionary.limitMilliampere);
  const overload = all.reduce((sum, { candidate, chance }) => {
    const shown = typeof candidate === 'string' ? null : dictionary.signatures[candidate.shows];
    return sum + (shown && shown.milliampere.mean > limit ? chance : 0);
  }, 0);
  return danger || overload > mostOverload;
}

/**
 * What to do next, best first: the expected information of each test that was not made yet (the mutual information of
 * its outcome and the fault) over the seconds it takes.
 *
 * @param danger something was hot, smelled, or took too much: without power until that is explained
 */
export function nextTests(
  dictionary: FaultDictionary,
  all: readonly Ranked[],
  answers: readonly Answer[],
  danger = false,
): Proposed[] {
  const made = new Set(answers.map(({ test }) => testKey(test)));
  const staysOff = mustStayOff(dictionary, all, danger);
  const lastTest = answers.at(-1)?.test;
  const supply = supplyFrom(dictionary, answers);
  const candidates = all.filter(({ chance }) => chance > leastChance);
  // What lights, and what a voltage means, depends on the supply: it is measured before anything else with power.
  const knowsSupply = answers.some(({ test }) => isSupply(dictionary, test));
  const proposed = tests
    .of(dictionary, () => testsOf(dictionary))
    .filter((test) => !made.has(testKey(test)) && !(staysOff && needsPower(test)))
    .map((test) => {
      const bits = informationOf(
        candidates.map(({ candidate, chance }) => ({
          chance,
          outcomes: chancesOf(dictionary, test, candidate, supply),
        })),
      );
      return { test, bits, seconds: secondsAfter(lastTest, test) };
    })
    .sort((a, b) => b.bits / b.seconds - a.bits / a.seconds);
  const own = proposed.findIndex(({ test }) => isSupply(dictionary, test));
  const supplyTest = proposed[own];
  if (supplyTest && !knowsSupply) {
    proposed.splice(own, 1);
    proposed.unshift(supplyTest);
  }
  return proposed;
}

/** Mutual information of what is wrong and what a test says, in bits. */
function informationOf(
  candidates: readonly { readonly chance: number; readonly outcomes: readonly number[] }[],
): number {
  const all = new Array<number>(candidates[0]?.outcomes.length ?? 0).fill(0);
  let own = 0;
  for (const { chance, outcomes } of candidates) {
    for (let index = 0; index < outcomes.length; index += 1) {
      const one = outcomes[index] ?? 0;
      if (one <= 0) continue;
      all[index] = (all[index] ?? 0) + chance * one;
      own += chance * one * Math.log2(one);
    }
  }
  const mixed = all.reduce((sum, one) => sum + (one > 0 ? one * Math.log2(one) : 0), 0);
  return Math.max(0, own - mixed);
}
