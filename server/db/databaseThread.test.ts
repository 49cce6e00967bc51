import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { packedAs } from '../testing/testDatabase.ts';
import type { Database } from './database.ts';
import { openInThread } from './databaseThread.ts';

let db: Database;
beforeEach(async () => {
  db = await openInThread(await packedAs('bare'));
  await db.script('create table shelf (place int primary key, since timestamptz)');
});
afterEach(() => db.close());

describe('a database in a thread of its own', () => {
  it('keeps rows, with their times, and says what is wrong with a statement', async () => {
    const since = new Date('2026-03-05T18:40:00Z');
    await db.query('insert into shelf values ($1, $2)', [1, since]);
    expect(await db.query('select * from shelf')).toEqual([{ place: 1, since }]);
    await expect(db.query('select missing from shelf')).rejects.toThrow('missing');
    expect(await db.queryOften('select place from shelf where place = $1', [1])).toHaveLength(1);
  });

  it('does all of a transaction or nothing, and lets nobody between', async () => {
    const failing = db.transaction(async (tx) => {
      await tx.query('insert into shelf (place) values (2)');
      throw new Error('called off');
    });
    const meanwhile = db.query('insert into shelf (place) values (3)');
    await expect(failing).rejects.toThrow('called off');
    await meanwhile;
    expect(await db.query('select place from shelf')).toEqual([{ place: 3 }]);
  });

  it('lets others go on while it works', async () => {
    let turns = 0;
    let isWorking = true;
    const others = (async () => {
      while (isWorking) {
        await new Promise(setImmediate);
        turns += 1;
      }
    })();
    await db.query('select count(*) from generate_series(1, 2000000)');
    isWorking = false;
    await others;
    // In the same thread nobody would have had a turn before the answer.
    expect(turns).toBeGreaterThan(10);
  });

  it('that was closed answers nobody, and keeps nobody waiting', async () => {
    const asked = db.query('select count(*) from generate_series(1, 200000000)');
    await db.close();
    await expect(asked).rejects.toThrow('ended');
  });
});
