import type { Random } from '../../random.ts';
import type { Pace } from '../learnt/priors.ts';

/** From the normal distribution with mean 0 and variance 1 (Box and Muller 1958). */
const normal = (random: Random): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/**
 * From the lognormal distribution with a given mean and coefficient of variation: times of hands at work are never
 * below 0 and have a long tail.
 */
export function lognormal(random: Random, mean: number, variation: number): number {
  if (mean <= 0) return 0;
  const variance = Math.log(1 + variation ** 2);
  return Math.exp(Math.log(mean) - variance / 2 + Math.sqrt(variance) * normal(random));
}

/** From what is believed of somebody's pace: the share of the plan's minutes that they will need. */
export const paceFor = (random: Random, { logMean, logSd }: Pace): number =>
  Math.exp(logMean + logSd * normal(random));

/** From the exponential distribution with a given mean. */
export const exponential = (random: Random, mean: number): number => -mean * Math.log(1 - random());
