import type { Board } from '#core/board/board';
import { type OrderSettings, settingsOf } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';

export interface PlannedBuild {
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
    steps: PlannedStep[];
    soldering_order: OrderSettings | null;
    board: Board | null;
  }>(
    `select kit.name as kit_name, steps, soldering_order, board - 'backdrop' as board
       from seat
       join workshop on workshop.id = seat.workshop_id
       join kit_revision on kit_revision.id = workshop.revision_id
       join kit on kit.id = kit_revision.kit_id
      where learner_id = $1 and starts_at + length_minutes * interval '1 minute' > now()
      order by starts_at limit 1`,
    [learnerId],
  );
  return (
    row && {
      kitName: row.kit_name,
      steps: row.steps,
      styles: settingsOf(row.soldering_order).styles,
      board: row.board,
    }
  );
}
