import type { KeptPicture } from '#contract/pictures';
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
  readonly kitDescription: string;
  readonly kitPicture: KeptPicture | null;
  /** The name of whoever works with this learner. */
  readonly partner: string | null;
  readonly partnerNumber: number | null;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly openedAt: string | null;
  readonly keepsPage: boolean;
  readonly closedAt: string | null;
  readonly linksEnd: boolean;
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

/** Why a token that opened a seat once opens none now; undefined where it never did. */
export async function endedLink(db: Queryable, token: string): Promise<Refusal | undefined> {
  const [row] = await db.query<{ replaced: boolean; cancelled: boolean; gone: boolean }>(
    `select exists (select 1 from ended_link where token = $1) as replaced,
            coalesce(set_aside = 'cancelled', false) as cancelled, seat.id is not null as gone
       from (select 1) as asked
       left join seat on token = $1
       left join workshop on workshop.id = workshop_id`,
    [token],
  );
  if (row?.replaced) return linkReplaced();
  if (row?.cancelled) return linkEnded(said('refusals.seats.theWorkshopIsCancelled'));
  return row?.gone ? linkEnded(said('refusals.seats.thisSeatWasTakenAway')) : undefined;
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
    description: string;
    picture: KeptPicture | null;
    partner: string | null;
    partner_number: number | null;
    starts_at: Date;
    length_minutes: number;
    opened_at: Date | null;
    keeps_page: boolean | null;
    closed_at: Date | null;
    links_end: boolean;
    steps: unknown;
    soldering_order: unknown;
    board: unknown;
    iron: unknown;
  }>(
    `select seat.id as seat_id, workshop_id, learner_id, seat.number, seat.name, title, kit.name as kit_name, kit.description, starts_at, length_minutes,
            (select jsonb_build_object('hash', hash, 'alt', alt) from kit_picture
              where kit_picture.kit_id = kit.id and purpose = 'card') as picture,
            (select nullif(beside.name, '') from seat as beside where beside.workshop_id = seat.workshop_id
                and beside.number = seat.partner and beside.removed_at is null) as partner,
            seat.partner as partner_number,
            opened_at, keeps_page, closed_at, links_end, steps, soldering_order, board, iron
       from seat
       join workshop on workshop.id = seat.workshop_id
       join kit_revision on kit_revision.id = workshop.revision_id
       join kit on kit.id = kit_revision.kit_id
       left join learner on learner.id = learner_id
      where token = $1 and seat.removed_at is null and workshop.removed_at is null
        and set_aside is distinct from 'cancelled'`,
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
      kitDescription: row.description,
      kitPicture: row.picture,
      partner: row.partner,
      partnerNumber: row.partner === null ? null : row.partner_number,
      startsAt: row.starts_at.toISOString(),
      lengthMinutes: row.length_minutes,
      openedAt: row.opened_at?.toISOString() ?? null,
      keepsPage: row.keeps_page ?? false,
      closedAt: row.closed_at?.toISOString() ?? null,
      linksEnd: row.links_end,
      steps: readOnce(storedPlan, row.steps),
      styles: settingsOf(readOrNull(storedOrder, row.soldering_order)).styles,
      board: readOnceOrNull(storedBoard, row.board),
      iron: read(storedIron, row.iron),
    }
  );
}
