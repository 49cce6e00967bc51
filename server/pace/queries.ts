import type { Experience } from '#core/pace/experience';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';

export interface SeatedLearner {
  readonly workshopId: string;
  readonly seatId: string;
  readonly learnerId: string | null;
  readonly experience: Experience;
}

export interface FinishedWorkshop {
  readonly id: string;
  readonly steps: readonly PlannedStep[];
}

/** Workshops that were over at a moment, the earliest first. */
export async function selectFinished(db: Queryable, now: Date): Promise<FinishedWorkshop[]> {
  return db.query<FinishedWorkshop>(
    `select id, steps from workshop
      where starts_at + length_minutes * interval '1 minute' < $1 order by starts_at, id`,
    [now.toISOString()],
  );
}

/** Who sat where, at every workshop, in the order of the workshops. */
export async function selectSeated(db: Queryable): Promise<SeatedLearner[]> {
  return db.query<SeatedLearner>(
    `select workshop_id as "workshopId", seat.id as "seatId", learner_id as "learnerId", experience
       from seat join workshop on workshop.id = workshop_id order by starts_at, seat.number`,
  );
}
