import type { PlannedStep } from '../stepMinutes.ts';
import { minutesOf } from '../tonight/tonight.ts';
import type { Learnt } from './learnPace.ts';
import { type Pace, paceFrom, stepVariation } from './priors.ts';
import type { StepKind } from './stepTimes.ts';

export interface StepRange {
  /** Half of the times lie below. */
  readonly median: number;
  /** Nine of ten lie below. */
  readonly late: number;
}

/** 90 of 100 lie below (normal distribution). */
const lateDeviations = 1.2816;

/**
 * The minutes that a step takes in a room: the scatter from step to step, what is not known of each learner, and how
 * much the learners differ, taken together.
 *
 * @param paces of the learners; at least one
 */
export function stepRange(
  step: PlannedStep,
  paces: readonly Pace[],
  kinds: ReadonlyMap<StepKind, Learnt>,
): StepRange {
  const mean = paces.reduce((sum, { logMean }) => sum + logMean, 0) / paces.length;
  const variance = paces.reduce(
    (sum, { logMean, logSd }) => sum + ((logMean - mean) ** 2 + logSd ** 2) / paces.length,
    0,
  );
  const scatter = paceFrom(minutesOf(step, kinds), stepVariation);
  const median = Math.exp(scatter.logMean + mean);
  return {
    median,
    late: median * Math.exp(lateDeviations * Math.sqrt(variance + scatter.logSd ** 2)),
  };
}
