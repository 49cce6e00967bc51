import type { Queryable } from '../../db/database.ts';

export interface StoredClosing {
  readonly closedAt: string | null;
  readonly linksEnd: boolean;
  readonly nextTime: string;
}

export async function selectClosing(
  db: Queryable,
  workshopId: string,
): Promise<StoredClosing | undefined> {
  const [row] = await db.query<{ closed_at: Date | null; links_end: boolean; next_time: string }>(
    'select closed_at, links_end, next_time from workshop where id = $1 and removed_at is null',
    [workshopId],
  );
  return (
    row && {
      closedAt: row.closed_at?.toISOString() ?? null,
      linksEnd: row.links_end,
      nextTime: row.next_time,
    }
  );
}

/** One that is closed already stays closed since then. */
export async function updateClosed(
  db: Queryable,
  workshopId: string,
  closedAt: Date | null,
  linksEnd: boolean,
): Promise<void> {
  await db.query(
    `update workshop set closed_at = case when $2::timestamptz is null then null else coalesce(closed_at, $2) end,
            links_end = $3
      where id = $1`,
    [workshopId, closedAt?.toISOString() ?? null, linksEnd],
  );
}

/** @returns false where the text is not the one that was read */
export async function updateNextTime(
  db: Queryable,
  workshopId: string,
  { text, basedOn }: { readonly text: string; readonly basedOn: string },
): Promise<boolean> {
  const rows = await db.query(
    'update workshop set next_time = $3 where id = $1 and next_time = $2 returning id',
    [workshopId, basedOn, text],
  );
  return rows.length === 1;
}
