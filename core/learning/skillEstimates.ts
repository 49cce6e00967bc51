import type { PlannedStep } from '../pace/stepMinutes.ts';
import { type Opportunity, skillsOf } from './builds.ts';
import { partsOfItem } from './drills/exercise.ts';
import {
  chanceRight,
  exerciseParameters,
  masteryFrom,
  seenParameters,
  type Trace,
  traced,
  usualParameters,
} from './knowledgeTracing.ts';
import { type Share, shareOfCount } from './shares.ts';
import { type SkillId, skillIds } from './skills.ts';

/** What is thought of one skill of one learner. */
export interface SkillEstimate {
  readonly skill: SkillId;
  /** The chance that it is known, by knowledge tracing. */
  readonly known: number;
  /** The same before the first and after each opportunity. */
  readonly course: readonly number[];
  /** Opportunities that went right, with the interval of the share. */
  readonly right: Share;
  /** Those of them that were measured, or that staff have looked at. */
  readonly confirmed: number;
  /** Taken to be known: likely, confirmed more than once, and right nearly always of late. */
  readonly isKnown: boolean;
}

/** @param opportunities of one learner, in the order of time */
export function estimatesOf(opportunities: readonly Opportunity[]): SkillEstimate[] {
  return skillIds.map((skill) => {
    const own = opportunities.filter((one) => one.skill === skill);
    const course = traced(own.map(traceOf));
    const known = course.at(-1) ?? usualParameters.initial;
    const confirmed = own.filter(isConfirmed).length;
    return {
      skill,
      known,
      course,
      confirmed,
      isKnown: known >= masteryFrom && confirmed >= leastConfirmed && isRightOfLate(own),
      right: shareOfCount(own.filter(({ wasRight }) => wasRight).length, own.length),
    };
  });
}

/** Once may be luck (prior). */
const leastConfirmed = 2;
/** So many opportunities are of late, and this share of them must have gone right (priors): 21 of 32 is not known. */
const ofLate = 10;
const rightOfLate = 0.9;

const isConfirmed = ({ wasRight, grade }: Opportunity): boolean =>
  wasRight && (grade === 'seen' || grade === 'measured');

function isRightOfLate(own: readonly Opportunity[]): boolean {
  const last = own.slice(-ofLate);
  return last.filter(({ wasRight }) => wasRight).length >= rightOfLate * last.length;
}

const traceOf = ({ wasRight, grade, in: where }: Opportunity): Trace => ({
  wasRight,
  parameters:
    where.kind === 'exercise'
      ? exerciseParameters(partsOfItem(where.item)?.kind.guess ?? 0.5)
      : grade === 'claimed'
        ? usualParameters
        : seenParameters,
});

/** How often each skill is asked for by a kit's steps. */
export function demandsOf(steps: readonly PlannedStep[]): Map<SkillId, number> {
  const demands = new Map<SkillId, number>();
  for (const skill of steps.flatMap(skillsOf)) demands.set(skill, (demands.get(skill) ?? 0) + 1);
  return demands;
}

/** Mistakes to be expected of a learner at a kit. */
export function expectedMistakes(
  estimates: readonly SkillEstimate[],
  steps: readonly PlannedStep[],
): number {
  const demands = demandsOf(steps);
  return estimates.reduce(
    (sum, { skill, known }) =>
      sum + (demands.get(skill) ?? 0) * (1 - chanceRight(known, usualParameters)),
    0,
  );
}

export type Readiness = 'ready' | 'with-help' | 'not-yet';

/** More mistakes than these and somebody must sit beside; more than those and the kit is too much (priors). */
const alone = 3;
const withSomebody = 8;

export function readinessFor(expected: number): Readiness {
  if (expected <= alone) return 'ready';
  return expected <= withSomebody ? 'with-help' : 'not-yet';
}

/**
 * What to practise before a kit: the skills whose lack would cost most mistakes there, the costliest first; those that
 * are as good as known are left out.
 */
export function practiseNext(
  estimates: readonly SkillEstimate[],
  steps: readonly PlannedStep[],
): SkillId[] {
  const demands = demandsOf(steps);
  const cost = ({ skill, known }: SkillEstimate) =>
    (demands.get(skill) ?? 0) * (1 - chanceRight(known, usualParameters));
  return estimates
    .filter((one) => one.known < masteryFrom && cost(one) > 0)
    .sort((a, b) => cost(b) - cost(a))
    .map(({ skill }) => skill);
}
