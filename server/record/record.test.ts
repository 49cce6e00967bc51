import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { endpoints } from '#contract/endpoints';
import type { RecordEntry, RecordPage } from '#contract/record';
import { passphrase } from '../testing/owner.ts';
import { makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const latest = async (): Promise<RecordEntry[]> =>
  (await server.instructor.get('/api/record/latest').expect(200)).body.entries;

describe('the record', () => {
  it('says who did what to what, and from where', async () => {
    const kitId = await makeKit(server, 'Recorded Lamp');
    await server.instructor
      .put(`/api/kits/${kitId}/supply`)
      .send({ version: 1, supplyVolt: 9 })
      .expect(200);
    await request(server.app)
      .post('/api/session')
      .set('X-Forwarded-For', '203.0.113.9')
      .send({ passphrase: 'a wrong one' })
      .expect(422);
    await request(server.app).post('/api/session').send({ passphrase }).expect(200);
    expect(await latest()).toMatchObject([
      { what: 'signed-in', by: 'Instructor', cameFrom: 'this computer' },
      { what: 'sign-in-failed', by: 'Instructor', about: null },
      { what: 'kit-changed', by: 'Instructor', about: 'Recorded Lamp' },
      { what: 'kit-made', by: 'Instructor', about: 'Recorded Lamp' },
    ]);
    // Never what was typed.
    const rows = await server.db.query('select record_entry::text as row from record_entry');
    expect(JSON.stringify(rows)).not.toContain('a wrong one');
  });

  it('keeps nothing of what was refused', async () => {
    const before = await latest();
    await server.instructor.post('/api/kits').send({}).expect(422);
    expect(await latest()).toEqual(before);
  });

  it('cannot be changed, not even by a query', async () => {
    for (const change of ['delete from record_entry', `update record_entry set what = 'x'`]) {
      await expect(server.db.query(change)).rejects.toThrow('append-only');
    }
  });

  it('is read page by page, and each entry once', async () => {
    await server.db.query(
      `insert into record_entry (what, came_from) select 'signed-out', 'a test' from generate_series(1, 230)`,
    );
    const seen: number[] = [];
    let before: string | null = 'latest';
    while (before !== null) {
      const page: RecordPage = (await server.instructor.get(`/api/record/${before}`).expect(200))
        .body;
      seen.push(...page.entries.map(({ seq }) => seq));
      before = page.before === null ? null : String(page.before);
    }
    expect(seen.length).toBeGreaterThan(230);
    expect(seen).toEqual([...new Set(seen)].sort((a, b) => b - a));
    await server.instructor.get('/api/record/yesterday').expect(404);
  });

  it('is written by every endpoint that changes a kit, an evening, a person or a key', () => {
    const silent = endpoints
      .filter(([, { kind, method }]) => kind === 'json' && method !== 'GET')
      .filter(([, { access, path }]) => access !== 'public' && !/^\/api\/(seats|stores)/.test(path))
      .filter(([, { recorded }]) => recorded === undefined)
      .map(([name]) => name);
    expect(silent.sort()).toEqual([...withoutEntry].sort());
  });
});

/** What reads, tries something out, measures, or stands in the log of the build. */
const withoutEntry = [
  'addReading',
  'getRememberedMapping',
  'drawGerber',
  'forgetOwnType',
  'getPlacementColumns',
  'keepPhoto',
  'keepStepPicture',
  'logAtSeat',
  'logAtSeats',
  'lookAtBackup',
  'readEdges',
  'rememberPlacementColumns',
  'removeReading',
  'stopFaults',
  'stopFigures',
  'tickPacking',
  'tryOtherwise',
  'tryRetention',
  'workOutFaults',
  'workOutFigures',
];
