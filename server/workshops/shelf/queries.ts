import { removedKeptDays } from '#contract/kitShelf';
import { storedPlan } from '#contract/storedKinds';
import type { SetAside } from '#contract/workshops';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../../db/database.ts';
import { json } from '../../db/stored.ts';

export async function updateSetAside(
  db: Queryable,
  workshopId: string,
  setAside: SetAside | null,
): Promise<void> {
  await db.query('update workshop set set_aside = $2 where id = $1', [workshopId, setAside]);
}

/** What would be lost with a workshop: records of the bench, and bags that were booked. */
export async function hasHistory(tx: Queryable, workshopId: string): Promise<boolean> {
  const rows = await tx.query(
    `select 1 where exists (select 1 from build_event where workshop_id = $1)
                 or exists (select 1 from packing_booking where workshop_id = $1)`,
    [workshopId],
  );
  return rows.length > 0;
}

export async function markRemoved(tx: Queryable, workshopId: string): Promise<void> {
  await tx.query('update workshop set removed_at = now() where id = $1', [workshopId]);
}

/** @returns false where there is none to bring back */
export async function unmarkRemoved(tx: Queryable, workshopId: string): Promise<boolean> {
  const rows = await tx.query(
    'update workshop set removed_at = null where id = $1 and removed_at is not null returning id',
    [workshopId],
  );
  return rows.length === 1;
}

/** Deletes for good what was removed long enough ago. */
export async function deleteRemovedWorkshops(tx: Queryable): Promise<void> {
  const due = `select id from workshop where removed_at < now() - make_interval(days => ${removedKeptDays})`;
  const seats = `select id from seat where workshop_id in (${due})`;
  await tx.query(`delete from ended_link where seat_id in (${seats})`);
  await tx.query(`delete from seat_photo where seat_id in (${seats})`);
  await tx.query(`delete from seat where workshop_id in (${due})`);
  await tx.query(`delete from checklist_sign where workshop_id in (${due})`);
  await tx.query(`delete from packing_tick where workshop_id in (${due})`);
  await tx.query(`delete from workshop where id in (${due})`);
}

/** The steps that are done at each seat at which one is, with those that were opened again since. */
export async function selectDone(
  db: Queryable,
  workshopId: string,
): Promise<ReadonlyMap<string, ReadonlySet<string>>> {
  const rows = await db.query<{ seat_id: string; step: string }>(
    `select distinct seat_id, deed ->> 'stepId' as step from build_event
      where workshop_id = $1 and kind = 'step-done'`,
    [workshopId],
  );
  const done = new Map<string, Set<string>>();
  for (const { seat_id, step } of rows) {
    done.set(seat_id, (done.get(seat_id) ?? new Set()).add(step));
  }
  return done;
}

export async function updateKit(
  tx: Queryable,
  workshopId: string,
  revisionId: string,
  steps: readonly PlannedStep[],
): Promise<void> {
  await tx.query('update workshop set revision_id = $2, steps = $3::jsonb where id = $1', [
    workshopId,
    revisionId,
    json(storedPlan, steps),
  ]);
}

/** Whoever sat beside it sits alone from now on. */
export async function markSeatRemoved(tx: Queryable, seatId: string): Promise<void> {
  await tx.query(
    `update seat set partner = null from seat as gone
      where gone.id = $1 and seat.workshop_id = gone.workshop_id and seat.partner = gone.number`,
    [seatId],
  );
  await tx.query('update seat set removed_at = now(), partner = null where id = $1', [seatId]);
}

/** @returns its number, another one where its own is taken meanwhile; undefined where there is none to bring back */
export async function unmarkSeatRemoved(
  tx: Queryable,
  workshopId: string,
  seatId: string,
): Promise<number | undefined> {
  const [row] = await tx.query<{ number: number }>(
    `update seat set removed_at = null, number =
        case when exists (select 1 from seat as other where other.workshop_id = $1 and other.number = seat.number
                            and other.removed_at is null)
             then (select max(other.number) + 1 from seat as other where other.workshop_id = $1 and other.removed_at is null)
             else number end
      where id = $2 and workshop_id = $1 and removed_at is not null returning number`,
    [workshopId, seatId],
  );
  return row?.number;
}

/** Two seats have one another's number; who sat beside a number sits beside it still. */
export async function swapNumbers(
  tx: Queryable,
  one: { readonly id: string; readonly number: number },
  other: { readonly id: string; readonly number: number },
): Promise<void> {
  // A number belongs to one seat at a time, so the first steps aside.
  const give = 'update seat set number = $2 where id = $1';
  await tx.query(give, [one.id, -one.number]);
  await tx.query(give, [other.id, one.number]);
  await tx.query(give, [one.id, other.number]);
  // A pair is two places of the table.
  await tx.query(
    `update seat set partner = (select old.partner from seat as old where old.id = case when seat.id = $1 then $2 else $1 end::uuid)
      where id in ($1::uuid, $2::uuid)`,
    [one.id, other.id],
  );
}

/**
 * Every seat gets the number that is asked for it, and keeps its partner.
 *
 * @param numbers the new number of each seat; each number once
 */
export async function renumber(
  tx: Queryable,
  numbers: readonly {
    readonly id: string;
    readonly number: number;
    readonly partner: number | null;
  }[],
): Promise<void> {
  const asked = JSON.stringify(numbers);
  const from = `from jsonb_to_recordset($1::jsonb) as asked (id uuid, number integer, partner integer) where seat.id = asked.id`;
  // A number belongs to one seat at a time, so all step aside first.
  await tx.query(`update seat set number = -seat.number ${from}`, [asked]);
  await tx.query(`update seat set number = asked.number, partner = asked.partner ${from}`, [asked]);
}
