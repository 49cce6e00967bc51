import type { RecordEntry } from '#contract/record';
import type { RecordedDeed } from '#contract/recordedDeeds';
import type { Queryable } from '../db/database.ts';

export async function insertEntry(
  db: Queryable,
  entry: {
    readonly what: RecordedDeed;
    readonly accountId: string | null;
    readonly about: string | null;
    readonly cameFrom: string;
  },
): Promise<void> {
  const { what, accountId, about, cameFrom } = entry;
  await db.query(
    `insert into record_entry (what, account_id, about, came_from)
     select $1::text, (select id from account where id = $2::uuid), $3::uuid, $4::text`,
    [what, accountId, about, cameFrom],
  );
}

/** Behind a number, the latest first. What was done to somebody who has been erased names nobody. */
export async function selectEntries(
  db: Queryable,
  before: number | null,
  most: number,
): Promise<RecordEntry[]> {
  const rows = await db.query<Omit<RecordEntry, 'at' | 'cameFrom'> & { at: Date; from: string }>(
    `select seq::double precision as seq, at, what, came_from as from, account.name as by,
            nullif(coalesce(
              (select title from workshop where workshop.id = about),
              (select name from kit where kit.id = about),
              (select name from learner where learner.id = about),
              (select name from account subject where subject.id = about)), '') as about
       from record_entry left join account on account.id = account_id
      where $1::bigint is null or seq < $1::bigint
      order by record_entry.seq desc limit $2`,
    [before, most],
  );
  return rows.map(({ at, from, ...row }) => ({ ...row, at: at.toISOString(), cameFrom: from }));
}
