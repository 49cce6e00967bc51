import { partsByPlace } from '../../../board/pads.ts';
import {
  type Answer,
  atOneGlance,
  type BenchTest,
  isSeenAtOnce,
  likeliestOutcome,
  needsPower,
  supplyFrom,
  testKey,
  testsOf,
} from '../../../faults/benchTests.ts';
import { candidateSaid, testSaid } from '../../../faults/faultSaid.ts';
import { mustStayOff, nextTests } from '../../../faults/nextTest.ts';
import { ranked, rankedGroups } from '../../../faults/rank.ts';
import { type Random, shuffled, wholeBetween } from '../../../random.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, judged } from '../drill.ts';
import {
  benchOf,
  boardOf,
  comesTo,
  type Hidden,
  hide,
  inGlances,
  kindsOf,
  seenAtOnce,
} from './hidden.ts';

export interface NextTask extends Hidden {
  /** What is known so far. */
  readonly answers: readonly Answer[];
  /** What one could do now, in the order in which it is shown. */
  readonly options: readonly BenchTest[];
  /** Which of them tells most in its time; see testKey. */
  readonly best: string;
}

const mostOptions = 4;
/** What tells less than this part of the best in its time is worse for sure. */
const clearlyWorse = 0.6;
/** Once one is this likely, there is nothing to vote about. */
const nearlySure = 0.75;
/** What the first candidates would show is told. */
const mostMeanings = 3;

/** Some is known of a board: what is done next? For one learner, or for a class to vote on. */
export const next: ExerciseKind<NextTask, string> = {
  id: 'next',
  skill: 'checking',
  seconds: 45,
  guess: 0.25,
  explainsAll: true,
  items: (kit) => kindsOf(boardOf(kit)),
  make: (item, random, kit) => {
    const hidden = hide(boardOf(kit), item, random);
    return withOptions(hidden, wholeBetween(random, 0, 2), random);
  },
  answer: ({ best }) => best,
  judge: ({ best }, answer) => judged(answer === best),
  ask: () => said('drill.faults.next.ask'),
  describe: (task) => [
    said('drill.faults.seen', {
      does: inGlances(task, seenAtOnce(task)).flatMap(({ outcomes }) => outcomes),
    }),
    ...known(task),
  ],
  explain: (task, answer) => {
    const parts = partsByPlace(task.parts);
    const best = task.options.find((one) => testKey(one) === task.best);
    const given = task.options.find((one) => testKey(one) === answer);
    const all = ranked(task.faults, task.answers);
    const isUnsafe = given && needsPower(given) && mustStayOff(task.faults, all, false);
    return [
      ...(isUnsafe ? [said('drill.faults.next.stayOff')] : []),
      ...(best
        ? [
            said('drill.faults.next.best', { test: testSaid(task.faults, best, parts) }),
            ...meanings(task, best).map((one) => said('drill.faults.next.means', one)),
          ]
        : []),
      ...(given && answer !== task.best && !isUnsafe
        ? [said('drill.faults.next.less', { test: testSaid(task.faults, given, parts) })]
        : []),
    ];
  },
  tell: (task, answer) => {
    const test = testsOf(task.faults).find((one) => testKey(one) === answer);
    return test
      ? testSaid(task.faults, test, partsByPlace(task.parts))
      : said('drill.faults.find.nothing');
  },
  name: (item) => said(`drill.faults.kind.${item}`),
};

/** What was measured after the first glance, a line each. */
export function known(task: NextTask): Said[] {
  const parts = partsByPlace(task.parts);
  return inGlances(task, task.answers)
    .filter(({ test }) => !isSeenAtOnce(task.faults, test))
    .map(({ test, outcomes }) =>
      said('drill.faults.known', {
        test: testSaid(task.faults, test, parts),
        outcome: outcomes,
      }),
    );
}

/** What the likeliest faults would show at a test. */
function meanings(
  task: NextTask,
  test: BenchTest,
): { readonly outcome: Said; readonly fault: Said }[] {
  const parts = partsByPlace(task.parts);
  const supply = supplyFrom(task.faults, task.answers);
  const found = new Map<string, { readonly outcome: Said; readonly fault: Said }>();
  for (const { members } of rankedGroups(task.faults, ranked(task.faults, task.answers))) {
    const candidate = members[0]?.candidate;
    if (candidate === undefined || candidate === 'other' || found.size === mostMeanings) continue;
    const outcome = likeliestOutcome(task.faults, test, candidate, supply);
    if (outcome === null) continue;
    const says = comesTo(task, test, outcome);
    const key = JSON.stringify(says);
    if (!found.has(key)) found.set(key, { outcome: says, fault: candidateSaid(candidate, parts) });
  }
  return [...found.values()];
}

/** After some steps of the shortest way: the best test among others that tell clearly less in their time. */
function withOptions(hidden: Hidden, steps: number, random: Random): NextTask {
  const bench = benchOf(hidden);
  const answers = seenAtOnce(hidden);
  for (let step = 0; step < steps; step += 1) {
    const all = ranked(hidden.faults, answers);
    if ((rankedGroups(hidden.faults, all)[0]?.chance ?? 1) > nearlySure) break;
    const [best] = nextTests(hidden.faults, all, answers);
    if (!best) break;
    const made = atOneGlance(hidden.faults, best.test).flatMap((test): Answer[] => {
      const outcome = bench(test);
      return outcome === null ? [] : [{ test, outcome }];
    });
    // Measured once more nothing would be left to ask.
    if (nextTests(hidden.faults, ranked(hidden.faults, [...answers, ...made]), made).length < 2)
      break;
    answers.push(...made);
  }
  const all = ranked(hidden.faults, answers);
  const proposed = nextTests(hidden.faults, all, answers);
  const [best, ...rest] = proposed;
  if (!best) throw new Error('nothing is left to do');
  const rate = ({ bits, seconds }: (typeof proposed)[number]) => bits / seconds;
  const worse = rest.filter((one) => rate(one) < clearlyWorse * rate(best)).map(({ test }) => test);
  // With power it would be wrong for another reason.
  const unsafe = mustStayOff(hidden.faults, all, false)
    ? testsOf(hidden.faults).filter((test) => test.kind === 'volt' || test.kind === 'current')
    : [];
  const others = ofManyKinds(shuffled(random, [...unsafe.slice(0, 1), ...worse]), best.test);
  return {
    ...hidden,
    answers,
    options: shuffled(random, [best.test, ...others]),
    best: testKey(best.test),
  };
}

/** One of each kind before a second of any; what is seen at one glance is one. */
function ofManyKinds(tests: readonly BenchTest[], besides: BenchTest): BenchTest[] {
  const chosen: BenchTest[] = [];
  const count = (kind: BenchTest['kind']) =>
    [...chosen, besides].filter((one) => one.kind === kind).length;
  const left = [...tests];
  while (chosen.length < mostOptions - 1 && left.length > 0) {
    const least = Math.min(...left.map(({ kind }) => count(kind)));
    const at = left.findIndex(({ kind }) => count(kind) === least);
    const [test] = left.splice(at, 1);
    if (test && !(test.kind === 'sense' && count('sense') > 0)) chosen.push(test);
  }
  return chosen;
}
