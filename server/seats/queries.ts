import { storedBoard, storedIron, storedOrder, storedPlan } from '#contract/storedKinds';
import type { Board } from '#core/board/board';
import type { Iron } from '#core/joint/heat/iron';
import { settingsOf } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';
import { read, readOnce, readOnceOrNull, readOrNull } from '../db/stored.ts';
import { notFound } from '../http/refusal.ts';

export interface StoredSeat {
  readonly seatId: string;
  readonly workshopId: string;
  readonly learnerId: string | null;
  readonly number: number;
  readonly name: string;
  readonly workshopTitle: string;
  readonly kitName: string;
  readonly startsAt: string;
  readonly steps: readonly PlannedStep[];
  readonly styles: readonly StyleId[];
  readonly board: Board | null;
  readonly iron: Iron;
}

export const noSuchSeat = () =>
  notFound('seat', 'Scan the code on your bag again, or ask your instructor for your seat’s link.');

export async function selectSeatByToken(
  db: Queryable,
  token: string,
): Promise<StoredSeat | undefined> {
  const [row] = await db.query<{
    seat_id: string;
    workshop_id: string;
    learner_id: string | null;
    number: number;
    name: string;
    title: string;
    kit_name: string;
    starts_at: Date;
    steps: unknown;
    soldering_order: unknown;
    board: unknown;
    iron: unknown;
  }>(
    `select seat.id as seat_id, workshop_id, learner_id, seat.number, seat.name, title, kit.name as kit_name, starts_at, steps, soldering_order,
            board - 'backdrop' as board, iron
       from seat
       join workshop on workshop.id = seat.workshop_id
       join kit_revision on kit_revision.id = workshop.revision_id
       join kit on kit.id = kit_revision.kit_id
      where token = $1`,
    [token],
  );
  return (
    row && {
      seatId: row.seat_id,
      workshopId: row.workshop_id,
      learnerId: row.learner_id,
      number: row.number,
      name: row.name,
      workshopTitle: row.title,
      kitName: row.kit_name,
      startsAt: row.starts_at.toISOString(),
      steps: readOnce(storedPlan, row.steps),
      styles: settingsOf(readOrNull(storedOrder, row.soldering_order)).styles,
      board: readOnceOrNull(storedBoard, row.board),
      iron: read(storedIron, row.iron),
    }
  );
}
