import type { StreamedEvent } from '#contract/events';
import type { Author, BuildEvent, Deed, DeedKind } from '#core/build/event';
import type { Queryable } from '../db/database.ts';

interface EventRow {
  seq: number;
  id: string;
  seat_id: string;
  at: Date;
  author: Author;
  helper: string | null;
  deed: Deed;
}

/** Appends events in one statement and returns those that were not there yet, in the order of their seq. */
export async function insertEvents(
  db: Queryable,
  { workshopId, seatId }: { readonly workshopId: string; readonly seatId: string },
  events: readonly BuildEvent[],
): Promise<StreamedEvent[]> {
  const rows = await db.query<{ seq: number; id: string }>(
    `insert into build_event (id, workshop_id, seat_id, at, author, helper, deed)
     select id, $1::uuid, $2::uuid, at, author, helper, deed
       from json_to_recordset($3::json) as sent (id uuid, at timestamptz, author text, helper text, deed jsonb)
     on conflict (id) do nothing
     returning seq::double precision as seq, id`,
    [
      workshopId,
      seatId,
      JSON.stringify(
        events.map(({ id, at, by, helper, seatId: _, ...deed }) => ({
          id,
          at,
          author: by,
          helper,
          deed,
        })),
      ),
    ],
  );
  const seqOf = new Map(rows.map(({ seq, id }) => [id, seq]));
  return events
    .flatMap((event) => {
      const seq = seqOf.get(event.id);
      return seq === undefined ? [] : [{ seq, event }];
    })
    .sort((a, b) => a.seq - b.seq);
}

/** The workshop's log behind a place in it, in the order it was received. */
export const selectWorkshopEvents = (db: Queryable, workshopId: string, afterSeq = 0) =>
  selectEvents(db, 'workshop_id', workshopId, afterSeq);

/** One seat's part of the log, likewise. */
export const selectSeatEvents = (db: Queryable, seatId: string, afterSeq = 0) =>
  selectEvents(db, 'seat_id', seatId, afterSeq);

async function selectEvents(
  db: Queryable,
  owner: 'workshop_id' | 'seat_id',
  id: string,
  afterSeq: number,
): Promise<StreamedEvent[]> {
  const rows = await db.query<EventRow>(
    `select seq::double precision as seq, id, seat_id, at, author, helper, deed
       from build_event where ${owner} = $1 and build_event.seq > $2 order by build_event.seq`,
    [id, afterSeq],
  );
  return rows.map(streamed);
}

/** Of every workshop, the deeds of some kinds, in the order they were received; by workshop. */
export async function selectDeedsOfAll(
  db: Queryable,
  kinds: readonly DeedKind[],
): Promise<Map<string, BuildEvent[]>> {
  const rows = await db.query<EventRow & { workshop_id: string }>(
    `select workshop_id, seq::double precision as seq, id, seat_id, at, author, helper, deed from build_event
      where deed ->> 'kind' in (select value from json_array_elements_text($1::json))
      order by build_event.seq`,
    [JSON.stringify(kinds)],
  );
  const byWorkshop = new Map<string, BuildEvent[]>();
  for (const row of rows) {
    const events = byWorkshop.get(row.workshop_id) ?? [];
    events.push(streamed(row).event);
    byWorkshop.set(row.workshop_id, events);
  }
  return byWorkshop;
}

/** Some events of a seat by id: what they are, and whose. */
export async function selectDeeds(
  db: Queryable,
  seatId: string,
  ids: readonly string[],
): Promise<{ id: string; deed: Deed; by: Author }[]> {
  return db.query(
    `select id, deed, author as by from build_event
      where seat_id = $1 and id in (select value::uuid from json_array_elements_text($2::json))`,
    [seatId, JSON.stringify(ids)],
  );
}

function streamed(row: EventRow): StreamedEvent {
  const event = {
    ...row.deed,
    id: row.id,
    seatId: row.seat_id,
    at: row.at.toISOString(),
    by: row.author,
    ...(row.helper === null ? {} : { helper: row.helper }),
  };
  return { seq: row.seq, event };
}
