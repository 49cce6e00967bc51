import type { Packing, Taken } from '#contract/packing';
import type { Queryable } from '../../db/database.ts';

export async function selectTicks(db: Queryable, workshopId: string): Promise<string[]> {
  const rows = await db.query<{ key: string }>(
    'select key from packing_tick where workshop_id = $1 order by ticked_at, key',
    [workshopId],
  );
  return rows.map(({ key }) => key);
}

export async function setTick(
  db: Queryable,
  workshopId: string,
  key: string,
  ticked: boolean,
): Promise<void> {
  await db.query(
    ticked
      ? 'insert into packing_tick (workshop_id, key) values ($1, $2) on conflict do nothing'
      : 'delete from packing_tick where workshop_id = $1 and key = $2',
    [workshopId, key],
  );
}

export interface Booking extends Pick<Packing, 'missing'> {
  readonly bookedAt: string;
  readonly taken: readonly Taken[];
  /** Bags that it was taken for. */
  readonly bags: number;
}

export async function selectBooking(
  db: Queryable,
  workshopId: string,
): Promise<Booking | undefined> {
  // Bookings of before bags went back one by one were for every seat.
  const [row] = await db.query<{
    booked_at: Date;
    taken: Omit<Booking, 'bookedAt' | 'bags'> & { readonly bags?: number };
    seats: number;
  }>(
    `select booked_at, taken,
            (select count(*)::int from seat where workshop_id = $1 and removed_at is null) as seats
       from packing_booking where workshop_id = $1`,
    [workshopId],
  );
  return (
    row && {
      ...row.taken,
      bags: row.taken.bags ?? row.seats,
      bookedAt: row.booked_at.toISOString(),
    }
  );
}

/** @returns false where the bags are booked already */
export async function insertBooking(
  tx: Queryable,
  workshopId: string,
  booking: Omit<Booking, 'bookedAt'>,
): Promise<boolean> {
  const rows = await tx.query(
    `insert into packing_booking (workshop_id, taken) values ($1, $2::jsonb)
     on conflict do nothing returning workshop_id`,
    [workshopId, JSON.stringify(booking)],
  );
  return rows.length === 1;
}

export async function updateBooking(
  tx: Queryable,
  workshopId: string,
  { missing, taken, bags }: Booking,
): Promise<void> {
  await tx.query('update packing_booking set taken = $2::jsonb where workshop_id = $1', [
    workshopId,
    JSON.stringify({ missing, taken, bags }),
  ]);
}

export async function deleteBooking(tx: Queryable, workshopId: string): Promise<void> {
  await tx.query('delete from packing_booking where workshop_id = $1', [workshopId]);
}
