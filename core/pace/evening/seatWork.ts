import { measuringOf } from '../../order/checks/measuring.ts';
import type { Random } from '../../random.ts';
import { isForAll } from '../learnt/stepTimes.ts';
import { minutesAVisit, type TroubleSeen, troubleAJoint } from '../learnt/trouble.ts';
import { normalCdf as cdf, normalQuantile } from '../normal.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { lognormal } from './distributions.ts';
import type { Activity } from './room.ts';

/** Of the minutes of a soldering step, the share that the iron is in the hand, at its end (prior). */
const ironShare = 0.5;

/** Of the things that go wrong, the share that has to be taken apart, and how long that takes (priors). */
const reworkShare = 0.5;
const reworkMinutes = 4;
/** How unlike visits and mending are from one to the next (coefficient of variation; prior). */
const visitVariation = 0.7;

/** How one step goes for one learner. */
export interface Hands {
  /** The learner's share of the plan's minutes at this kind of step, on the average. */
  readonly share: number;
  /** Scatter from one step time to the next: the standard deviation of the logarithm. */
  readonly scatter: number;
  readonly trouble: TroubleSeen;
}

/**
 * What one learner does for one step, with what is shared: reading and bending, then the iron; a meter for what is
 * measured; where something goes wrong a helper comes, and it may be taken apart and done again.
 *
 * @param elapsed minutes that it has taken already: it takes longer than that
 */
export function stepActivities(
  step: PlannedStep,
  { share, scatter, trouble }: Hands,
  random: Random,
  elapsed = 0,
): Activity[] {
  if (isForAll(step)) return [{ needs: null, minutes: Math.max(0, step.minutes - elapsed) }];
  const middle = Math.log(step.minutes * share) - scatter ** 2 / 2;
  // Many pieces alike even out.
  const deviation = scatter / Math.sqrt(step.own?.words.repeat?.times ?? 1);
  const minutes = step.minutes <= 0 ? 0 : longerThan(elapsed, middle, deviation, random());
  const left = Math.max(0, minutes - elapsed);
  const drawn = [random(), random()] as const;
  if (step.kind === 'check' || step.kind === 'own') {
    return [{ needs: measuringOf(step) ? 'meter' : null, minutes: left }];
  }
  if (step.kind !== 'solder') return [{ needs: null, minutes: left }];
  const iron = Math.min(left, minutes * ironShare);
  const work: Activity[] = [
    { needs: null, minutes: left - iron },
    { needs: 'iron', minutes: iron },
  ];
  const chance = 1 - (1 - Math.min(1, share * troubleAJoint(trouble))) ** step.joints;
  if (drawn[0] >= chance) return work;
  const visit = visitActivity(trouble, random);
  return drawn[1] < reworkShare
    ? [
        ...work,
        visit,
        { needs: 'desoldering', minutes: lognormal(random, reworkMinutes * share, visitVariation) },
      ]
    : [...work, visit];
}

export const visitActivity = (trouble: TroubleSeen, random: Random): Activity => ({
  needs: 'helper',
  minutes: lognormal(random, minutesAVisit(trouble), visitVariation),
});

/** Further out than this the share of the distribution that is left is too small to divide by. */
const farOut = 4;

/**
 * A lognormal time of which only those longer than so much are left, by the share of them that lies below.
 *
 * @param middle the mean of the logarithm, and its standard deviation
 */
function longerThan(elapsed: number, middle: number, deviation: number, share: number): number {
  if (elapsed <= 0) return Math.exp(middle + deviation * quantile(share));
  const z = (Math.log(elapsed) - middle) / deviation;
  // In the tail times beyond are as good as exponential, with the inverse of the hazard as their mean.
  if (z > farOut) return elapsed - (Math.log(1 - share) * deviation * elapsed) / z;
  const below = cdf(z);
  return Math.max(elapsed, Math.exp(middle + deviation * quantile(below + share * (1 - below))));
}

const quantile = (share: number): number =>
  normalQuantile(Math.min(1 - 1e-9, Math.max(1e-9, share)));
