import { storedRoom } from '#contract/storedKinds';
import type { RoomPlan } from '#core/pace/seating/roomPlan';
import type { Queryable } from '../../db/database.ts';
import { json, readOrNull } from '../../db/stored.ts';

/** The plan that somebody made, or null; and the version that a change is made from. */
export async function selectRoom(
  db: Queryable,
  workshopId: string,
): Promise<{ readonly plan: RoomPlan | null; readonly version: number } | undefined> {
  const [row] = await db.query<{ room_plan: unknown; room_version: number }>(
    'select room_plan, room_version from workshop where id = $1 and removed_at is null',
    [workshopId],
  );
  return row && { plan: readOrNull(storedRoom, row.room_plan), version: row.room_version };
}

/** @returns false where somebody else was faster */
export async function updateRoom(
  db: Queryable,
  workshopId: string,
  plan: RoomPlan,
  basedOn: number,
): Promise<boolean> {
  const rows = await db.query(
    `update workshop set room_plan = $3::jsonb, room_version = room_version + 1
      where id = $1 and room_version = $2 returning id`,
    [workshopId, basedOn, json(storedRoom, plan)],
  );
  return rows.length === 1;
}
