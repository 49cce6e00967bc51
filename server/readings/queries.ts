import type { IncomingReading } from '#contract/kits';
import { storedPart } from '#contract/storedKinds';
import type { Queryable } from '../db/database.ts';
import { json, read } from '../db/stored.ts';

interface ReadingRow {
  id: string;
  at: Date;
  part: unknown;
  meter: string;
  reading: number;
}

const asReading = ({ at, part, ...row }: ReadingRow): IncomingReading => ({
  ...row,
  part: read(storedPart, part),
  at: at.toISOString(),
});

/** Newest first. */
export async function selectReadings(db: Queryable, kitId: string): Promise<IncomingReading[]> {
  const rows = await db.query<ReadingRow>(
    'select id, at, part, meter, reading from incoming_reading where kit_id = $1 order by at desc, id',
    [kitId],
  );
  return rows.map(asReading);
}

export async function insertReading(
  db: Queryable,
  kitId: string,
  { id, part, meter, reading }: Omit<IncomingReading, 'at'>,
): Promise<IncomingReading> {
  const [row] = await db.query<ReadingRow>(
    `insert into incoming_reading (id, kit_id, part, meter, reading) values ($1, $2, $3::jsonb, $4, $5)
     returning id, at, part, meter, reading`,
    [id, kitId, json(storedPart, part), meter, reading],
  );
  if (!row) throw new Error('the reading was not stored');
  return asReading(row);
}

export async function deleteReading(db: Queryable, kitId: string, id: string): Promise<void> {
  await db.query('delete from incoming_reading where kit_id = $1 and id = $2', [kitId, id]);
}
