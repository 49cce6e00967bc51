import type { PlannedStep } from '../pace/stepMinutes.ts';
import {
  abilityOf,
  claimedEvidence,
  type Evidence,
  exerciseEvidence,
  followed,
  knownFrom,
  type Outcome,
  seenEvidence,
} from './ability.ts';
import { type Opportunity, skillsOf } from './builds.ts';
import { partsOfItem } from './drills/exercise.ts';
import { type Share, shareOfCount } from './shares.ts';
import { type SkillId, skillIds } from './skills.ts';

/** What is thought of one skill of one learner. */
export interface SkillEstimate {
  readonly skill: SkillId;
  /** The chance that the next step that asks for it goes right, and its range of nine in ten. */
  readonly chance: number;
  readonly low: number;
  readonly high: number;
  /** The chance before the first and after each opportunity. */
  readonly course: readonly number[];
  /** Opportunities that went right, with the interval of the share. */
  readonly right: Share;
  /** The same of the last ones. */
  readonly lately: Share;
  /** Those of them that were measured, or that staff have looked at. */
  readonly confirmed: number;
  /** Taken to be known: surely good, confirmed more than once, and right nearly always of late. */
  readonly isKnown: boolean;
}

/** @param opportunities of one learner, in the order of time */
export function estimatesOf(opportunities: readonly Opportunity[]): SkillEstimate[] {
  return skillIds.map((skill) => {
    const own = opportunities.filter((one) => one.skill === skill);
    const abilities = followed(own.map(outcomeOf)).map(abilityOf);
    const { chance, low, high } = abilities.at(-1) ?? { chance: 0, low: 0, high: 1 };
    const confirmed = own.filter(isConfirmed).length;
    const lately = shareRight(own.slice(-ofLate));
    return {
      skill,
      chance,
      low,
      high,
      course: abilities.map((one) => one.chance),
      confirmed,
      isKnown:
        low >= knownFrom && confirmed >= leastConfirmed && lately.count >= rightOfLate * lately.of,
      right: shareRight(own),
      lately,
    };
  });
}

/** Once may be luck (prior). */
const leastConfirmed = 2;
/** So many opportunities are of late, and this share of them must have gone right (priors). */
const ofLate = 10;
const rightOfLate = 0.9;

const shareRight = (own: readonly Opportunity[]): Share =>
  shareOfCount(own.filter(({ wasRight }) => wasRight).length, own.length);

const isConfirmed = ({ wasRight, grade }: Opportunity): boolean =>
  wasRight && (grade === 'seen' || grade === 'measured');

const outcomeOf = ({ wasRight, grade, at, in: where }: Opportunity): Outcome => ({
  wasRight,
  at,
  evidence:
    where.kind === 'exercise'
      ? evidenceOfGuess(partsOfItem(where.item)?.kind.guess ?? 0.5)
      : // What was told as wrong is wrong, whoever said it.
        grade === 'claimed'
        ? claimedEvidence
        : seenEvidence,
});

/** One object for each chance to guess: what is worked out of it is kept with it. */
const byGuess = new Map<number, Evidence>();
function evidenceOfGuess(guess: number): Evidence {
  const known = byGuess.get(guess) ?? exerciseEvidence(guess);
  byGuess.set(guess, known);
  return known;
}

/** How often each skill is asked for by a kit's steps. */
export function demandsOf(steps: readonly PlannedStep[]): Map<SkillId, number> {
  const demands = new Map<SkillId, number>();
  for (const skill of steps.flatMap(skillsOf)) demands.set(skill, (demands.get(skill) ?? 0) + 1);
  return demands;
}

/** How many mistakes to expect, and the range of nine in ten. */
export interface ExpectedMistakes {
  readonly expected: number;
  readonly from: number;
  readonly to: number;
}

/** 90 % of the normal distribution lie within so many deviations. */
const deviations = 1.645;

/** Mistakes to be expected of a learner at a kit: chance, and what is not known of each skill. */
export function expectedMistakes(
  estimates: readonly SkillEstimate[],
  steps: readonly PlannedStep[],
): ExpectedMistakes {
  const demands = demandsOf(steps);
  let [expected, variance] = [0, 0];
  for (const { skill, chance, low, high } of estimates) {
    const count = demands.get(skill) ?? 0;
    const unsure = (count * (high - low)) / (2 * deviations);
    expected += count * (1 - chance);
    variance += count * chance * (1 - chance) + unsure ** 2;
  }
  const half = deviations * Math.sqrt(variance);
  return { expected, from: Math.max(0, expected - half), to: expected + half };
}

export type Readiness = 'ready' | 'with-help' | 'not-yet';

/** More mistakes than these and somebody must sit beside; more than those and the kit is too much (priors). */
const alone = 3;
const withSomebody = 8;

export function readinessFor({ expected }: Pick<ExpectedMistakes, 'expected'>): Readiness {
  if (expected <= alone) return 'ready';
  return expected <= withSomebody ? 'with-help' : 'not-yet';
}

/**
 * What to practise before a kit: the skills whose lack would cost most mistakes there, the costliest first; those that
 * surely go right are left out.
 */
export function practiseNext(
  estimates: readonly SkillEstimate[],
  steps: readonly PlannedStep[],
): SkillId[] {
  const demands = demandsOf(steps);
  const cost = ({ skill, chance }: SkillEstimate) => (demands.get(skill) ?? 0) * (1 - chance);
  return estimates
    .filter((one) => one.low < knownFrom && cost(one) > 0)
    .sort((a, b) => cost(b) - cost(a))
    .map(({ skill }) => skill);
}
