import type { StreamedEvent } from '#contract/events';
import {
  type Author,
  type BuildEvent,
  type Deed,
  type DeedKind,
  isForStaff,
} from '#core/build/event';
import type { LoggedEvent } from '#core/build/together';
import type { Queryable } from '../db/database.ts';

interface EventRow {
  seq: number;
  id: string;
  seat_id: string;
  /** Where it is asked for. */
  also_at?: string[] | null;
  at: Date;
  author: Author;
  helper: string | null;
  deed: Deed;
}

/** A seat, and the workshop whose log has its events. */
export interface PlaceOfSeat {
  readonly seatId: string;
  readonly workshopId: string;
}

/**
 * Appends events of a workshop's seats in one statement and returns those that were not there yet, in the order of
 * their seq; none at all where one has an id that is in the log for another seat or kind.
 *
 * @param events no two of one id
 */
export async function insertEvents(
  db: Queryable,
  workshopId: string,
  events: readonly LoggedEvent[],
): Promise<StreamedEvent[]> {
  const [only, ...others] = events.map(rowOf);
  if (!only) return [];
  const rows = await (others.length === 0
    ? insertOne(db, workshopId, only)
    : insertTogether(db, workshopId, [only, ...others]));
  const seqOf = new Map(rows.map(({ seq, id }) => [id, seq]));
  return events
    .flatMap((event) => {
      const seq = seqOf.get(event.id);
      return seq === undefined ? [] : [{ seq, event }];
    })
    .sort((a, b) => a.seq - b.seq);
}

interface Inserted {
  readonly seq: number;
  readonly id: string;
}
type Row = ReturnType<typeof rowOf>;

const rowOf = ({ id, at, by, helper, seatId, alsoAt, ...deed }: LoggedEvent) => ({
  id,
  seat_id: seatId,
  also_at: alsoAt,
  at,
  author: by,
  helper,
  deed,
});

/** A tap at a seat is one event: planned in half the time of the statement for several. */
const insertOne = (
  db: Queryable,
  workshopId: string,
  { id, seat_id, also_at, at, author, helper, deed }: Row,
): Promise<Inserted[]> =>
  db.queryOften(
    `insert into build_event (id, workshop_id, seat_id, also_at, at, author, helper, deed)
     values ($1, $2, $3, $4, $5, $6, $7, $8)
     on conflict (id) do nothing
     returning seq::double precision as seq, id`,
    [id, workshopId, seat_id, also_at ?? null, at, author, helper ?? null, JSON.stringify(deed)],
  );

const insertTogether = (
  db: Queryable,
  workshopId: string,
  rows: readonly Row[],
): Promise<Inserted[]> =>
  db.queryOften(
    `with sent as (
       select * from json_to_recordset($2::json) as sent (id uuid, seat_id uuid, also_at uuid[], at timestamptz, author text, helper text, deed jsonb)
     )
     insert into build_event (id, workshop_id, seat_id, also_at, at, author, helper, deed)
     select id, $1::uuid, seat_id, also_at, at, author, helper, deed from sent
      where not exists (
        select 1 from build_event taken join sent same on same.id = taken.id
         where taken.seat_id <> same.seat_id or taken.kind <> same.deed ->> 'kind')
     on conflict (id) do nothing
     returning seq::double precision as seq, id`,
    [workshopId, JSON.stringify(rows)],
  );

/** The workshop's log behind a place in it, in the order it was received. */
export async function selectWorkshopEvents(
  db: Queryable,
  workshopId: string,
  afterSeq = 0,
): Promise<StreamedEvent[]> {
  const rows = await db.query<EventRow>(
    `select seq::double precision as seq, id, seat_id, also_at, at, author, helper, deed
       from build_event where workshop_id = $1 and build_event.seq > $2 order by build_event.seq`,
    [workshopId, afterSeq],
  );
  return rows.map(streamed);
}

/** One seat's part of the log, likewise, as its own page sees it: without what staff write for themselves. */
export async function selectSeatEvents(
  db: Queryable,
  seatId: string,
  afterSeq = 0,
): Promise<StreamedEvent[]> {
  const rows = await db.query<EventRow>(
    `select seq::double precision as seq, id, seat_id, at, author, helper, deed
       from seat_event where seat_id = $1 and seat_event.seq > $2 order by seat_event.seq`,
    [seatId, afterSeq],
  );
  return rows.map(streamed).filter(({ event }) => !isForStaff(event));
}

/** Of every workshop, the deeds of some kinds, in the order they were received; by workshop. */
export async function selectDeedsOfAll(
  db: Queryable,
  kinds: readonly DeedKind[],
): Promise<Map<string, BuildEvent[]>> {
  const rows = await db.query<EventRow & { workshop_id: string }>(
    `select workshop_id, seq::double precision as seq, id, seat_id, at, author, helper, deed from build_event
      where kind in (select value from json_array_elements_text($1::json))
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

/** Everything of a workshop’s log that tells who waits for help. */
export async function selectCallsForHelp(
  db: Queryable,
  workshopId: string,
): Promise<readonly BuildEvent[]> {
  const rows = await db.query<EventRow>(
    `select seq::double precision as seq, id, seat_id, at, author, helper, deed from build_event
      where workshop_id = $1 and kind in ('help-asked', 'help-withdrawn', 'visit', 'undo')
      order by build_event.seq`,
    [workshopId],
  );
  return rows.map((row) => streamed(row).event);
}

/** The place in the log of the last entry of each of some seats; seats without one are left out. */
export async function selectLastSeqs(
  db: Queryable,
  seatIds: readonly string[],
): Promise<Map<string, number>> {
  const rows = await db.query<{ seat_id: string; seq: number }>(
    `select seat_id, max(seq)::double precision as seq from seat_event
      where seat_id in (select value::uuid from json_array_elements_text($1::json))
      group by seat_id`,
    [JSON.stringify(seatIds)],
  );
  return new Map(rows.map(({ seat_id, seq }) => [seat_id, seq]));
}

/** The seats of each workshop that anything was logged at, the latest workshop first. */
export async function selectSeatsByWorkshop(db: Queryable): Promise<string[][]> {
  const rows = await db.query<{ seats: string[] }>(
    `select json_agg(distinct seat_id) as seats from seat_event group by workshop_id order by max(seq) desc`,
  );
  return rows.map(({ seats }) => seats);
}

type EventCells = [id: string, atMs: number, by: Author, helper: string | null, deed: Deed];

/**
 * The logs of some seats, each in the order it was received. A log comes as one row: thousands of rows of their own
 * take the embedded database several times longer.
 */
export async function selectLogsOfSeats(
  db: Queryable,
  seatIds: readonly string[],
): Promise<Map<string, BuildEvent[]>> {
  const rows = await db.query<{ seat_id: string; log: EventCells[] }>(
    `select seat_id,
            json_agg(json_build_array(id, (extract(epoch from at) * 1000)::bigint, author, helper, deed) order by seq) as log
       from seat_event
      where seat_id in (select value::uuid from json_array_elements_text($1::json))
      group by seat_id`,
    [JSON.stringify(seatIds)],
  );
  return new Map(
    rows.map(({ seat_id: seatId, log }) => [
      seatId,
      // The deed was made by reading the row; adding to it is several times quicker than copying it.
      log.map(([id, atMs, by, helper, deed]) =>
        Object.assign(
          deed,
          { id, seatId, at: new Date(atMs).toISOString(), by },
          helper === null ? undefined : { helper },
        ),
      ),
    ]),
  );
}

/** Of some ids those that are in the log: at which seat, and for what. */
export async function selectKinds(
  db: Queryable,
  ids: readonly string[],
): Promise<Map<string, { readonly seatId: string; readonly kind: DeedKind }>> {
  const rows = await db.query<{ id: string; seat_id: string; kind: DeedKind }>(
    `select id, seat_id, kind from build_event
      where id in (select value::uuid from json_array_elements_text($1::json))`,
    [JSON.stringify(ids)],
  );
  return new Map(rows.map(({ id, seat_id: seatId, kind }) => [id, { seatId, kind }]));
}

/** Some events of a seat by id: what they are, and whose. */
export async function selectDeeds(
  db: Queryable,
  seatId: string,
  ids: readonly string[],
): Promise<{ id: string; deed: Deed; by: Author }[]> {
  return db.query(
    `select id, deed, author as by from seat_event
      where seat_id = $1 and id in (select value::uuid from json_array_elements_text($2::json))`,
    [seatId, JSON.stringify(ids)],
  );
}

function streamed(row: EventRow): StreamedEvent {
  const event = {
    ...row.deed,
    id: row.id,
    seatId: row.seat_id,
    ...(row.also_at ? { alsoAt: row.also_at } : {}),
    at: row.at.toISOString(),
    by: row.author,
    ...(row.helper === null ? {} : { helper: row.helper }),
  };
  return { seq: row.seq, event };
}
