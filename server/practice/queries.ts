import { storedBoard, storedOrder, storedPlan } from '#contract/storedKinds';
import type { Board } from '#core/board/board';
import { settingsOf } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';
import { readOnce, readOnceOrNull, readOrNull } from '../db/stored.ts';

export interface PlannedBuild {
  readonly workshopId: string;
  readonly kitName: string;
  readonly steps: readonly PlannedStep[];
  readonly styles: readonly StyleId[];
  readonly board: Board | null;
}

/** What a learner builds at the next workshop that is not over. */
export async function selectNextBuild(
  db: Queryable,
  learnerId: string,
): Promise<PlannedBuild | undefined> {
  const [row] = await db.query<{
    kit_name: string;
    workshop_id: string;
    steps: unknown;
    soldering_order: unknown;
    board: unknown;
  }>(
    `select workshop.id as workshop_id, kit.name as kit_name, steps, soldering_order, board
       from seat
       join workshop on workshop.id = seat.workshop_id
       join kit_revision on kit_revision.id = workshop.revision_id
       join kit on kit.id = kit_revision.kit_id
      where learner_id = $1 and seat.removed_at is null and workshop.removed_at is null and set_aside is null
        and starts_at + length_minutes * interval '1 minute' > now()
      order by starts_at limit 1`,
    [learnerId],
  );
  return (
    row && {
      workshopId: row.workshop_id,
      kitName: row.kit_name,
      steps: readOnce(storedPlan, row.steps),
      styles: settingsOf(readOrNull(storedOrder, row.soldering_order)).styles,
      board: readOnceOrNull(storedBoard, row.board),
    }
  );
}
