import type { Experience } from '../experience.ts';
import type { Learnt } from '../learnt/learnPace.ts';
import { type Pace, paceBefore, type Spread, spreadBefore } from '../learnt/priors.ts';
import type { StepKind } from '../learnt/stepTimes.ts';
import { noTrouble, type TroubleSeen } from '../learnt/trouble.ts';

/** What earlier evenings have taught; where there were none, what is stated beforehand. */
export interface Beliefs {
  readonly kinds: ReadonlyMap<StepKind, Learnt>;
  readonly spread: Spread;
  readonly trouble: TroubleSeen;
  /** So many times wider than it would be: forecasts of earlier evenings were too sure of themselves. 1 where not. */
  readonly widened: number;
}

export const nothingLearnt: Beliefs = {
  kinds: new Map(),
  spread: spreadBefore,
  trouble: noTrouble,
  widened: 1,
};

/**
 * What moves from evening to evening although it is well known: another kit with steps of the same kind, another mood
 * (standard deviations of logarithms; priors).
 */
const fromEveningToEvening = { kind: 0.08, learner: 0.12 };

/** Interruptions that all share, and how somebody's pace moves in the course of an evening (priors, as above). */
export const tonightMoves = { room: 0.05, learner: 0.1 };

/** What is believed of a learner before an evening: the own pace where it was seen, else what the experience says. */
export function learnerBefore(
  known: Learnt | undefined,
  experience: Experience,
  { people }: Spread,
): Pace {
  if (known && known.count > 0) {
    const { logMean, logSd } = known.pace;
    return { logMean, logSd: Math.hypot(logSd, fromEveningToEvening.learner) };
  }
  return { logMean: paceBefore(experience).logMean, logSd: people };
}

export const kindTonight = ({ logMean, logSd }: Pace): Pace => ({
  logMean,
  logSd: Math.hypot(logSd, fromEveningToEvening.kind),
});
