import { type Random, shuffled } from '../random.ts';
import {
  type Answer,
  atOneGlance,
  type BenchTest,
  type Candidate,
  likelihood,
  supplyFrom,
  testKey,
  testsOf,
} from './benchTests.ts';
import type { FaultDictionary } from './dictionary.ts';
import { nextTests, secondsAfter } from './nextTest.ts';
import { type Ranked, type RankedGroup, ranked, rankedGroups } from './rank.ts';

/** What comes of tests on one board with something wrong: as it is, or what is drawn where only chance tells. */
export type Bench = (test: BenchTest) => Answer['outcome'] | null;

export interface Searched {
  /** After how many tests it was enough; null where it never was. */
  readonly steps: number | null;
  readonly seconds: number;
  readonly answers: readonly Answer[];
}

/** What an automatic tester does next: the proposed test, or another way to look; undefined where it has no more. */
export type Strategy = (
  all: readonly Ranked[],
  answers: readonly Answer[],
) => BenchTest | undefined;

export const byInformation =
  (dictionary: FaultDictionary): Strategy =>
  (all, answers) =>
    nextTests(dictionary, all, answers)[0]?.test;

/** Whichever of a list was not made yet. */
const inOrder =
  (tests: readonly BenchTest[]): Strategy =>
  (_, answers) => {
    const made = new Set(answers.map(({ test }) => testKey(test)));
    return tests.find((test) => !made.has(testKey(test)));
  };

/** A checklist goes by these, and within each over the whole board (common practice). */
const checklist = [
  'look',
  'ohm',
  'sense',
  'current',
  'volt',
  'touch',
  'across',
  'apart',
  'joint',
] as const satisfies readonly BenchTest['kind'][];

/** As a checklist on paper goes: every look, then every measurement, from top to bottom. */
export const fromTopToBottom = (dictionary: FaultDictionary): Strategy => {
  const tests = testsOf(dictionary);
  return inOrder(checklist.flatMap((kind) => tests.filter((test) => test.kind === kind)));
};

export const inAnyOrder = (dictionary: FaultDictionary, random: Random): Strategy =>
  inOrder(shuffled(random, testsOf(dictionary)));

/**
 * What shows a fault soonest, by somebody who knows it: each test is the one that speaks most for it in its time.
 *
 * @param isIt whether a candidate is what is hidden, or shows the same
 */
export const inHindsight =
  (dictionary: FaultDictionary, bench: Bench, isIt: (one: Candidate) => boolean): Strategy =>
  (all, answers) => {
    const made = new Set(answers.map(({ test }) => testKey(test)));
    const supply = supplyFrom(dictionary, answers);
    const before = answers.at(-1)?.test;
    const candidates = all.filter(({ chance }) => chance > leastChance);
    const known = chanceOf(candidates, isIt);
    const speaksFor = (test: BenchTest): number => {
      const outcome = bench(test);
      if (outcome === null) return 0;
      const after = candidates.map(({ candidate, chance }) => ({
        candidate,
        chance: chance * likelihood(dictionary, { test, outcome }, candidate, supply),
      }));
      const sum = after.reduce((total, { chance }) => total + chance, 0);
      return Math.log(chanceOf(after, isIt) / sum / known) / secondsAfter(before, test);
    };
    let best: { readonly test: BenchTest; readonly rate: number } | undefined;
    for (const test of testsOf(dictionary)) {
      if (made.has(testKey(test))) continue;
      const rate = speaksFor(test);
      if (rate > (best?.rate ?? 0)) best = { test, rate };
    }
    return best?.test;
  };

/** What is less likely than this plays no part. */
const leastChance = 1e-4;

const chanceOf = (all: readonly Ranked[], isIt: (one: Candidate) => boolean): number =>
  all.reduce((sum, { candidate, chance }) => sum + (isIt(candidate) ? chance : 0), 0);

/**
 * Looks for a hidden fault: first what is seen and heard at once, as one step, then one test after the other.
 *
 * @param isEnough whether what is likeliest after a step ends the search
 * @param known what was in order before something else was mended
 */
export function lookFor(
  dictionary: FaultDictionary,
  bench: Bench,
  isEnough: (first: RankedGroup) => boolean,
  strategy: Strategy,
  mostSteps: number,
  known: readonly Answer[] = [],
): Searched {
  const answers: Answer[] = [...known];
  const make = (test: BenchTest) => {
    const outcome = bench(test);
    if (outcome !== null) answers.push({ test, outcome });
  };
  if (dictionary.points.senses.length > 0) {
    for (const test of atOneGlance(dictionary, { kind: 'sense', sense: 0 })) make(test);
  }
  let seconds = glanceSeconds;
  for (let step = 1; step <= mostSteps; step += 1) {
    const all = ranked(dictionary, answers);
    const [first] = rankedGroups(dictionary, all);
    if (first && isEnough(first)) return { steps: step, seconds, answers };
    const next = strategy(all, answers);
    if (!next) break;
    seconds += secondsAfter(answers.at(-1)?.test, next);
    for (const test of atOneGlance(dictionary, next)) make(test);
  }
  return { steps: null, seconds, answers };
}

/** What is seen and heard at once takes so long. */
const glanceSeconds = 6;
