import { storedBoard, storedIron, storedOrder, storedPlan } from '#contract/storedKinds';
import type { Board } from '#core/board/board';
import type { Iron } from '#core/joint/heat/iron';
import { type Said, said } from '#core/learning/said';
import { settingsOf } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';
import { read, readOnce, readOnceOrNull, readOrNull } from '../db/stored.ts';
import { notFound, Refusal } from '../http/refusal.ts';

export interface StoredSeat {
  readonly seatId: string;
  readonly workshopId: string;
  readonly learnerId: string | null;
  readonly number: number;
  readonly name: string;
  readonly workshopTitle: string;
  readonly kitName: string;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly openedAt: string | null;
  readonly keepsPage: boolean;
  readonly steps: readonly PlannedStep[];
  readonly styles: readonly StyleId[];
  readonly board: Board | null;
  readonly iron: Iron;
}

export const noSuchSeat = () => notFound('seat');

/** Why a link opens nothing any more: 410, since it did once. */
export const linkEnded = (why: Said) =>
  new Refusal(410, said('refusals.seats.thisLinkHasEnded'), why);
export const linkReplaced = () => linkEnded(said('refusals.seats.thisSeatHasANewLinkScan'));
export const linkOver = () => linkEnded(said('refusals.seats.theEveningOfThisLinkIsOver'));

export async function isEndedLink(db: Queryable, token: string): Promise<boolean> {
  return (await db.query('select 1 from ended_link where token = $1', [token])).length > 0;
}

/**
 * Gives seats another token each; the old ones are remembered as ended.
 *
 * @param tokens the new one of each seat
 */
export async function replaceTokens(
  tx: Queryable,
  tokens: readonly { readonly seatId: string; readonly token: string }[],
): Promise<void> {
  const asked = JSON.stringify(tokens);
  await tx.query(
    `insert into ended_link (token, seat_id)
     select token, id from seat where id in (select "seatId" from jsonb_to_recordset($1::jsonb) as asked ("seatId" uuid))`,
    [asked],
  );
  await tx.query(
    `update seat set token = asked.token
       from jsonb_to_recordset($1::jsonb) as asked ("seatId" uuid, token text) where seat.id = asked."seatId"`,
    [asked],
  );
}

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
    length_minutes: number;
    opened_at: Date | null;
    keeps_page: boolean | null;
    steps: unknown;
    soldering_order: unknown;
    board: unknown;
    iron: unknown;
  }>(
    `select seat.id as seat_id, workshop_id, learner_id, seat.number, seat.name, title, kit.name as kit_name, starts_at, length_minutes,
            opened_at, keeps_page, steps, soldering_order, board - 'backdrop' as board, iron
       from seat
       join workshop on workshop.id = seat.workshop_id
       join kit_revision on kit_revision.id = workshop.revision_id
       join kit on kit.id = kit_revision.kit_id
       left join learner on learner.id = learner_id
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
      lengthMinutes: row.length_minutes,
      openedAt: row.opened_at?.toISOString() ?? null,
      keepsPage: row.keeps_page ?? false,
      steps: readOnce(storedPlan, row.steps),
      styles: settingsOf(readOrNull(storedOrder, row.soldering_order)).styles,
      board: readOnceOrNull(storedBoard, row.board),
      iron: read(storedIron, row.iron),
    }
  );
}
