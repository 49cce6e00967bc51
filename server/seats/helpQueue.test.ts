import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Seat, Workshop } from '#contract/workshops';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
let seats: readonly Seat[];
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server, ['Tern', 'Skua', 'Knot']);
  seats = workshop.seats;
});
afterAll(() => server.db.close());

const seat = (index: number) => seats[index] as Seat;
const ask = async (index: number, more: object = {}) => {
  const { id, token } = seat(index);
  const event = sent(id, { kind: 'help-asked', stepId: 'solder-D1', ...more } as never);
  await request(server.app)
    .post(`/api/seats/${token}/events`)
    .send({ events: [event] })
    .expect(200);
  return event.id;
};
const place = async (index: number) =>
  (
    await request(server.app)
      .get(`/api/seats/${seat(index).token}/queue`)
      .expect(200)
  ).body.number;
const places = () => Promise.all([0, 1, 2].map(place));
const log = (index: number, deed: object) =>
  server.instructor
    .post(`/api/workshops/${workshop.id}/seats/${seat(index).id}/events`)
    .send({ events: [sent(seat(index).id, deed as never)] });

describe('who waits for help', () => {
  it('learns its place on the list, which is that of asking, and who is hurt goes first', async () => {
    expect(await places()).toEqual([null, null, null]);
    const first = await ask(1);
    await ask(0);
    expect(await places()).toEqual([2, 1, null]);
    await ask(2, { about: 'hurt' });
    expect(await places()).toEqual([3, 2, 1]);
    await log(1, { kind: 'coming', calls: [first] }).expect(200);
    await log(1, { kind: 'visit', answers: [first] }).expect(200);
    expect(await places()).toEqual([2, null, 1]);
  });

  it('says no more than the number', async () => {
    const { token } = seat(0);
    const { body } = await request(server.app).get(`/api/seats/${token}/queue`);
    expect(Object.keys(body)).toEqual(['number']);
    await request(server.app).get('/api/seats/not-a-token/queue').expect(404);
  });
});

describe('what only staff may say', () => {
  it.each([
    { kind: 'put-at', stepId: 'solder-D1' },
    { kind: 'checked-good', stepId: 'solder-D1' },
    { kind: 'message', message: '01900000-0000-7000-8000-000000000001', sort: 'hint', text: 'Hi' },
  ])('$kind is refused from a seat', async (deed) => {
    const { id, token } = seat(0);
    await request(server.app)
      .post(`/api/seats/${token}/events`)
      .send({ events: [sent(id, deed as never)] })
      .expect(403);
    await log(0, deed).expect(200);
  });

  it.each([
    [
      {
        kind: 'message',
        message: '01900000-0000-7000-8000-000000000001',
        sort: 'shout',
        text: 'Hi',
      },
    ],
    [
      {
        kind: 'message',
        message: '01900000-0000-7000-8000-000000000001',
        sort: 'break',
        text: 'Tea',
        minutes: 0,
      },
    ],
    [{ kind: 'coming', calls: ['01900000-0000-7000-8000-000000000002'] }],
    [{ kind: 'put-at', stepId: 'no such step' }],
  ])('is refused where it cannot be: %j', async (deed) => {
    await log(0, deed).expect(422);
  });
});
