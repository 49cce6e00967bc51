import { type Pace, paceFrom, stepVariation } from './priors.ts';

/** Longer than this a step takes only so many deviations from the mean. */
export const minutesAtMost = (minutes: number, pace: Pace, deviations: number): number => {
  const step = paceFrom(minutes, stepVariation);
  return Math.exp(step.logMean + pace.logMean + deviations * Math.hypot(step.logSd, pace.logSd));
};
