import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StreamedEvent } from '#contract/events';
import type { Workshop } from '#contract/workshops';
import type { BuildEvent } from '#core/build/event';
import { foldSeat } from '#core/build/foldSeat';
import { atEachSeat } from '#core/build/together';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server, ['Tern', 'Skua', 'Ruff']);
});
afterAll(() => server.db.close());

const message = (seatId: string) =>
  sent(
    seatId,
    {
      kind: 'message',
      message: '01900000-0000-7000-8000-0000000000aa',
      sort: 'look',
      text: 'Look at the front',
    },
    '2026-03-05T18:50:00.000Z',
  );
const post = (events: object[]) =>
  server.instructor.post(`/api/workshops/${workshop.id}/events`).send({ events });
const logged = async (): Promise<number> =>
  (await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200)).body.events.length;

describe('what is said to several seats at once', () => {
  it('goes in one request, and twice does no harm', async () => {
    const events = workshop.seats.map(({ id }) => message(id));
    const { body } = await post(events).expect(200);
    expect(body.accepted.toSorted()).toEqual(events.map(({ id }) => id).toSorted());
    await post(events).expect(200);
    expect(await logged()).toBe(3);
  });

  it('is one entry of the log where it is sent as one, and each seat has it as its own', async () => {
    const before = await logged();
    const [first, second, third] = workshop.seats;
    if (!first || !second || !third) throw new Error('three seats are asked for');
    const told = { ...message(first.id), alsoAt: [second.id, third.id, first.id] };
    await post([told]).expect(200);
    await post([told]).expect(200);
    expect(await logged()).toBe(before + 1);
    for (const { id, token } of workshop.seats) {
      const { body } = await request(server.app).get(`/api/seats/${token}`).expect(200);
      const own = body.events.filter((one: StreamedEvent) => one.event.id === told.id);
      expect(own.map((one: StreamedEvent) => [one.event.seatId, one.event.alsoAt])).toEqual([
        [id, undefined],
      ]);
    }
    // Each seat reads it for itself, and the table of the evening has no row less.
    await request(server.app)
      .post(`/api/seats/${third.token}/events`)
      .send({ events: [sent(third.id, { kind: 'message-read', told: told.id })] })
      .expect(200);
    await post([{ ...sent(first.id, { kind: 'undo', undoes: told.id }), alsoAt: [third.id] }]);
    const { body } = await server.instructor.get(`/api/workshops/${workshop.id}/log`);
    const states = workshop.seats.map(({ id }) =>
      foldSeat(
        [],
        body.events
          .flatMap((one: StreamedEvent) => atEachSeat(one.event))
          .filter((event: BuildEvent) => event.seatId === id),
      ),
    );
    expect(
      states.map(({ messages }) => messages.some(({ eventId }) => eventId === told.id)),
    ).toEqual([false, true, false]);
  });

  it('reaches the others where a seat was taken away meanwhile', async () => {
    const [first, second] = workshop.seats;
    const gone = '00000000-0000-4000-8000-000000000009';
    await post([{ ...message(gone), alsoAt: [first?.id, second?.id] }]).expect(200);
    const { body } = await server.instructor.get(`/api/workshops/${workshop.id}/log`);
    expect(body.events.at(-1).event).toMatchObject({ seatId: first?.id, alsoAt: [second?.id] });
  });

  it('is only what is told: what is done is done at one seat', async () => {
    const [first, second] = workshop.seats;
    const done = sent(first?.id ?? '', { kind: 'praise', stepId: workshop.steps[0]?.id ?? '' });
    await post([{ ...done, alsoAt: [second?.id] }]).expect(403);
    // At the seat's own address it is said to that seat alone.
    await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${first?.id}/events`)
      .send({ events: [{ ...message(first?.id ?? ''), alsoAt: [second?.id] }] })
      .expect(403);
  });

  it('is refused where one seat is none of this workshop, and nothing is logged', async () => {
    const before = await logged();
    const [first] = workshop.seats;
    await post([message(first?.id ?? ''), message('00000000-0000-4000-8000-000000000009')]).expect(
      404,
    );
    expect(await logged()).toBe(before);
  });
});
