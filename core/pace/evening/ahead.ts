import type { Experience } from '../experience.ts';
import type { Learnt } from '../learnt/learnPace.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { type Beliefs, learnerBefore } from './beliefs.ts';
import type { Conditions } from './conditions.ts';
import { type Evening, seatAhead } from './evening.ts';

/** Who will sit at a seat. */
export interface SeatPlanned {
  readonly id: string;
  readonly learnerId: string | null;
  readonly experience: Experience;
}

/** A workshop as it is planned. */
export interface WorkshopPlanned {
  readonly steps: readonly PlannedStep[];
  readonly lengthMinutes: number;
  readonly seats: readonly SeatPlanned[];
}

/** A workshop before it has begun, under such conditions. */
export const eveningAhead = (
  { steps, lengthMinutes, seats }: WorkshopPlanned,
  conditions: Conditions,
  beliefs: Beliefs,
  learners: ReadonlyMap<string, Learnt>,
): Evening => ({
  steps,
  lengthMinutes,
  nowMinutes: 0,
  conditions,
  beliefs,
  seats: seats.map(({ id, learnerId, experience }) =>
    seatAhead(id, learnerBefore(learners.get(learnerId ?? ''), experience, beliefs.spread), steps),
  ),
});
