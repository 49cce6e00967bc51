import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { type Application, createApp } from '../app.ts';
import { type Database, openDatabase } from '../db/database.ts';
import { sessionToken } from '../testing/owner.ts';
import { packedAs } from '../testing/testDatabase.ts';
import {
  makeWorkshop,
  sent,
  type TestServer,
  testParts,
  testServer,
} from '../testing/testServer.ts';

const tell = (server: TestServer, workshop: Workshop, text: string) => {
  const [seat] = workshop.seats;
  const stepId = workshop.steps[0]?.id ?? '';
  const notice = randomUUID();
  const event = sent(seat?.id ?? '', { kind: 'notice', notice, stepId, designators: [], text });
  return server.instructor
    .post(`/api/workshops/${workshop.id}/seats/${seat?.id}/events`)
    .send({ events: [event] })
    .expect(200);
};

describe('a person who is erased', () => {
  let folder: string;
  let db: Database;
  let server: TestServer;
  beforeEach(async () => {
    folder = mkdtempSync(join(tmpdir(), 'forget-'));
    db = await openDatabase(join(folder, 'postgres'), { packed: await packedAs('owned') });
    const { app }: Application = createApp(testParts(db));
    const instructor = request.agent(app);
    instructor.set('Cookie', `ozzet_session=${sessionToken}`);
    server = { app, db, instructor };
  });
  afterEach(async () => {
    await db.close();
    rmSync(folder, { recursive: true, force: true });
  });

  const filesWith = (name: string) =>
    readdirSync(folder, { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map((entry) => join(entry.parentPath, entry.name))
      .filter((path) => readFileSync(path).includes(name));

  it('is on the disk no more, nor in messages, signatures and lists', async () => {
    const name = 'Quillfeather';
    const workshop = await makeWorkshop(server, [name, 'Skua']);
    await tell(server, workshop, `Look at ${name}’s board`);
    const checklist = `/api/workshops/${workshop.id}/checklist`;
    await server.instructor.put(`${checklist}/air`).send({ by: name }).expect(200);
    await db.query('checkpoint');
    expect(filesWith(name)).not.toEqual([]);

    await server.instructor.delete(`/api/people/${workshop.seats[0]?.learnerId}`).expect(200);
    const log = await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200);
    expect(log.body.events[0].event.text).toBe('Look at …’s board');
    expect((await server.instructor.get(checklist)).body).toMatchObject([{ item: 'air', by: '…' }]);
    expect(filesWith(name)).toEqual([]);
  }, 120_000);
});

describe('a name that is erased', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await testServer();
  });
  afterAll(() => server.db.close());

  it('is meant in whatever case, and nobody whose name only holds theirs', async () => {
    const workshop = await makeWorkshop(server, ['Tern', 'Ternley', 'Tern-Anne']);
    await tell(
      server,
      workshop,
      'TERN and Ternley share; ask tern, Tern-Anne or Sea-Tern - not Tern’s.',
    );
    await server.instructor.delete(`/api/people/${workshop.seats[0]?.learnerId}`).expect(200);
    const log = await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200);
    expect(log.body.events[0].event.text).toBe(
      '… and Ternley share; ask …, Tern-Anne or Sea-Tern - not …’s.',
    );
  });

  it('may be called anything', async () => {
    const workshop = await makeWorkshop(server, ['Åse K.', 'Skua']);
    await tell(server, workshop, 'Help Åse K., then åse k. again (not Åse Ko)');
    await server.instructor.delete(`/api/people/${workshop.seats[0]?.learnerId}`).expect(200);
    const log = await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200);
    expect(log.body.events[0].event.text).toBe('Help …, then … again (not Åse Ko)');
  });

  it('leaves the log append-only', async () => {
    const workshop = await makeWorkshop(server, ['Tern']);
    await tell(server, workshop, 'Tern has the good lamp');
    await server.instructor.delete(`/api/people/${workshop.seats[0]?.learnerId}`).expect(200);
    await expect(server.db.query('delete from build_event')).rejects.toThrow('append-only');
  });
});

describe('records of people', () => {
  const aYearLater = new Date('2027-03-10T12:00:00Z');
  const site = async () => {
    const server = await testServer();
    await makeWorkshop(server, ['Tern', 'Skua']);
    const { app, forgetting } = createApp({ ...testParts(server.db), now: () => aYearLater });
    const instructor = request.agent(app);
    instructor.set('Cookie', `ozzet_session=${sessionToken}`);
    const names = async () =>
      (await instructor.get('/api/people').expect(200)).body.map(
        ({ name }: { name: string }) => name,
      );
    return { server, instructor, forgetting, names };
  };

  it('are kept until somebody erases them, where nothing is set', async () => {
    const { server, instructor, forgetting, names } = await site();
    expect((await instructor.get('/api/retention').expect(200)).body).toEqual({
      months: null,
      due: [],
    });
    await forgetting.eraseDue();
    expect(await names()).toEqual(['Skua', 'Tern']);
    await server.db.close();
  });

  it('go when the time that is set is over: first it is said who, then it is done', async () => {
    const { server, instructor, names } = await site();
    const tried = await instructor.post('/api/retention').send({ months: 12 }).expect(200);
    expect(tried.body).toEqual({ months: 12, due: ['Skua', 'Tern'] });
    expect((await instructor.post('/api/retention').send({ months: 13 })).body.due).toEqual([]);
    expect(await names()).toEqual(['Skua', 'Tern']);
    await instructor.post('/api/retention').send({ months: 0 }).expect(422);
    const set = await instructor.put('/api/retention').send({ months: 12 }).expect(200);
    expect(set.body).toEqual({ months: 12, due: [] });
    expect(await names()).toEqual([]);
    await server.db.close();
  });

  it('of whoever keeps a page of their own stay', async () => {
    const { server, instructor, names } = await site();
    const [skua] = (await instructor.get('/api/people')).body;
    await instructor.put(`/api/people/${skua.id}/own-page`).send({ keepsPage: true }).expect(200);
    await instructor.put('/api/retention').send({ months: 6 }).expect(200);
    expect(await names()).toEqual(['Skua']);
    await server.db.close();
  });

  it('of whoever lost their seat by a correction are not kept', async () => {
    const server = await testServer();
    const workshop = await makeWorkshop(server, ['Tren', 'Skua']);
    const seats = workshop.seats.map(({ id, name, experience, partner }) => ({
      id,
      name: name === 'Tren' ? 'Tern' : name,
      experience,
      partner,
    }));
    await server.instructor
      .put(`/api/workshops/${workshop.id}/seating`)
      .send({ version: workshop.version, seats })
      .expect(200);
    const rows = await server.db.query<{ name: string }>('select name from learner order by name');
    expect(rows.map(({ name }) => name)).toEqual(['Skua', 'Tern']);
    await server.db.close();
  });
});
