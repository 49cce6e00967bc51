import type { ChecklistSign, Seat, WorkshopSummary } from '#contract/workshops';
import type { Iron } from '#core/joint/heat/iron';
import { type OrderSettings, settingsOf } from '#core/order/settings';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Queryable } from '../db/database.ts';

export interface StoredWorkshop {
  readonly id: string;
  readonly title: string;
  readonly kitId: string;
  readonly kitName: string;
  readonly revision: number;
  readonly supplyVolt: number | null;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly iron: Iron;
  readonly steps: readonly PlannedStep[];
  readonly styles: readonly StyleId[];
}

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
    [id, title, revisionId, startsAt, lengthMinutes, JSON.stringify(steps)],
  );
  for (const { id: seatId, number, name, token, learnerId, experience, partner } of seats) {
    await db.query(
      `insert into seat (id, workshop_id, number, name, token, learner_id, experience, partner)
       values ($1, $2, $3, $4, $5, $6, $7, $8)`,
      [seatId, id, number, name, token, learnerId, experience, partner],
    );
  }
}

export async function updateIron(db: Queryable, workshopId: string, iron: Iron): Promise<void> {
  await db.query('update workshop set iron = $2::jsonb where id = $1', [
    workshopId,
    JSON.stringify(iron),
  ]);
}

export async function updateSeat(
  tx: Queryable,
  { id, name, learnerId, experience, partner }: Omit<Seat, 'number' | 'token'>,
): Promise<void> {
  await tx.query(
    'update seat set name = $2, learner_id = $3, experience = $4, partner = $5 where id = $1',
    [id, name, learnerId, experience, partner],
  );
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
  steps: PlannedStep[];
  soldering_order: OrderSettings | null;
  iron: Iron;
}

const withKit = `
  from workshop
  join kit_revision on kit_revision.id = workshop.revision_id
  join kit on kit.id = kit_revision.kit_id`;

export async function selectWorkshops(db: Queryable): Promise<WorkshopSummary[]> {
  const rows = await db.query<Omit<WorkshopRow, 'steps' | 'soldering_order'> & { seats: number }>(
    `select workshop.id, title, kit.name as kit_name, kit_revision.number as revision, starts_at, length_minutes,
            (select count(*)::integer from seat where workshop_id = workshop.id) as seats
       ${withKit} order by starts_at desc`,
  );
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    kitName: row.kit_name,
    revision: row.revision,
    startsAt: row.starts_at.toISOString(),
    lengthMinutes: row.length_minutes,
    seats: row.seats,
  }));
}

export async function selectWorkshop(
  db: Queryable,
  id: string,
): Promise<StoredWorkshop | undefined> {
  const [row] = await db.query<WorkshopRow>(
    `select workshop.id, title, kit.id as kit_id, kit.name as kit_name, kit_revision.number as revision, supply_volt,
            starts_at, length_minutes, steps, soldering_order, iron
       ${withKit} where workshop.id = $1`,
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
      steps: row.steps,
      styles: settingsOf(row.soldering_order).styles,
      iron: row.iron,
    }
  );
}

export async function selectSigns(db: Queryable, workshopId: string): Promise<ChecklistSign[]> {
  const rows = await db.query<{ item: string; signed_by: string; signed_at: Date }>(
    'select item, signed_by, signed_at from checklist_sign where workshop_id = $1 order by signed_at',
    [workshopId],
  );
  return rows.map(({ item, signed_by, signed_at }) => ({
    item,
    by: signed_by,
    at: signed_at.toISOString(),
  }));
}

/** The first who signs a line stays the one who signed it. */
export async function insertSign(
  db: Queryable,
  workshopId: string,
  item: string,
  by: string,
): Promise<void> {
  await db.query(
    `insert into checklist_sign (workshop_id, item, signed_by) values ($1, $2, $3)
     on conflict do nothing`,
    [workshopId, item, by],
  );
}

export async function deleteSign(db: Queryable, workshopId: string, item: string): Promise<void> {
  await db.query('delete from checklist_sign where workshop_id = $1 and item = $2', [
    workshopId,
    item,
  ]);
}

/** The plan of every workshop, by its id. */
export async function selectPlans(db: Queryable): Promise<Map<string, readonly PlannedStep[]>> {
  const rows = await db.query<{ id: string; steps: PlannedStep[] }>(
    'select id, steps from workshop',
  );
  return new Map(rows.map(({ id, steps }) => [id, steps]));
}

/** The seats of a workshop, in the order of their numbers. */
export async function selectSeats(db: Queryable, workshopId: string): Promise<Seat[]> {
  return db.query<Seat>(
    `select id, number, name, token, learner_id as "learnerId", experience, partner
       from seat where workshop_id = $1 order by number`,
    [workshopId],
  );
}
