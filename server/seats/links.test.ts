import request from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { type Application, createApp } from '../app.ts';
import { sessionToken } from '../testing/owner.ts';
import { testDatabase } from '../testing/testDatabase.ts';
import { helperAt, makeWorkshop, sent, type TestServer, testParts } from '../testing/testServer.ts';

/** An evening from 18:30 to 20:30 on 5 March 2026, at whatever time a test sets. */
let now: Date;
let app: Application['app'];
let server: TestServer;
let workshop: Workshop;

beforeAll(async () => {
  const db = await testDatabase('owned');
  ({ app } = createApp({ ...testParts(db), now: () => now }));
  const instructor = request.agent(app);
  instructor.set('Cookie', `ozzet_session=${sessionToken}`);
  server = { app, db, instructor };
});
afterAll(() => server.db.close());
beforeEach(async () => {
  now = new Date('2026-03-05T18:00:00Z');
  workshop = await makeWorkshop(server, ['Tern', 'Skua']);
});

const tokenOf = (index: number) => workshop.seats[index]?.token;
const seat = (index: number) => request(app).get(`/api/seats/${tokenOf(index)}`);
const report = (deed: Parameters<typeof sent>[1], at?: string) =>
  request(app)
    .post(`/api/seats/${tokenOf(0)}/events`)
    .send({ events: [sent(workshop.seats[0]?.id ?? '', deed, at)] });
const reseat = (changes: object) =>
  server.instructor.put(`/api/workshops/${workshop.id}/seating`).send({
    version: workshop.version,
    seats: workshop.seats.map(({ id, name, experience, partner }, index) => ({
      id,
      name,
      experience,
      partner,
      ...(index === 0 ? changes : {}),
    })),
  });

describe('a seat before its evening', () => {
  const practised = {
    kind: 'practised',
    item: 'bands.read.orange',
    seed: 1,
    answer: null,
    isRight: true,
    credit: 1,
  } as const;

  it('says when it opens, lets practise, and takes nothing of the build', async () => {
    const { body } = await seat(0).expect(200);
    expect(body).toMatchObject({ opensAt: workshop.startsAt, kitName: workshop.kitName });
    await report(practised, '2026-03-05T17:59:00.000Z').expect(200);
    const early = await report({ kind: 'help-asked', stepId: 'solder-D1' }).expect(403);
    expect(early.body.detail).toContain('has not begun');
  });

  it('opens by itself at the start', async () => {
    now = new Date('2026-03-05T18:30:00Z');
    expect((await seat(0).expect(200)).body.opensAt).toBeNull();
    await report({ kind: 'help-asked', stepId: 'solder-D1' }).expect(200);
  });

  it('opens earlier by a tap on the floor, for all of the evening', async () => {
    await server.instructor.post(`/api/workshops/${workshop.id}/open`).expect(200);
    for (const index of [0, 1]) expect((await seat(index).expect(200)).body.opensAt).toBeNull();
    await report({ kind: 'help-asked', stepId: 'solder-D1' }).expect(200);
  });
});

describe('a seat’s link', () => {
  it('ends some days after the evening; what was done in time is taken all the same', async () => {
    now = new Date('2026-03-12T20:31:00Z');
    const over = await seat(0).expect(410);
    expect(over.body.detail).toContain('evening of this link is over');
    await request(app)
      .get(`/api/seats/${tokenOf(0)}/practice`)
      .expect(410);
    await request(app)
      .get(`/api/seats/${tokenOf(0)}/stream`)
      .expect(410);
    await report({ kind: 'help-asked', stepId: 'solder-D1' }, '2026-03-05T19:00:00.000Z').expect(
      200,
    );
    await report({ kind: 'help-asked', stepId: 'solder-D1' }, '2026-03-12T20:30:30.000Z').expect(
      410,
    );
  });

  it('does not end for a learner who may keep a page', async () => {
    const learner = `/api/people/${workshop.seats[0]?.learnerId}/own-page`;
    await server.instructor.put(learner).send({ keepsPage: true }).expect(200);
    now = new Date('2026-09-01T12:00:00Z');
    await seat(0).expect(200);
    await server.instructor.put(learner).send({ keepsPage: false }).expect(200);
    await seat(0).expect(410);
  });

  it('is renewed by hand: the old one says so, and opens nothing', async () => {
    const { body } = await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${workshop.seats[0]?.id}/link`)
      .expect(200);
    expect(body.token).not.toBe(tokenOf(0));
    const old = await seat(0).expect(410);
    expect(old.body.detail).toContain('This seat has a new link');
    await request(app).get(`/api/seats/${body.token}`).expect(200);
    await seat(1).expect(200);
  });

  it('goes on where a name is corrected, and ends where somebody else sits down', async () => {
    await seat(0).expect(200);
    const corrected = await reseat({ name: 'Terne', newLink: false }).expect(200);
    await seat(0).expect(200);
    workshop = { ...workshop, version: corrected.body.version };
    const given = await reseat({ name: 'Nora', newLink: true }).expect(200);
    await seat(0).expect(410);
    await seat(1).expect(200);
    const { body } = await request(app).get(`/api/seats/${given.body.seats[0].token}`).expect(200);
    expect(body.name).toBe('Nora');
  });
});

describe('a helper', () => {
  it('sees the evenings of the day, and no others, in no way', async () => {
    const { agent } = await helperAt(server, 'Knot');
    const paths = ['', '/log', '/checklist', '/papers/bag-list.csv', '/stream'];
    now = new Date('2026-03-05T08:00:00Z');
    const listed = (await agent.get('/api/workshops').expect(200)).body;
    expect(listed.map(({ id }: Workshop) => id)).toContain(workshop.id);
    await agent.get(`/api/workshops/${workshop.id}`).expect(200);
    for (const other of ['2026-03-04T12:00:00Z', '2026-03-07T12:00:00Z']) {
      now = new Date(other);
      expect((await agent.get('/api/workshops').expect(200)).body).toEqual([]);
      for (const path of paths) {
        const { body } = await agent.get(`/api/workshops/${workshop.id}${path}`).expect(403);
        expect(body.detail).toContain('evenings of their day');
      }
    }
  });

  it('asks for a link when one is needed, and that is written down', async () => {
    const { agent } = await helperAt(server, 'Ruff');
    const shown = (await agent.get(`/api/workshops/${workshop.id}`).expect(200)).body;
    expect(JSON.stringify(shown)).not.toContain(tokenOf(0));
    const link = `/api/workshops/${workshop.id}/seats/${workshop.seats[0]?.id}/link`;
    expect((await agent.get(link).expect(200)).body).toEqual({ token: tokenOf(0) });
    await agent.post(link).expect(403);
    const record = (await server.instructor.get('/api/record/latest')).body.entries;
    expect(record[0]).toMatchObject({ what: 'link-shown', about: workshop.title });
  });
});

describe('a signature on the checklist', () => {
  it('keeps the account that it was made with, and a withdrawn one leaves a trace', async () => {
    const air = `/api/workshops/${workshop.id}/checklist/air`;
    const { body } = await server.instructor.put(air).send({ by: 'Ida' }).expect(200);
    expect(body).toMatchObject([{ by: 'Ida', account: 'Instructor' }]);
    expect((await server.instructor.delete(air).expect(200)).body).toEqual([]);
    const again = await server.instructor.put(air).send({ by: 'Knot' }).expect(200);
    expect(again.body).toMatchObject([{ by: 'Knot' }]);
    const rows = await server.db.query<{ signed_by: string; withdrawn: boolean; by: string }>(
      `select signed_by, withdrawn_at is not null as withdrawn, account.name as by
         from checklist_sign left join account on account.id = withdrawn_by
        where workshop_id = $1 order by signed_at`,
      [workshop.id],
    );
    expect(rows).toEqual([
      { signed_by: 'Ida', withdrawn: true, by: 'Instructor' },
      { signed_by: 'Knot', withdrawn: false, by: null },
    ]);
  });
});
