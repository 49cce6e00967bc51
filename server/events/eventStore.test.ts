import fc from 'fast-check';
import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StreamedEvent } from '#contract/events';
import type { Seat, Workshop } from '#contract/workshops';
import type { LoggedEvent } from '#core/build/together';
import type { Database } from '../db/database.ts';
import { makeWorkshop, type TestServer, testServer } from '../testing/testServer.ts';
import { type Append, EventStore } from './eventStore.ts';
import { LiveChannels } from './liveChannels.ts';
import { selectWorkshopEvents } from './queries.ts';

let server: TestServer;
let workshop: Workshop;
let seats: readonly [Seat, Seat];
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
  seats = workshop.seats as unknown as [Seat, Seat];
});
afterAll(() => server.db.close());

const call = (seat: Seat, id = newId()): LoggedEvent => ({
  kind: 'help-asked',
  stepId: workshop.steps[0]?.id ?? '',
  id,
  seatId: seat.id,
  at: '2026-03-05T18:40:00.000Z',
  by: 'learner',
});
const appendOf = (seat: Seat, ...events: readonly LoggedEvent[]): Append => ({
  seat: { seatId: seat.id, workshopId: workshop.id },
  events,
});

/** A store on a database that counts what it is asked, and what it tells who listens. */
function listenedTo() {
  const statements: string[] = [];
  const db: Database = {
    ...server.db,
    queryOften: (sql, params) => {
      statements.push(sql);
      return server.db.queryOften(sql, params);
    },
  };
  const channels = new LiveChannels();
  const told: StreamedEvent[] = [];
  channels.listen(workshop.id, { logged: (events) => void told.push(...events) });
  return { store: new EventStore(db, channels), statements, told };
}

const outcomes = async (appends: readonly Promise<void>[]) =>
  (await Promise.allSettled(appends)).map(({ status }) => status);

describe('appends that come at the same moment', () => {
  it('go into the log by two statements: the first, and all that came while it was stored', async () => {
    const { store, statements, told } = listenedTo();
    const events = Array.from({ length: 10 }, (_, index) =>
      call(index % 2 === 0 ? seats[0] : seats[1]),
    );
    await Promise.all(
      events.map((event, index) =>
        store.add(appendOf(index % 2 === 0 ? seats[0] : seats[1], event)),
      ),
    );
    expect(statements).toHaveLength(2);
    expect(told.map(({ event }) => event.id)).toEqual(events.map(({ id }) => id));
    const seqs = told.map(({ seq }) => seq);
    expect(seqs).toEqual([...seqs].sort((a, b) => a - b));
  });

  it('are refused each for itself: an id of another seat’s, a seat that is gone', async () => {
    const { store, told } = listenedTo();
    const taken = call(seats[0]);
    await store.add(appendOf(seats[0], taken));
    const good = [call(seats[0]), call(seats[1])] as const;
    const gone = { ...seats[1], id: newId() };
    expect(
      await outcomes([
        store.add(appendOf(seats[0], call(seats[0]))),
        store.add(appendOf(seats[0], good[0])),
        store.add(appendOf(seats[1], call(seats[1], taken.id))),
        store.add(appendOf(gone, call(gone))),
        store.add(appendOf(seats[1], good[1])),
      ]),
    ).toEqual(['fulfilled', 'fulfilled', 'rejected', 'rejected', 'fulfilled']);
    const ids = told.map(({ event }) => event.id);
    expect(ids).toEqual(expect.arrayContaining(good.map(({ id }) => id)));
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('wait for the one that something is booked with, and nobody overtakes it', async () => {
    const { store, told } = listenedTo();
    const events = Array.from({ length: 5 }, () => call(seats[0]));
    const booked: string[] = [];
    const alongside: Append['alongside'] = async (_, added) => void booked.push(...added);
    await Promise.all(
      events.map((event, index) =>
        store.add({ ...appendOf(seats[0], event), ...(index === 2 ? { alongside } : {}) }),
      ),
    );
    expect(told.map(({ event }) => event.id)).toEqual(events.map(({ id }) => id));
    expect(booked).toEqual([events[2]?.id]);
  });

  it('are in the log once each, whatever is sent again, doubled or under a foreign id', async () => {
    const one = fc.record({ seat: fc.nat(1), ids: fc.uniqueArray(fc.nat(5), { minLength: 1 }) });
    await fc.assert(
      fc.asyncProperty(fc.array(one, { minLength: 1, maxLength: 8 }), async (appends) => {
        const ids = Array.from({ length: 6 }, () => newId());
        const { store, told } = listenedTo();
        const sent = appends.map(({ seat, ids: wanted }) => {
          const at = seat === 0 ? seats[0] : seats[1];
          return { at, events: wanted.map((index) => call(at, ids[index])) };
        });
        const settled = await outcomes(
          sent.map(({ at, events }) => store.add(appendOf(at, ...events))),
        );
        const stored = (await selectWorkshopEvents(server.db, workshop.id)).filter(({ event }) =>
          ids.includes(event.id),
        );
        // Who listens is told what is in the log, once.
        expect(told.map(({ seq }) => seq).sort((a, b) => a - b)).toEqual(
          stored.map(({ seq }) => seq),
        );
        // Who was told that it is stored finds it under the own seat; who was refused is there with nothing new.
        for (const [index, { at, events }] of sent.entries()) {
          const there = events.filter(({ id }) =>
            stored.some(({ event }) => event.id === id && event.seatId === at.id),
          );
          const isThere = there.length === events.length;
          expect(isThere).toBe(settled[index] === 'fulfilled');
        }
      }),
      { numRuns: 40 },
    );
  });
});
