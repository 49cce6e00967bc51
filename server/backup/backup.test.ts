import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import fc from 'fast-check';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { BackupContents } from '#contract/backup';
import type { Workshop } from '#contract/workshops';
import { cases } from '#core/testing/cases';
import { testDatabase } from '../testing/testDatabase.ts';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';
import { backedUp, readied, restore } from './backup.ts';
import { DailyBackups } from './daily.ts';
import { readBackupFile } from './format.ts';
import { selectContents } from './queries.ts';

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server);
  const seat = workshop.seats[0];
  if (!seat) throw new Error('no seat');
  const event = sent(seat.id, { kind: 'step-done', stepId: 'solder-D1' });
  await server.instructor
    .post(`/api/workshops/${workshop.id}/seats/${seat.id}/events`)
    .send({ events: [event] })
    .expect(200);
  const told = sent(seat.id, {
    kind: 'message',
    message: '01900000-0000-7000-8000-0000000000ac',
    sort: 'hint',
    text: 'Tin the tip',
  });
  await server.instructor
    .post(`/api/workshops/${workshop.id}/events`)
    .send({ events: [{ ...told, alsoAt: workshop.seats.slice(1).map(({ id }) => id) }] })
    .expect(200);
  await server.instructor
    .post('/api/accounts')
    .send({ role: 'helper', name: 'Knot ⚓ “of the quay”', passphrase: 'the second lantern' })
    .expect(200);
});
afterAll(() => server.db.close());

const quicklyReadied = (file: Buffer) => readied(file, undefined, () => testDatabase('bare'));

const made = async (passphrase?: string) => {
  const { body } = await server.instructor.post('/api/backups').send({ passphrase }).expect(200);
  return body as { name: string; file: string };
};
const look = (file: string, passphrase?: string) =>
  server.instructor.post('/api/backups/look').send({ file, passphrase });

describe('a backup', () => {
  it('holds everything, is told before it is restored, and changes nothing by that', async () => {
    const { name, file } = await made();
    expect(name).toMatch(/^ozzet-\d{8}-\d{6}\.backup$/);
    const { body } = await look(file).expect(200);
    expect(body).toEqual(await selectContents(server.db));
    expect(body).toMatchObject({ kits: 1, workshops: 1, people: 2, entries: 2 });
  });

  it('restored on an empty site makes the same site: made again it is the same file', async () => {
    const file = await backedUp(server.db);
    const empty = await testDatabase('empty');
    await restore(empty, await quicklyReadied(file));
    expect((await backedUp(empty)).equals(file)).toBe(true);
    expect(await selectContents(empty)).toEqual(await selectContents(server.db));
    // What counts by itself goes on behind the last.
    const [seat] = workshop.seats;
    const [next] = await empty.query<{ seq: number }>(
      `insert into build_event (id, workshop_id, seat_id, at, author, deed)
       values ('00000000-0000-4000-8000-000000000001', $1, $2, now(), 'learner', '{"kind":"help-asked","stepId":"x"}')
       returning seq::double precision as seq`,
      [workshop.id, seat?.id],
    );
    expect(next?.seq).toBe(3);
    // The log is append-only again.
    await expect(empty.query('delete from build_event')).rejects.toThrow('append-only');
    await empty.close();
  });

  it('restored on a full site takes the place of all of it', async () => {
    const other = await testServer();
    await makeWorkshop(other, ['Auk']);
    const file = await backedUp(server.db);
    const { body } = await other.instructor
      .post('/api/backups/restore')
      .send({ file: file.toString('base64') })
      .expect(200);
    expect(body).toMatchObject({ kits: 1, workshops: 1 } satisfies Partial<BackupContents>);
    const [before, now] = await Promise.all(
      [file, await backedUp(other.db)].map((one) => readBackupFile(one)),
    );
    const { record_entry: written = [], ...rest } = now?.tables ?? {};
    const { record_entry: wasWritten = [], ...all } = before?.tables ?? {};
    expect(rest).toEqual(all);
    // That it was restored is the one thing that is new.
    expect(written).toHaveLength(wasWritten.length + 1);
    // Who restored it is still signed in.
    await other.instructor.get('/api/kits').expect(200);
    await other.db.close();
  });

  it('of older tables is brought to those of today', async () => {
    const data = await readBackupFile(await backedUp(server.db));
    // As the step before the last left it.
    const older = {
      migrations: data.migrations.filter((name) => !name.startsWith('009')),
      tables: Object.fromEntries(
        Object.entries(data.tables)
          .filter(([table]) => table !== 'room')
          .map(([table, rows]) => [
            table,
            rows.map((row) => {
              const { labels_address: _, ...rest } = row as Record<string, unknown>;
              return rest;
            }),
          ]),
      ),
    };
    const { backupFile } = await import('./format.ts');
    const found = await quicklyReadied(await backupFile(older));
    expect(found.contents).toEqual(await selectContents(server.db));
    expect(found.tables.workshop?.[0]).toHaveProperty('labels_address', null);
  });

  it('with a passphrase says nothing without it', async () => {
    const { file } = await made('three old anchors');
    expect(Buffer.from(file, 'base64').includes('Tern')).toBe(false);
    expect(() => gunzipSync(Buffer.from(file, 'base64'))).toThrow();
    const without = await look(file).expect(422);
    expect(without.body.errors[0]).toMatchObject({ field: 'passphrase' });
    const wrong = await look(file, 'three old anchor').expect(422);
    expect(wrong.body.errors[0].message).toContain('not the passphrase');
    await look(file, 'three old anchors').expect(200);
  });

  const head = (changes: object) =>
    gzipSync(
      `${JSON.stringify({ what: 'Ozzet backup', form: 1, migrations: [], ...changes })}\n`,
    ).toString('base64');

  it.each([
    ['a picture', Buffer.from('not a backup at all').toString('base64'), 'not a backup of Ozzet'],
    ['something else packed', gzipSync('{"a":1}\n').toString('base64'), 'not a backup of Ozzet'],
    ['one of a newer form', head({ form: 2 }), 'newer version'],
    ['one of newer tables', head({ migrations: ['999_later.sql'] }), 'newer version'],
    [
      'one with a table that nobody knows',
      gzipSync(
        '{"what":"Ozzet backup","form":1,"migrations":[]}\n{"table":"secrets","row":{}}\n',
      ).toString('base64'),
      'damaged',
    ],
  ])('%s is refused by its field, and nothing is touched', async (_, file, told) => {
    const before = await backedUp(server.db);
    const answer = await server.instructor.post('/api/backups/restore').send({ file });
    expect([answer.status, answer.body.errors[0]]).toEqual([
      422,
      expect.objectContaining({ field: 'file', message: expect.stringContaining(told) }),
    ]);
    expect((await backedUp(server.db)).equals(before)).toBe(true);
  });

  it('that is packed small and unpacks to more than the memory holds stops nobody', async () => {
    // Deeply nested, so that what is read of a line is many times as large as the line.
    const row = `{"table":"kit","row":${'['.repeat(2000)}${']'.repeat(2000)}}\n`;
    const bomb = gzipSync(
      Buffer.from(`{"what":"Ozzet backup","form":1,"migrations":[]}\n${row.repeat(8000)}`),
    );
    const answer = look(bomb.toString('base64'));
    const others = await server.instructor.get('/api/session').expect(200);
    expect(others.body.signedIn).toBe(true);
    const { status, body } = await answer;
    expect([status, body.errors[0].field]).toEqual([422, 'file']);
  });

  it('that lost or changed some bytes is refused, never half restored', {
    timeout: 120_000,
  }, async () => {
    const file = await backedUp(server.db);
    await fc.assert(
      fc.asyncProperty(
        fc.nat(file.length - 1),
        fc.integer({ min: 1, max: 255 }),
        async (at, by) => {
          const broken = Buffer.from(file);
          broken[at] = (broken[at] ?? 0) ^ by;
          const found = await readBackupFile(broken).catch((error: Error) => error);
          // The head of gzip has bytes that mean nothing for the content (RFC 1952: time, system).
          if (at < 10 && !(found instanceof Error)) return;
          expect(found).toBeInstanceOf(Error);
        },
      ),
      { numRuns: cases(300) },
    );
    await expect(readBackupFile(file.subarray(0, file.length - 20))).rejects.toThrow();
  });
});

describe('backups of every day', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'daily-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  it('are one a day, the newest seven kept, readable by their owner only', async () => {
    let now = new Date('2026-03-01T10:00:00Z');
    const daily = new DailyBackups(server.db, folder, () => now);
    for (let day = 0; day < 10; day += 1) {
      await daily.makeIfDue();
      // Looked at again within the day: no second one.
      now = new Date(now.getTime() + 3600_000);
      await daily.makeIfDue();
      now = new Date(now.getTime() + 24 * 3600_000);
    }
    const kept = await daily.kept();
    expect(kept).toHaveLength(7);
    expect(kept[0]?.madeAt).toBe('2026-03-10T19:00:00.000Z');
    expect(kept.map(({ madeAt }) => madeAt)).toEqual(
      kept.map(({ madeAt }) => madeAt).toSorted((a, b) => b.localeCompare(a)),
    );
    const files = readdirSync(join(folder, 'backups'));
    expect(files.filter((name) => name.endsWith('.new'))).toEqual([]);
    for (const name of files) expect(statSync(join(folder, 'backups', name)).mode & 0o077).toBe(0);
    const content = await daily.read(kept[0]?.name ?? '');
    expect((await quicklyReadied(content ?? Buffer.alloc(0))).contents.kits).toBe(1);
  });

  it('wait while a room is at work, and not for a second day', async () => {
    const [last] = await server.db.query<{ at: Date }>('select max(at) as at from build_event');
    const atWork = last?.at.getTime() ?? Number.NaN;
    let now = new Date(atWork - 25 * 3600_000);
    const daily = new DailyBackups(server.db, folder, () => now);
    await daily.makeIfDue();
    now = new Date(atWork + 10 * 60_000);
    await daily.makeIfDue();
    expect(await daily.kept()).toHaveLength(1);
    now = new Date(atWork + 40 * 60_000);
    await daily.makeIfDue();
    expect(await daily.kept()).toHaveLength(2);
    // The last one is older than two days, and the room is at work.
    const other = new DailyBackups(server.db, join(folder, 'other'), () => now);
    now = new Date(atWork - 49 * 3600_000);
    await other.makeIfDue();
    now = new Date(atWork);
    await other.makeIfDue();
    expect(await other.kept()).toHaveLength(2);
  });

  it('are encrypted from when a passphrase is set, until it is taken back', async () => {
    let now = new Date('2026-03-01T10:00:00Z');
    const daily = new DailyBackups(server.db, folder, () => now);
    const next = async () => {
      await daily.makeIfDue();
      now = new Date(now.getTime() + 25 * 3600_000);
      const [newest] = await daily.kept();
      return { newest, file: (await daily.read(newest?.name ?? '')) ?? Buffer.alloc(0) };
    };
    expect((await next()).newest?.isEncrypted).toBe(false);
    await daily.lock.set('three old anchors');
    // Another start of the program knows it too.
    expect(await new DailyBackups(server.db, folder).lock.read()).toEqual(await daily.lock.read());
    const { newest, file } = await next();
    expect(newest?.isEncrypted).toBe(true);
    await expect(quicklyReadied(file)).rejects.toThrow('encrypted');
    const opened = await readied(file, 'three old anchors', () => testDatabase('bare'));
    expect(opened.contents.kits).toBe(1);
    // What is kept for it is neither the passphrase nor for others to read, and in no backup.
    const kept = join(folder, 'backups', 'encrypt-with.json');
    expect(readFileSync(kept, 'utf8')).not.toContain('anchors');
    expect(statSync(kept).mode & 0o077).toBe(0);
    await daily.lock.set(null);
    expect((await next()).newest?.isEncrypted).toBe(false);
    expect((await daily.kept()).map(({ isEncrypted }) => isEncrypted)).toEqual([
      false,
      true,
      false,
    ]);
  });

  it('are not made in the open where what they are encrypted with is damaged', async () => {
    const daily = new DailyBackups(server.db, folder);
    await daily.lock.set('three old anchors');
    writeFileSync(join(folder, 'backups', 'encrypt-with.json'), '{');
    await expect(daily.makeIfDue()).rejects.toThrow();
    expect(await daily.kept()).toEqual([]);
    expect(daily.lock.isSet()).toBe(true);
    await daily.lock.set('three new anchors');
    await daily.makeIfDue();
    expect(await daily.kept()).toMatchObject([{ isEncrypted: true }]);
  });

  it('are locked by the page, which says so and writes it down', async () => {
    const willEncrypt = async () =>
      (await server.instructor.get('/api/backups').expect(200)).body.willEncrypt;
    expect(await willEncrypt()).toBe(false);
    const short = await server.instructor
      .put('/api/backups/passphrase')
      .send({ passphrase: 'short' })
      .expect(422);
    expect(short.body.errors[0].field).toBe('passphrase');
    expect(await willEncrypt()).toBe(false);
    await server.instructor
      .put('/api/backups/passphrase')
      .send({ passphrase: 'three old anchors' })
      .expect(200, { willEncrypt: true });
    expect(await willEncrypt()).toBe(true);
    const { body } = await server.instructor.get('/api/record/latest').expect(200);
    expect(body.entries[0].what).toBe('backup-passphrase-set');
    await server.instructor.put('/api/backups/passphrase').send({ passphrase: null }).expect(200);
    expect(await willEncrypt()).toBe(false);
  });

  it('are read by their own names only', async () => {
    const daily = new DailyBackups(server.db, folder);
    await daily.makeIfDue();
    writeFileSync(join(folder, 'secret'), 'x');
    for (const name of ['../secret', 'secret', '', 'ozzet-20260101-000000.backup']) {
      expect(await daily.read(name)).toBeUndefined();
    }
  });
});
