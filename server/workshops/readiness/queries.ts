import type { ReadyItem, ReadyMark } from '#core/readiness/readiness';
import type { Queryable } from '../../db/database.ts';

/** Whoever's account is gone is an empty name. */
export async function selectMarks(db: Queryable, workshopId: string): Promise<ReadyMark[]> {
  const rows = await db.query<{ item: ReadyItem; by: string; marked_at: Date }>(
    `select item, coalesce(name, '') as by, marked_at
       from ready_mark left join account on account.id = account_id where workshop_id = $1`,
    [workshopId],
  );
  return rows.map(({ item, by, marked_at }) => ({ item, by, at: marked_at.toISOString() }));
}

export async function insertMark(
  db: Queryable,
  workshopId: string,
  item: ReadyItem,
  accountId: string,
): Promise<void> {
  await db.query(
    `insert into ready_mark (workshop_id, item, account_id) values ($1, $2, $3) on conflict do nothing`,
    [workshopId, item, accountId],
  );
}

export async function deleteMark(
  db: Queryable,
  workshopId: string,
  item: ReadyItem,
): Promise<void> {
  await db.query('delete from ready_mark where workshop_id = $1 and item = $2', [workshopId, item]);
}

/** When papers of a workshop were printed last, and who did it. */
export async function selectPrinted(
  db: Queryable,
  workshopId: string,
): Promise<{ readonly by: string | null; readonly at: string } | null> {
  const [row] = await db.query<{ at: Date; by: string | null }>(
    `select at, account.name as by from record_entry left join account on account.id = account_id
      where what = 'papers-printed' and about = $1 order by record_entry.seq desc limit 1`,
    [workshopId],
  );
  return row ? { at: row.at.toISOString(), by: row.by } : null;
}
