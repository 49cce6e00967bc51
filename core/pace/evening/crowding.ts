import { memo } from '../../memo.ts';
import { seeded } from '../../random.ts';
import { learnerVariation, stepVariation } from '../learnt/priors.ts';
import type { StepTime } from '../learnt/stepTimes.ts';
import { noTrouble } from '../learnt/trouble.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { lognormal } from './distributions.ts';
import { type Activity, type Capacity, runRoom } from './room.ts';
import { stepActivities } from './seatWork.ts';

/** By the id of a step: so many times longer it takes, with waiting for irons and meters, than the hands need. */
export type Crowding = ReadonlyMap<string, number>;

/** So many people are looked at, over all runs; at least so many runs of a large room. */
const people = 240;
const fewestRuns = 4;

/**
 * How crowded a room is at each step, from the plan's minutes and people as unlike as they usually are. How fast all of
 * them are does not matter: who is slow holds the iron for longer as well.
 */
export function crowdingOf(
  steps: readonly PlannedStep[],
  seats: number,
  capacity: Capacity,
): Crowding {
  // Each seat has its own: nobody waits.
  if (seats <= capacity.iron && seats <= capacity.meter) return new Map();
  return known.of(JSON.stringify([seats, capacity, steps]), () => crowded(steps, seats, capacity));
}

const known = memo<string, Crowding>({ name: 'how crowded rooms were', most: 200 });

function crowded(steps: readonly PlannedStep[], seats: number, capacity: Capacity): Crowding {
  const random = seeded(seats);
  const hands = steps.map(() => 0);
  const waited = steps.map(() => 0);
  for (let run = Math.max(fewestRuns, Math.ceil(people / seats)); run > 0; run -= 1) {
    const seated = Array.from({ length: seats }, () => {
      const share = lognormal(random, 1, learnerVariation);
      return steps.map((step) =>
        stepActivities(step, { share, scatter: stepVariation, trouble: noTrouble }, random),
      );
    });
    const results = runRoom(
      seated.map((own) => ({ startsAt: 0, activities: own.flat() })),
      capacity,
    );
    for (const [seat, own] of seated.entries()) {
      const over = results[seat]?.over ?? [];
      let [at, before] = [0, 0];
      for (const [index, activities] of own.entries()) {
        for (const { needs, minutes } of activities) {
          const end = over[at] ?? before;
          if (isOfHands(needs)) {
            hands[index] = (hands[index] ?? 0) + minutes;
            waited[index] = (waited[index] ?? 0) + Math.max(0, end - before - minutes);
          }
          before = end;
          at += 1;
        }
      }
    }
  }
  return new Map(
    steps.map(({ id }, index) => {
      const alone = hands[index] ?? 0;
      return [id, alone > 0 ? 1 + (waited[index] ?? 0) / alone : 1];
    }),
  );
}

/** Step times in which something went wrong are left out by themselves. */
const isOfHands = (needs: Activity['needs']): boolean =>
  needs === null || needs === 'iron' || needs === 'meter';

/** What is to be expected of waiting taken off step times: what is left is of the hands. */
export const withoutWaiting = (times: readonly StepTime[], crowding: Crowding): StepTime[] =>
  times.map((time) => ({ ...time, minutes: time.minutes / crowdingAt(time.stepIds, crowding) }));

/** Of steps that were tapped off together, on the average. */
const crowdingAt = (stepIds: readonly string[], crowding: Crowding): number =>
  stepIds.reduce((sum, id) => sum + (crowding.get(id) ?? 1), 0) / Math.max(1, stepIds.length);
