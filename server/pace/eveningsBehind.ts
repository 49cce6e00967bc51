import type { WorkshopConditions } from '#contract/conditions';
import type { BuildEvent } from '#core/build/event';
import { stateOfBuild, timesOfBuild } from '#core/learning/builds';
import { type Memo, memo, memoOfObject } from '#core/memo';
import { usualConditionsOf } from '#core/pace/evening/conditions';
import {
  type EveningBehind,
  type LookedBack,
  lookBack,
  type ToldOfSeat,
  toldAtHalf,
} from '#core/pace/evening/lookBack';
import type { StoredBuild } from '../builds/queries.ts';

/** Whether the evening of a build is behind. */
export const isOver = (
  { startsAt, lengthMinutes }: Pick<StoredBuild, 'startsAt' | 'lengthMinutes'>,
  now: Date,
): boolean => Date.parse(startsAt) + lengthMinutes * 60_000 < now.getTime();

/** The evenings that are over and that somebody worked at, in the order of time. */
export function eveningsBehind(
  builds: readonly StoredBuild[],
  conditions: ReadonlyMap<string, WorkshopConditions>,
  now: Date,
): EveningBehind[] {
  const evenings = new Map<string, StoredBuild[]>();
  for (const build of builds) {
    if (!isOver(build, now)) continue;
    const evening = evenings.get(build.workshopId);
    if (evening) evening.push(build);
    else evenings.set(build.workshopId, [build]);
  }
  return [...evenings.values()].flatMap((all): EveningBehind[] => {
    // A seat that nobody sat at says nothing of how long anything takes.
    const seats = all.filter(({ events }) => events.length > 0);
    const [first] = seats;
    if (!first) return [];
    const { workshopId, startsAt, lengthMinutes, steps } = first;
    return [
      {
        id: workshopId,
        startsAt,
        lengthMinutes,
        conditions: conditions.get(workshopId)?.conditions ?? usualConditionsOf(all),
        steps,
        seats: seats.map((build) => ({
          id: build.seatId,
          learner: build.learnerId ?? `seat ${build.seatId}`,
          experience: build.experience,
          events: build.events,
          state: stateOfBuild(build),
          times: timesOfBuild(build),
        })),
      },
    ];
  });
}

/** What evenings have taught; of each that has not changed, what would have been told is remembered. */
export const lookedBack = (evenings: readonly EveningBehind[]): LookedBack =>
  lookBack(evenings, (evening, beliefs, learners) => {
    const [first] = evening.seats;
    if (!first) return [];
    const here = evening.seats.map(({ learner, events }) => [learners.get(learner), events.length]);
    const { lengthMinutes, startsAt, conditions } = evening;
    const from = JSON.stringify([
      [...beliefs.kinds],
      beliefs.spread,
      beliefs.trouble,
      beliefs.widened,
      here,
      [lengthMinutes, startsAt, conditions],
    ]);
    return told
      .of(first.events, () => memo({ name: 'the half time of an evening', most: 1 }))
      .of(from, () => toldAtHalf(evening, beliefs, learners));
  });

/** What was worked out of logs before, and from what of the evenings before them. */
const told = memoOfObject<readonly BuildEvent[], Memo<string, readonly ToldOfSeat[]>>(
  'half times of evenings',
);
