import { partsByPlace } from '../../../board/pads.ts';
import {
  type BenchTest,
  type Candidate,
  isSeenAtOnce,
  placesOf,
  testKey,
  testsOf,
} from '../../../faults/benchTests.ts';
import { faultKey } from '../../../faults/fault.ts';
import { faultSaid, testSaid } from '../../../faults/faultSaid.ts';
import { faultKindIds } from '../../../faults/kinds/ids.ts';
import { faultTraits } from '../../../faults/kinds/traits.ts';
import { secondsAfter } from '../../../faults/nextTest.ts';
import type { RankedGroup } from '../../../faults/rank.ts';
import {
  byInformation,
  fromTopToBottom,
  inHindsight,
  lookFor,
  type Searched,
  type Strategy,
} from '../../../faults/search.ts';
import { memoOfObject } from '../../../memo.ts';
import { said } from '../../said.ts';
import type { ExerciseKind } from '../drill.ts';
import {
  benchOf,
  boardOf,
  entryOf,
  type Hidden,
  hide,
  inGlances,
  isSame,
  kindsOf,
  seenAtOnce,
} from './hidden.ts';

export interface FindAnswer {
  /** What was looked at and measured, in order; see testKey. */
  readonly made: readonly string[];
  /** What is said to be wrong; see faultKey. */
  readonly named: string;
}

/** So sure one is before it is named. */
const sure = 0.85;
const isSure = ({ chance }: RankedGroup) => chance > sure;
const mostTests = 60;
/** The list of answers of one exercise may not grow without end. */
export const mostMade = 40;

interface Ways {
  /** Of whoever does not know it: the shorter of what tests are worth and the checklist. */
  readonly shortest: Searched;
  readonly checklist: Searched;
  /** Of whoever knows it. */
  readonly proof: Searched;
}
const waysOfTasks = memoOfObject<Hidden, Ways>('ways to find hidden faults');

const lasts = ({ steps, seconds }: Searched) =>
  steps === null ? Number.POSITIVE_INFINITY : seconds;

/** The shortest way that is known, and that of a checklist. */
const waysOf = (task: Hidden): Ways =>
  waysOfTasks.of(task, () => {
    const { faults } = task;
    const bench = benchOf(task);
    const by = (strategy: Strategy) => lookFor(faults, bench, isSure, strategy, mostTests);
    const [best, checklist] = [by(byInformation(faults)), by(fromTopToBottom(faults))];
    const same = new Set<Candidate>(
      faults.entries.filter((_, index) => isSame(faults, index, task.entry)),
    );
    return {
      shortest: lasts(checklist) < lasts(best) ? checklist : best,
      checklist,
      proof: by(inHindsight(faults, bench, (one) => same.has(one))),
    };
  });

/** What is done after everybody has seen what lights and sounds. */
const testsAfterGlance = ({ answers }: Searched, task: Hidden): BenchTest[] => {
  const free = new Set(seenAtOnce(task).map(({ test }) => testKey(test)));
  return answers.map(({ test }) => test).filter((test) => !free.has(testKey(test)));
};

/** Seconds of tests in their order; what is seen at one glance counts once. */
export function secondsFor(task: Hidden, keys: readonly string[]): number {
  const known = new Map(testsOf(task.faults).map((test) => [testKey(test), test]));
  const glances = new Set<string>();
  let before: BenchTest | undefined;
  let seconds = 0;
  for (const key of keys) {
    const test = known.get(key);
    if (!test) continue;
    if (test.kind === 'sense') {
      const stands = JSON.stringify(task.faults.points.senses[test.sense]?.when);
      if (glances.has(stands)) continue;
      glances.add(stands);
    }
    seconds += secondsAfter(before, test);
    before = test;
  }
  return seconds;
}

const namedIn = (task: Hidden, named: string): number =>
  task.faults.entries.findIndex(({ fault }) => faultKey(fault) === named);

/** Of faults that nothing tells apart so many are named. */
const mostOthers = 3;

/** As fast as this times the shortest way is as good as one can be. */
const roomForThought = 1.5;
const leastCredit = 0.4;

/** A board with a hidden fault, a meter and eyes: it is named in as few seconds as possible. */
export const find: ExerciseKind<Hidden, FindAnswer> = {
  id: 'find',
  skill: 'checking',
  seconds: 120,
  guess: 0.05,
  explainsAll: true,
  isHandsOn: true,
  items: (kit) => kindsOf(boardOf(kit)),
  make: (item, random, kit) => hide(boardOf(kit), item, random),
  answer: (task) => ({
    made: testsAfterGlance(waysOf(task).shortest, task).map(testKey).slice(0, mostMade),
    named: faultKey(entryOf(task).fault),
  }),
  judge: (task, { made, named }) => {
    const index = namedIn(task, named);
    const entry = task.faults.entries[index];
    if (!entry) return { isRight: false, credit: 0 };
    if (!isSame(task.faults, index, task.entry)) {
      const places = new Set(placesOf(entryOf(task)));
      return { isRight: false, credit: placesOf(entry).some((one) => places.has(one)) ? 0.4 : 0 };
    }
    const best = secondsFor(task, testsAfterGlance(waysOf(task).shortest, task).map(testKey));
    const own = secondsFor(task, made);
    const credit = own === 0 ? 1 : Math.min(1, (roomForThought * best) / own);
    return { isRight: true, credit: Math.max(leastCredit, credit) };
  },
  ask: () => said('drill.faults.find.ask'),
  describe: (task) => [
    said('drill.faults.seen', {
      does: inGlances(task, seenAtOnce(task)).flatMap(({ outcomes }) => outcomes),
    }),
  ],
  explain: (task, { made }) => {
    const parts = partsByPlace(task.parts);
    const { shortest, checklist, proof } = waysOf(task);
    const secondsOf = (searched: Searched) =>
      secondsFor(task, testsAfterGlance(searched, task).map(testKey));
    const others = sameAs(task);
    return [
      said('drill.faults.find.was', { fault: faultSaid(entryOf(task).fault, parts) }),
      ...(others.length === 0
        ? []
        : [said('drill.faults.find.same', { faults: others.slice(0, mostOthers) })]),
      said('drill.faults.find.took', {
        own: secondsFor(task, made),
        best: secondsOf(shortest),
        checklist: secondsOf(checklist),
      }),
      said('drill.faults.find.proof'),
      ...inGlances(task, proof.answers)
        .filter(({ test }) => !isSeenAtOnce(task.faults, test))
        .map(({ test, outcomes }, index) =>
          said('drill.faults.find.step', {
            number: index + 1,
            test: testSaid(task.faults, test, parts),
            outcome: outcomes,
          }),
        ),
    ];
  },
  tell: (task, { named }) => {
    const entry = task.faults.entries[namedIn(task, named)];
    return entry
      ? faultSaid(entry.fault, partsByPlace(task.parts))
      : said('drill.faults.find.nothing');
  },
  name: (item) => said(`drill.faults.kind.${item}`),
  raisedBy: ({ mistake }) =>
    faultKindIds.filter((id) => faultTraits[id].mistake === mistake && faultTraits[id].look),
};

/** The other faults that nothing tells from the hidden one, in words. */
function sameAs(task: Hidden) {
  const parts = partsByPlace(task.parts);
  return task.faults.entries.flatMap(({ fault }, index) =>
    index !== task.entry && isSame(task.faults, index, task.entry) ? [faultSaid(fault, parts)] : [],
  );
}
