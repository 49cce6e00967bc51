import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
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

  it('is refused where one seat is none of this workshop, and nothing is logged', async () => {
    const before = await logged();
    const [first] = workshop.seats;
    await post([message(first?.id ?? ''), message('00000000-0000-4000-8000-000000000009')]).expect(
      404,
    );
    expect(await logged()).toBe(before);
  });
});
