import type { OutdatedLabels, SeatWay } from '#contract/room';
import type { Queryable } from '../db/database.ts';

export interface StoredRoom {
  readonly address: string;
  readonly seatsBy: SeatWay;
  readonly openUntil: Date | null;
}

export async function selectRoom(db: Queryable): Promise<StoredRoom | undefined> {
  const [row] = await db.query<{ address: string; seats_by: SeatWay; open_until: Date | null }>(
    'select address, seats_by, open_until from room',
  );
  return row && { address: row.address, seatsBy: row.seats_by, openUntil: row.open_until };
}

export async function upsertRoom(db: Queryable, room: StoredRoom): Promise<void> {
  await db.query(
    `insert into room (address, seats_by, open_until) values ($1, $2, $3)
     on conflict (one) do update set address = $1, seats_by = $2, open_until = $3`,
    [room.address, room.seatsBy, room.openUntil?.toISOString() ?? null],
  );
}

/** When the last of the evenings ends that run at a time or begin within some hours of it. */
export async function selectEveningsEnd(
  db: Queryable,
  at: Date,
  hours: number,
): Promise<Date | null> {
  const [row] = await db.query<{ ends_at: Date | null }>(
    `select max(starts_at + length_minutes * interval '1 minute') as ends_at
       from workshop
      where removed_at is null and set_aside is null and starts_at < $1::timestamptz + $2 * interval '1 hour'
        and starts_at + length_minutes * interval '1 minute' > $1::timestamptz`,
    [at.toISOString(), hours],
  );
  return row?.ends_at ?? null;
}

export async function updateLabelsAddress(
  db: Queryable,
  workshopId: string,
  address: string,
): Promise<void> {
  await db.query('update workshop set labels_address = $2 where id = $1', [workshopId, address]);
}

/** Workshops that are not over and whose labels carry another address. */
export async function selectOutdatedLabels(
  db: Queryable,
  address: string,
  now: Date,
): Promise<OutdatedLabels[]> {
  const rows = await db.query<{ id: string; title: string; labels_address: string }>(
    `select id, title, labels_address from workshop
      where removed_at is null and set_aside is null and labels_address is not null and labels_address <> $1
        and starts_at + length_minutes * interval '1 minute' > $2::timestamptz
      order by starts_at`,
    [address, now.toISOString()],
  );
  return rows.map(({ id, title, labels_address }) => ({
    workshopId: id,
    title,
    printed: labels_address,
  }));
}
