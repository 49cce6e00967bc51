import { storedPlan } from '#contract/storedKinds';
import type { BuildEvent } from '#core/build/event';
import type { Build } from '#core/learning/builds';
import type { Experience } from '#core/pace/experience';
import type { Queryable } from '../db/database.ts';
import { readOnce } from '../db/stored.ts';
import { emptyLog, type LogMemory } from './logMemory.ts';

/** A build with what ties it to people, kits and time. */
export interface StoredBuild extends Build {
  readonly kitId: string;
  readonly seatId: string;
  readonly learnerId: string | null;
  readonly experience: Experience;
  /** The number of the seat that this one is paired with. */
  readonly partner: number | null;
  readonly lengthMinutes: number;
  /** What was practised at the seat, in no particular order. */
  readonly practice: readonly BuildEvent[];
}

interface SeatRow {
  readonly seat_id: string;
  readonly workshop_id: string;
  readonly number: number;
  readonly learner_id: string | null;
  readonly experience: Experience;
  readonly partner: number | null;
}

interface WorkshopRow {
  readonly id: string;
  readonly title: string;
  readonly kit_id: string;
  readonly kit_name: string;
  readonly starts_at: Date;
  readonly length_minutes: number;
  readonly steps: unknown;
}

/** Which builds: of a learner, of a kit, or all. */
export type BuildsOf = { readonly learnerId: string } | { readonly kitId: string } | 'everybody';

/** Builds with their plans and logs, the earliest workshop first. */
export async function selectBuilds(
  db: Queryable,
  memory: LogMemory,
  of: BuildsOf,
): Promise<StoredBuild[]> {
  const learnerId = typeof of === 'object' && 'learnerId' in of ? of.learnerId : null;
  const kitId = typeof of === 'object' && 'kitId' in of ? of.kitId : null;
  const seats = await db.query<SeatRow>(
    `select seat.id as seat_id, workshop_id, seat.number, learner_id, experience, partner
       from seat
       join workshop on workshop.id = workshop_id
       join kit_revision on kit_revision.id = workshop.revision_id
      where workshop.removed_at is null and ($1::uuid is null or learner_id = $1::uuid) and ($2::uuid is null or kit_id = $2::uuid)
      order by starts_at, seat.number`,
    [learnerId, kitId],
  );
  const workshops = await db.query<WorkshopRow>(
    `select workshop.id, title, kit.id as kit_id, kit.name as kit_name, starts_at, length_minutes, steps
       from workshop
       join kit_revision on kit_revision.id = workshop.revision_id
       join kit on kit.id = kit_revision.kit_id
      where workshop.id in (select value::uuid from json_array_elements_text($1::json))`,
    [JSON.stringify([...new Set(seats.map(({ workshop_id }) => workshop_id))])],
  );
  const byId = new Map(workshops.map((workshop) => [workshop.id, workshop]));
  const logs = await memory.logsOf(
    db,
    seats.map(({ seat_id }) => seat_id),
  );
  return seats.flatMap((seat): StoredBuild[] => {
    const workshop = byId.get(seat.workshop_id);
    if (!workshop) return [];
    const { board, practice } = logs.get(seat.seat_id) ?? emptyLog();
    return [
      {
        workshopId: workshop.id,
        workshopTitle: workshop.title,
        kitId: workshop.kit_id,
        kitName: workshop.kit_name,
        startsAt: workshop.starts_at.toISOString(),
        lengthMinutes: workshop.length_minutes,
        seatId: seat.seat_id,
        seatNumber: seat.number,
        learnerId: seat.learner_id,
        experience: seat.experience,
        partner: seat.partner,
        steps: readOnce(storedPlan, workshop.steps),
        events: board,
        practice,
      },
    ];
  });
}
