import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { helperAt, makeWorkshop, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
});
afterAll(() => server.db.close());

const read = async (): Promise<Workshop> =>
  (await server.instructor.get(`/api/workshops/${workshop.id}`).expect(200)).body;
const about = (changes: object = {}) => ({
  title: 'Another evening',
  // The server of the tests says that it is 19:00.
  startsAt: '2026-03-06T17:00:00.000Z',
  lengthMinutes: 150,
  place: 'Old ropery, room 2',
  notes: 'The key hangs behind the door.',
  version: workshop.aboutVersion,
  ...changes,
});
const put = (body: object) => server.instructor.put(`/api/workshops/${workshop.id}`).send(body);

describe('what a workshop is called, when and where it is', () => {
  it('can be changed after it was planned, and its plan, seats and log stay', async () => {
    const seat = workshop.seats[0];
    expect((await request(server.app).get(`/api/seats/${seat?.token}`)).body.opensAt).toBeNull();
    await put(about()).expect(200, { version: 2 });
    const now = await read();
    const { version: _, ...changed } = about();
    expect(now).toMatchObject({ ...changed, aboutVersion: 2 });
    expect(now.steps).toEqual(workshop.steps);
    expect(now.seats).toEqual(workshop.seats);
    // Its links wait for the new start.
    const { body } = await request(server.app).get(`/api/seats/${seat?.token}`).expect(200);
    expect(body).toMatchObject({
      workshopTitle: 'Another evening',
      opensAt: '2026-03-06T17:00:00.000Z',
    });
    const { text } = await server.instructor.get(`/api/workshops/${workshop.id}/calendar.ics`);
    expect(text).toContain('DTSTART:20260306T170000Z');
    expect(text.replace(/\r\n /g, '')).toContain('LOCATION:Old ropery\\, room 2');
    expect((await server.instructor.get('/api/workshops')).body[0].title).toBe('Another evening');
  });

  it('by the second of two who read the same is refused, and the first stays', async () => {
    await put(about({ title: 'Too late' })).expect(409);
    expect((await read()).title).toBe('Another evening');
  });

  it.each([
    ['title', { title: '   ' }],
    ['startsAt', { startsAt: 'next Thursday' }],
    ['lengthMinutes', { lengthMinutes: 5 }],
    ['place', { place: 'x'.repeat(121) }],
    ['notes', { notes: 'x'.repeat(2001) }],
  ])('with a wrong %s is refused by that field', async (field, wrong) => {
    const { body } = await put(about({ version: 2, ...wrong })).expect(422);
    expect(body.errors[0].field).toBe(field);
    expect((await read()).aboutVersion).toBe(2);
  });

  it('is nothing that a helper changes', async () => {
    const { agent } = await helperAt(server);
    await agent
      .put(`/api/workshops/${workshop.id}`)
      .send(about({ version: 2 }))
      .expect(403);
  });
});

describe('a seat more', () => {
  const add = (name: string, agent = server.instructor) =>
    agent.post(`/api/workshops/${workshop.id}/seats`).send({ name });

  it('comes behind the others, opens like them, and may be added by a helper', async () => {
    const before = await read();
    const { agent } = await helperAt(server, 'Dunlin');
    // The evening was moved to the next day above: helpers see that of their day only.
    await put({ ...about({ version: before.aboutVersion }), startsAt: '2026-03-05T18:30:00.000Z' });
    const { body } = await add('  Ruff ', agent).expect(200);
    expect(body.number).toBe(before.seats.length + 1);
    const now = await read();
    expect(now.seats.slice(0, -1)).toEqual(before.seats);
    const last = now.seats.at(-1);
    expect(last).toMatchObject({ id: body.id, name: 'Ruff', experience: 'new', partner: null });
    const { body: seat } = await request(server.app).get(`/api/seats/${last?.token}`).expect(200);
    expect(seat).toMatchObject({ number: body.number, name: 'Ruff' });
    // Who changes the seating from before is told.
    await server.instructor
      .put(`/api/workshops/${workshop.id}/seating`)
      .send({
        version: before.version,
        seats: before.seats.map(({ id, name, experience, partner }) => ({
          id,
          name,
          experience,
          partner,
        })),
      })
      .expect(409);
  });

  it('of somebody who sits there already is refused, one without a name is not', async () => {
    const { body } = await add('TERN').expect(422);
    expect(body.errors[0].field).toBe('name');
    await add('').expect(200);
    await add('').expect(200);
  });

  it('has a number of its own, though many are added at once, up to the last', async () => {
    const { seats } = await read();
    const room = 60 - seats.length;
    const answers = await Promise.all(Array.from({ length: room + 3 }, () => add('')));
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(room);
    expect(answers.filter(({ status }) => status === 422)).toHaveLength(3);
    const numbers = (await read()).seats.map(({ number }) => number);
    expect(new Set(numbers).size).toBe(60);
  });
});
