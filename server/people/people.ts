import type { Person, PersonBuild, PersonSummary, ReadyFor } from '#contract/people';
import {
  byTime,
  hasBegun,
  type Opportunity,
  opportunitiesOf,
  paceOfBuild,
  stateOfBuild,
} from '#core/learning/builds';
import { answersOf, type PracticeAnswer } from '#core/learning/practice/answers';
import { opportunitiesOfPractice } from '#core/learning/practice/opportunities';
import { slipsOf, weaknessesOf } from '#core/learning/practice/weaknesses';
import {
  estimatesOf,
  expectedMistakes,
  practiseNext,
  readinessFor,
  type SkillEstimate,
} from '#core/learning/skillEstimates';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { StoredBuild } from '../builds/queries.ts';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** A learner in figures, from all their builds. */
export function summaryOf({ id, name }: Named, builds: readonly StoredBuild[]): PersonSummary {
  const begun = builds.filter(hasBegun);
  const states = begun.map(stateOfBuild);
  const paces = begun.map(paceOfBuild);
  const count = paces.reduce((sum, pace) => sum + pace.count, 0);
  const share = paces.reduce((sum, pace) => sum + (pace.share ?? 0) * pace.count, 0) / count;
  return {
    id,
    name,
    builds: begun.length,
    finished: states.filter(({ currentStepId }) => currentStepId === null).length,
    mistakes: states.reduce((sum, { mistakes }) => sum + mistakes.length, 0),
    pace: count === 0 ? null : { share, count },
    skills: estimatesOf(allOpportunities(builds)),
    practised: practiceOf(builds).length,
  };
}

/** Exercises answered at any of a learner's seats, in the order of time. */
const practiceOf = (builds: readonly StoredBuild[]): PracticeAnswer[] =>
  builds.flatMap(({ practice }) => answersOf(practice)).sort(byTime);

/** Steps and exercises, in the order of time. */
const allOpportunities = (builds: readonly StoredBuild[]): Opportunity[] =>
  [...opportunitiesOf(builds), ...opportunitiesOfPractice(practiceOf(builds))].sort(byTime);

export interface PlannedKit {
  readonly kitId: string;
  readonly kitName: string;
  readonly steps: readonly PlannedStep[];
}

/** A learner with every evening, and what they are ready for. */
export function personOf(
  named: Named & { readonly keepsPage: boolean },
  builds: readonly StoredBuild[],
  kits: readonly PlannedKit[],
): Person {
  const summary = summaryOf(named, builds);
  return {
    ...summary,
    keepsPage: named.keepsPage,
    opportunities: allOpportunities(builds),
    practice: practiceOf(builds),
    weaknesses: weaknessesOf(builds.flatMap(slipsOf)),
    evenings: [...builds].reverse().map(eveningOf),
    ready: kits.map((kit) => readyFor(summary.skills, kit)).sort((a, b) => a.expected - b.expected),
  };
}

const eveningOf = (build: StoredBuild): PersonBuild => ({
  workshopId: build.workshopId,
  workshopTitle: build.workshopTitle,
  kitId: build.kitId,
  kitName: build.kitName,
  startsAt: build.startsAt,
  seatId: build.seatId,
  seatNumber: build.seatNumber,
  steps: build.steps,
  state: stateOfBuild(build),
});

function readyFor(
  skills: readonly SkillEstimate[],
  { kitId, kitName, steps }: PlannedKit,
): ReadyFor {
  const expected = expectedMistakes(skills, steps);
  return {
    kitId,
    kitName,
    ...expected,
    readiness: readinessFor(expected),
    practise: practiseNext(skills, steps),
  };
}
