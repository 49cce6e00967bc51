import { measuringOf } from '../../order/checks/measuring.ts';
import type { Random } from '../../random.ts';
import { stepVariation } from '../learnt/priors.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { lognormal } from './distributions.ts';
import type { Activity } from './room.ts';

/** Of the minutes of a soldering step, the share that the iron is in the hand (prior). */
const ironShare = 0.5;

/** One joint in so many goes wrong where somebody is new; others do better in step with their pace (prior). */
const jointsPerMistake = 40;
const visitMinutes = 3;
const reworkMinutes = 4;

/**
 * What one learner does for one step, with what is shared: reading and bending, then the iron; a meter for what is
 * measured; where something goes wrong a helper comes, and it is taken apart and done again.
 *
 * @param pace the learner's share of a beginner's minutes
 */
export function stepActivities(step: PlannedStep, pace: number, random: Random): Activity[] {
  const minutes = lognormal(random, step.minutes * pace, stepVariation);
  if (step.kind === 'check' || step.kind === 'own') {
    return [{ needs: measuringOf(step) ? 'meter' : null, minutes }];
  }
  if (step.kind !== 'solder') return [{ needs: null, minutes }];
  const work: Activity[] = [
    { needs: null, minutes: minutes * (1 - ironShare) },
    { needs: 'iron', minutes: minutes * ironShare },
  ];
  const chance = 1 - (1 - Math.min(1, pace / jointsPerMistake)) ** step.joints;
  if (random() >= chance) return work;
  return [
    ...work,
    { needs: 'helper', minutes: lognormal(random, visitMinutes, stepVariation) },
    { needs: 'desoldering', minutes: lognormal(random, reworkMinutes * pace, stepVariation) },
  ];
}
