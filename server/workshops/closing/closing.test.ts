import request from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import {
  helperAt,
  makeWorkshop,
  sent,
  type TestServer,
  testServer,
} from '../../testing/testServer.ts';

// The server’s clock stands at 19:00, half an hour into the evening.
let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  workshop = await makeWorkshop(server);
});
afterAll(() => server.db.close());

const at = (path: string) => `/api/workshops/${workshop.id}${path}`;
const seat = () => workshop.seats[0] ?? { id: '', token: '' };
const close = (body: object) => server.instructor.put(at('/closing')).send(body);
const opened = () => request(server.app).get(`/api/seats/${seat().token}`);
const report = (deed: Deed, time: string) =>
  request(server.app)
    .post(`/api/seats/${seat().token}/events`)
    .send({ events: [sent(seat().id, deed, time)] });
const done: Deed = { kind: 'step-done', stepId: 'solder-R1-R2' };

describe('an evening that is closed', () => {
  it('locks its seats, which still open, and takes what was done before', async () => {
    expect((await close({ isClosed: true, linksEnd: false }).expect(200)).body).toMatchObject({
      closedAt: '2026-03-05T19:00:00.000Z',
      linksEnd: false,
    });
    expect((await opened().expect(200)).body.closedAt).toBe('2026-03-05T19:00:00.000Z');
    await report(done, '2026-03-05T18:59:00.000Z').expect(200);
    // How it was may be said on the way home.
    await report({ kind: 'feedback', face: 3, text: '' }, '2026-03-05T19:00:00.000Z').expect(200);
  });

  it('refuses what is done afterwards, with the way out', async () => {
    await server.db.query(`update workshop set closed_at = '2026-03-05T18:45:00Z' where id = $1`, [
      workshop.id,
    ]);
    await opened();
    const { body } = await report(done, '2026-03-05T18:50:00.000Z').expect(403);
    expect(body.detail).toMatch(/closed.*open the seats again/);
    await close({ isClosed: false, linksEnd: false }).expect(200);
    await report(done, '2026-03-05T18:50:00.000Z').expect(200);
  });

  it('ends its links as well where that is wished, and opens them again', async () => {
    await close({ isClosed: true, linksEnd: true }).expect(200);
    await server.db.query(`update workshop set closed_at = '2026-03-05T18:45:00Z' where id = $1`, [
      workshop.id,
    ]);
    await opened().expect(410);
    await close({ isClosed: false, linksEnd: true }).expect(200);
    expect((await opened().expect(200)).body.closedAt).toBeNull();
  });

  it('is closed since the first time that somebody closed it', async () => {
    await server.db.query(`update workshop set closed_at = '2026-03-05T18:45:00Z' where id = $1`, [
      workshop.id,
    ]);
    const { body } = await close({ isClosed: true, linksEnd: true }).expect(200);
    expect(body.closedAt).toBe('2026-03-05T18:45:00.000Z');
  });

  it('is closed by instructors, and shown to helpers', async () => {
    const { agent } = await helperAt(server, `Helper ${workshop.id.slice(0, 4)}`);
    await agent.put(at('/closing')).send({ isClosed: true, linksEnd: false }).expect(403);
    await agent.get(at('/closing')).expect(200);
  });
});

describe('what to change next time', () => {
  const write = (text: string, basedOn = '') =>
    server.instructor.put(at('/next-time')).send({ text, basedOn });

  it('is kept with the kit, and shown by its next workshop', async () => {
    await write('  More time for D1.  ').expect(200);
    const next = await server.instructor
      .post('/api/workshops')
      .send({
        title: 'The next one',
        kitId: workshop.kitId,
        startsAt: '2026-03-12T18:30:00Z',
        lengthMinutes: 120,
        seats: [{ name: 'Tern' }],
      })
      .expect(200);
    const { body } = await server.instructor
      .get(`/api/workshops/${next.body.id}/closing`)
      .expect(200);
    expect(body).toMatchObject({
      nextTime: '',
      earlier: [{ workshopId: workshop.id, nextTime: 'More time for D1.' }],
    });
    const evenings = await server.instructor
      .get(`/api/kits/${workshop.kitId}/evenings`)
      .expect(200);
    expect(evenings.body.map((one: { nextTime: string }) => one.nextTime)).toEqual([
      '',
      'More time for D1.',
    ]);
  });

  it('is refused from an older reading, and kept as it is', async () => {
    await write('first').expect(200);
    await write('second').expect(409);
    await write('second', 'first').expect(200);
  });

  it('has an end', async () => {
    const { body } = await write('x'.repeat(1001)).expect(422);
    expect(body.errors[0].field).toBe('text');
  });
});
