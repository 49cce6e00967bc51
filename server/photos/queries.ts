import type { Queryable } from '../db/database.ts';

export interface SeatPhoto {
  readonly id: string;
  readonly mediaType: string;
  readonly bytes: Uint8Array;
}

/** One that is there already stays as it is. */
export async function insertPhoto(
  tx: Queryable,
  seatId: string,
  { id, mediaType, bytes }: SeatPhoto,
): Promise<void> {
  await tx.query(
    `insert into seat_photo (id, seat_id, media_type, bytes) values ($1, $2, $3, $4) on conflict (id) do nothing`,
    [id, seatId, mediaType, bytes],
  );
}

export async function countPhotos(tx: Queryable, seatId: string, besides: string): Promise<number> {
  const [row] = await tx.query<{ count: number }>(
    'select count(*)::int as count from seat_photo where seat_id = $1 and id <> $2',
    [seatId, besides],
  );
  return row?.count ?? 0;
}

export async function selectPhoto(
  db: Queryable,
  seatId: string,
  id: string,
): Promise<SeatPhoto | undefined> {
  const [row] = await db.query<{ media_type: string; bytes: Uint8Array }>(
    'select media_type, bytes from seat_photo where id = $2 and seat_id = $1',
    [seatId, id],
  );
  return row && { id, mediaType: row.media_type, bytes: row.bytes };
}

/** All of a person's seats, the oldest first. */
export async function selectPhotosOfLearner(
  db: Queryable,
  learnerId: string,
): Promise<readonly (SeatPhoto & { readonly keptAt: string; readonly workshop: string })[]> {
  const rows = await db.query<{
    id: string;
    media_type: string;
    bytes: Uint8Array;
    kept_at: Date;
    title: string;
  }>(
    `select seat_photo.id, media_type, bytes, kept_at, title
       from seat_photo join seat on seat.id = seat_id join workshop on workshop.id = workshop_id
      where learner_id = $1 order by kept_at`,
    [learnerId],
  );
  return rows.map(({ id, media_type, bytes, kept_at, title }) => ({
    id,
    mediaType: media_type,
    bytes,
    keptAt: kept_at.toISOString(),
    workshop: title,
  }));
}

/** Deletes photos whose entry in the log was taken back, and those that never got one within a day. */
export async function deleteTakenBack(tx: Queryable): Promise<void> {
  await tx.query(
    `delete from seat_photo
      where kept_at < now() - interval '1 day'
        and not exists (
          select from build_event as shown
           where shown.kind = 'photo' and shown.seat_id = seat_photo.seat_id
             and shown.deed ->> 'photo' = seat_photo.id::text
             and not exists (select from build_event as undo
                              where undo.kind = 'undo' and undo.seat_id = shown.seat_id
                                and undo.deed ->> 'undoes' = shown.id::text))`,
  );
}
