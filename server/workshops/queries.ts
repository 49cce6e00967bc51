import { storedIron, storedOrder, storedPlan } from '#contract/storedKinds';
import type { ChecklistSign, Seat, SetAside, WorkshopSummary } from '#contract/workshops';
import type { Iron } from '#core/joint/heat/iron';
import { settingsOf } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';
import { json, read, readOnce, readOrNull } from '../db/stored.ts';

export interface StoredWorkshop {
  readonly id: string;
  readonly title: string;
  readonly kitId: string;
  readonly kitName: string;
  readonly revision: number;
  readonly supplyVolt: number | null;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly setAside: SetAside | null;
  readonly iron: Iron;
  readonly steps: readonly PlannedStep[];
  readonly styles: readonly StyleId[];
  readonly openedAt: string | null;
  readonly place: string;
  readonly notes: string;
  readonly aboutVersion: number;
  /** Of who sits where. */
  readonly version: number;
}

/** A seat with its link, which not everybody is shown. */
export type StoredSeatOfWorkshop = Seat & { readonly token: string };

export async function insertWorkshop(
  db: Queryable,
  workshop: {
    readonly id: string;
    readonly title: string;
    readonly revisionId: string;
    readonly startsAt: string;
    readonly lengthMinutes: number;
    readonly steps: readonly PlannedStep[];
    readonly seats: readonly Seat[];
  },
): Promise<void> {
  const { id, title, revisionId, startsAt, lengthMinutes, steps, seats } = workshop;
  await db.query(
    `insert into workshop (id, title, revision_id, starts_at, length_minutes, steps) values ($1, $2, $3, $4, $5, $6::jsonb)`,
    [id, title, revisionId, startsAt, lengthMinutes, json(storedPlan, steps)],
  );
  await insertSeats(db, id, seats);
}

export async function insertSeats(
  db: Queryable,
  workshopId: string,
  seats: readonly Seat[],
): Promise<void> {
  await db.query(
    `insert into seat (id, workshop_id, number, name, token, learner_id, experience, partner)
     select id, $1::uuid, number, name, token, "learnerId", experience, partner
       from jsonb_to_recordset($2::jsonb)
            as seat (id uuid, number integer, name text, token text, "learnerId" uuid, experience text, partner integer)`,
    [workshopId, JSON.stringify(seats)],
  );
}

/** @returns the version from now on; undefined where somebody else was faster */
export async function updateAbout(
  db: Queryable,
  workshopId: string,
  about: {
    readonly title: string;
    readonly startsAt: string;
    readonly lengthMinutes: number;
    readonly place: string;
    readonly notes: string;
    readonly version: number;
  },
): Promise<number | undefined> {
  const { title, startsAt, lengthMinutes, place, notes, version } = about;
  const [row] = await db.query<{ version: number }>(
    `update workshop
        set title = $3, starts_at = $4, length_minutes = $5, place = $6, notes = $7, about_version = about_version + 1
      where id = $1 and about_version = $2 returning about_version as version`,
    [workshopId, version, title, startsAt, lengthMinutes, place, notes],
  );
  return row?.version;
}

export async function updateIron(db: Queryable, workshopId: string, iron: Iron): Promise<void> {
  await db.query('update workshop set iron = $2::jsonb where id = $1', [
    workshopId,
    json(storedIron, iron),
  ]);
}

interface SummaryRow {
  id: string;
  title: string;
  kit_name: string;
  revision: number;
  starts_at: Date;
  length_minutes: number;
  set_aside: SetAside | null;
  seats: number;
}

interface WorkshopRow {
  id: string;
  title: string;
  kit_id: string;
  kit_name: string;
  revision: number;
  supply_volt: number | null;
  starts_at: Date;
  length_minutes: number;
  set_aside: SetAside | null;
  steps: unknown;
  soldering_order: unknown;
  iron: unknown;
  opened_at: Date | null;
  place: string;
  notes: string;
  about_version: number;
  seating_version: number;
}

const withKit = `
  from workshop
  join kit_revision on kit_revision.id = workshop.revision_id
  join kit on kit.id = kit_revision.kit_id`;

export async function selectWorkshops(
  db: Queryable,
): Promise<Omit<WorkshopSummary, 'thingsOpen'>[]> {
  const rows = await db.query<SummaryRow>(
    `select workshop.id, title, kit.name as kit_name, kit_revision.number as revision, starts_at, length_minutes,
            set_aside,
            (select count(*)::integer from seat where workshop_id = workshop.id and seat.removed_at is null) as seats
       ${withKit} where workshop.removed_at is null order by starts_at desc`,
  );
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    kitName: row.kit_name,
    revision: row.revision,
    startsAt: row.starts_at.toISOString(),
    lengthMinutes: row.length_minutes,
    setAside: row.set_aside,
    seats: row.seats,
  }));
}

export async function selectWorkshop(
  db: Queryable,
  id: string,
): Promise<StoredWorkshop | undefined> {
  const [row] = await db.query<WorkshopRow>(
    `select workshop.id, title, kit.id as kit_id, kit.name as kit_name, kit_revision.number as revision, supply_volt,
            starts_at, length_minutes, set_aside, steps, soldering_order, iron, opened_at, place, notes, workshop.about_version,
            seating_version
       ${withKit} where workshop.id = $1 and workshop.removed_at is null`,
    [id],
  );
  return (
    row && {
      id: row.id,
      title: row.title,
      kitId: row.kit_id,
      kitName: row.kit_name,
      revision: row.revision,
      supplyVolt: row.supply_volt,
      startsAt: row.starts_at.toISOString(),
      lengthMinutes: row.length_minutes,
      setAside: row.set_aside,
      steps: readOnce(storedPlan, row.steps),
      styles: settingsOf(readOrNull(storedOrder, row.soldering_order)).styles,
      iron: read(storedIron, row.iron),
      openedAt: row.opened_at?.toISOString() ?? null,
      place: row.place,
      notes: row.notes,
      aboutVersion: row.about_version,
      version: row.seating_version,
    }
  );
}

/** When an evening is, for whoever may look at some evenings only. */
export async function selectTimes(
  db: Queryable,
  workshopId: string,
): Promise<{ readonly startsAt: string; readonly lengthMinutes: number } | undefined> {
  const [row] = await db.query<{ starts_at: Date; length_minutes: number }>(
    'select starts_at, length_minutes from workshop where id = $1',
    [workshopId],
  );
  return row && { startsAt: row.starts_at.toISOString(), lengthMinutes: row.length_minutes };
}

/** The first who lets the learners begin early says when. */
export async function updateOpened(db: Queryable, workshopId: string, at: Date): Promise<string> {
  const [row] = await db.query<{ opened_at: Date }>(
    `update workshop set opened_at = coalesce(opened_at, $2::timestamptz) where id = $1 returning opened_at`,
    [workshopId, at.toISOString()],
  );
  return (row?.opened_at ?? at).toISOString();
}

/** Those that count: a signature that was withdrawn stays in the table, and counts no more. */
export async function selectSigns(db: Queryable, workshopId: string): Promise<ChecklistSign[]> {
  const rows = await db.query<{
    item: string;
    signed_by: string;
    signed_at: Date;
    account: string | null;
  }>(
    `select item, signed_by, signed_at, account.name as account
       from checklist_sign left join account on account.id = account_id
      where workshop_id = $1 and withdrawn_at is null order by signed_at`,
    [workshopId],
  );
  return rows.map(({ item, signed_by, signed_at, account }) => ({
    item,
    by: signed_by,
    account,
    at: signed_at.toISOString(),
  }));
}

/** The first who signs a line stays the one who signed it. */
export async function insertSign(
  db: Queryable,
  sign: {
    readonly workshopId: string;
    readonly item: string;
    readonly by: string;
    readonly accountId: string;
  },
): Promise<void> {
  const { workshopId, item, by, accountId } = sign;
  await db.query(
    `insert into checklist_sign (workshop_id, item, signed_by, account_id) values ($1, $2, $3, $4)
     on conflict do nothing`,
    [workshopId, item, by, accountId],
  );
}

export async function withdrawSign(
  db: Queryable,
  workshopId: string,
  item: string,
  accountId: string,
): Promise<void> {
  await db.query(
    `update checklist_sign set withdrawn_at = now(), withdrawn_by = $3
      where workshop_id = $1 and item = $2 and withdrawn_at is null`,
    [workshopId, item, accountId],
  );
}

/** The plan of every workshop, by its id. */
export async function selectPlans(db: Queryable): Promise<Map<string, readonly PlannedStep[]>> {
  const rows = await db.query<{ id: string; steps: unknown }>('select id, steps from workshop');
  return new Map(rows.map(({ id, steps }) => [id, readOnce(storedPlan, steps)]));
}

/** The seats of a workshop, in the order of their numbers. */
export async function selectSeats(
  db: Queryable,
  workshopId: string,
): Promise<StoredSeatOfWorkshop[]> {
  return db.query<StoredSeatOfWorkshop>(
    `select id, number, name, token, learner_id as "learnerId", experience, partner
       from seat where workshop_id = $1 and removed_at is null order by number`,
    [workshopId],
  );
}

/**
 * Raises the version of who sits where, if it is still the one that was read.
 *
 * @returns the version from now on; undefined where somebody else was first
 */
export async function raiseSeating(
  tx: Queryable,
  workshopId: string,
  basedOn: number,
): Promise<number | undefined> {
  const [row] = await tx.query<{ version: number }>(
    `update workshop set seating_version = seating_version + 1
      where id = $1 and seating_version = $2 returning seating_version as version`,
    [workshopId, basedOn],
  );
  return row?.version;
}

/** There is a seat more: whoever changes who sits where from an older reading has to look again. */
export async function seatingHasGrown(tx: Queryable, workshopId: string): Promise<void> {
  await tx.query('update workshop set seating_version = seating_version + 1 where id = $1', [
    workshopId,
  ]);
}

/** Who sits where, for all seats in one statement. */
export async function updateSeats(
  tx: Queryable,
  seats: readonly Omit<Seat, 'number' | 'token'>[],
): Promise<void> {
  await tx.query(
    `update seat set name = asked.name, learner_id = asked."learnerId", experience = asked.experience,
            partner = asked.partner
       from jsonb_to_recordset($1::jsonb)
            as asked (id uuid, name text, "learnerId" uuid, experience text, partner integer)
      where seat.id = asked.id`,
    [JSON.stringify(seats)],
  );
}
