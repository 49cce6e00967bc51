import { type Experience, paceOf } from '../experience.ts';

/**
 * What is believed of somebody's pace: the logarithm of the share of the plan's minutes is normally distributed. The
 * plan's minutes are a beginner's, so 0 is as planned.
 */
export interface Pace {
  readonly logMean: number;
  readonly logSd: number;
}

/** The share of the plan's minutes to be expected: the mean of the lognormal distribution. */
export const shareOf = ({ logMean, logSd }: Pace): number => Math.exp(logMean + logSd ** 2 / 2);

/** A lognormal distribution with this mean and coefficient of variation. */
export function paceFrom(mean: number, variation: number): Pace {
  const variance = Math.log(1 + variation ** 2);
  return { logMean: Math.log(mean) - variance / 2, logSd: Math.sqrt(variance) };
}

/** How much learners of one experience differ, and the same step from time to time (priors). */
export const learnerVariation = 0.25;
export const stepVariation = 0.35;

/** How far a kind of step may be from the plan in a room that has not been seen yet (prior). */
export const kindVariation = 0.3;

export const paceBefore = (experience: Experience): Pace =>
  paceFrom(paceOf[experience], learnerVariation);

/** How unlike people are, and one step time from the next: standard deviations of logarithms. */
export interface Spread {
  readonly people: number;
  readonly steps: number;
}

export const spreadBefore: Spread = {
  people: paceFrom(1, learnerVariation).logSd,
  steps: paceFrom(1, stepVariation).logSd,
};
