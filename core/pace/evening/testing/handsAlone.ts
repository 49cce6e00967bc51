import { type Pace, paceFrom, stepVariation } from '../../learnt/priors.ts';
import { normalCdf } from '../../normal.ts';

export interface StillToDo {
  readonly pace: Pace;
  /** The minutes planned for the step under way, and how long it has been under way. */
  readonly current: { readonly minutes: number; readonly elapsed: number };
  /** The minutes planned for the steps behind it. */
  readonly ahead: readonly number[];
}

/** Deviations from the mean pace that are looked at; what lies outside weighs less than three in a thousand. */
const paceNodes = Array.from({ length: 25 }, (_, index) => (index - 12) / 4);

/**
 * The chance to be done within so many minutes, from the pace of hands alone: what the floor told before there was a
 * forecast of the room. Kept to be compared with.
 *
 * For each pace that is believed possible, weighed also by how well it explains that the present step is not done yet:
 * the sum of lognormal step times is matched to one lognormal by mean and variance (Fenton 1960, from memory).
 */
export function chanceToFinish({ pace, current, ahead }: StillToDo, minutesLeft: number): number {
  if (current.minutes <= 0 && ahead.length === 0) return 1;
  if (minutesLeft <= 0) return 0;
  let [weights, inTime] = [0, 0];
  for (const z of paceNodes) {
    const share = Math.exp(pace.logMean + z * pace.logSd);
    const step = current.minutes * share;
    // The floor keeps a weight where no pace explains what is seen: then the slowest of them speaks.
    const weight =
      Math.exp((-z * z) / 2) * Math.max(notDoneBy(step, current.elapsed), 1e-9 * z + 1e-8);
    const underWay = leftOf(step, current.elapsed);
    const mean = underWay + share * ahead.reduce((sum, minutes) => sum + minutes, 0);
    const variance =
      (underWay * stepVariation) ** 2 +
      ahead.reduce((sum, minutes) => sum + (share * minutes * stepVariation) ** 2, 0);
    const needed = paceFrom(mean, Math.sqrt(variance) / mean);
    weights += weight;
    inTime += weight * normalCdf((Math.log(minutesLeft) - needed.logMean) / needed.logSd);
  }
  return inTime / weights;
}

/** The chance that a step takes longer than it has. */
function notDoneBy(mean: number, elapsed: number): number {
  if (mean <= 0 || elapsed <= 0) return 1;
  const { logMean, logSd } = paceFrom(mean, stepVariation);
  return 1 - normalCdf((Math.log(elapsed) - logMean) / logSd);
}

/** Minutes that a step still takes on the average when it has been under way for a while (mean excess of the lognormal). */
function leftOf(mean: number, elapsed: number): number {
  if (mean <= 0) return 0;
  if (elapsed <= 0) return mean;
  const { logMean, logSd } = paceFrom(mean, stepVariation);
  const late = (Math.log(elapsed) - logMean) / logSd;
  // Far out in the tail the quotient of two tiny numbers is replaced by what it goes to.
  if (late > 5) return (logSd * elapsed) / late;
  return (mean * (1 - normalCdf(late - logSd))) / (1 - normalCdf(late)) - elapsed;
}
