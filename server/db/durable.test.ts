import {
  copyFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { packedAs } from '../testing/testDatabase.ts';
import { openDatabase } from './database.ts';

/**
 * A power cut, as nearly as it can be had without pulling a plug: a second folder gets each file as it was when it was
 * synced last, and nothing else. Whoever starts from there starts from what a disk would still have.
 */
let folder: string;
let live: string;
let disk: string;
/** A database with a table, closed: making one takes longer than what is tested. */
let made: string;
beforeAll(async () => {
  made = mkdtempSync(join(tmpdir(), 'power-made-'));
  const db = await openDatabase(join(made, 'db'), { packed: await packedAs('bare') });
  await db.script('create table note (n integer primary key, text text)');
  await db.close();
}, 120_000);
afterAll(() => rmSync(made, { recursive: true, force: true }));
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'power-'));
  live = join(folder, 'live');
  disk = join(folder, 'disk');
  cpSync(join(made, 'db'), live, { recursive: true });
  cpSync(live, disk, { recursive: true });
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const synced: string[] = [];
const onSync = (path: string) => {
  synced.push(relative(live, path));
  const copy = join(disk, relative(live, path));
  if (!existsSync(path) || readdirSyncOrNone(path)) return;
  mkdirSync(dirname(copy), { recursive: true });
  copyFileSync(path, copy);
};
const readdirSyncOrNone = (path: string) => {
  try {
    return readdirSync(path) !== undefined;
  } catch {
    return false;
  }
};

describe('a power cut', () => {
  it('costs nothing that was acknowledged', { timeout: 120_000 }, async () => {
    synced.length = 0;
    const db = await openDatabase(live, { onSync });
    expect(await db.query('show fsync')).toEqual([{ fsync: 'on' }]);
    const insert = (n: number) =>
      db.query('insert into note values ($1, $2)', [n, `note ${n} ${'x'.repeat(200)}`]);
    for (let n = 0; n < 40; n += 1) await insert(n);
    // In the middle of it the pages themselves are written.
    await db.query('checkpoint');
    for (let n = 40; n < 60; n += 1) await insert(n);
    await db.transaction(async (tx) => {
      await tx.query('insert into note values (60, $1)', ['whole']);
      await tx.query('insert into note values (61, $1)', ['whole']);
    });
    // The power goes: the program is not asked to close anything.
    const after = join(folder, 'after');
    cpSync(disk, after, { recursive: true });
    const again = await openDatabase(after);
    const [{ count } = { count: 0 }] = await again.query<{ count: number }>(
      'select count(*)::int as count from note',
    );
    expect(count).toBe(62);
    await again.close();
    await db.close();
  });

  it('finds on the disk what several did in the same moment, by fewer syncs than there were', async () => {
    const db = await openDatabase(live, { onSync });
    synced.length = 0;
    await Promise.all(
      Array.from({ length: 40 }, (_, n) => db.query('insert into note values ($1)', [n])),
    );
    const ofLog = synced.filter((path) => path.startsWith('pg_wal'));
    expect(ofLog.length).toBeGreaterThan(0);
    expect(ofLog.length).toBeLessThan(20);
    // What only reads waits for no disk.
    synced.length = 0;
    await db.query('select * from note');
    expect(synced).toEqual([]);
    await db.close();
  });
});
