import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { packedAs } from '../testing/testDatabase.ts';
import { type Database, openDatabase } from './database.ts';

let folder: string;
let db: Database;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'ozzet-'));
  db = await openDatabase(join(folder, 'postgres'), { packed: await packedAs('bare') });
  await db.script(
    'create table shelf (place int primary key, label text, since timestamptz, weighs float8, tags text[], facts jsonb)',
  );
});
afterAll(async () => {
  await db.close();
  rmSync(folder, { recursive: true, force: true });
});

const insert =
  'insert into shelf (place, label) values ($1, $2) on conflict (place) do nothing returning place, label';
const labels = async () =>
  (await db.query<{ label: string }>('select label from shelf order by place')).map(
    ({ label }) => label,
  );

describe('a statement that stays prepared', () => {
  it('writes and reads every value as one that does not', async () => {
    const text = fc.option(fc.string({ unit: 'grapheme' }).filter((one) => !one.includes('\0')));
    await fc.assert(
      fc.asyncProperty(
        text,
        fc.option(fc.date({ min: new Date(0), max: new Date('2099-01-01'), noInvalidDate: true })),
        fc.option(fc.double({ noNaN: true, noDefaultInfinity: true })),
        fc.option(fc.array(fc.string({ unit: 'grapheme-ascii' }))),
        fc.option(fc.record({ kind: fc.string({ unit: 'grapheme-ascii' }), count: fc.integer() })),
        async (label, since, weighs, tags, facts) => {
          const sql =
            'select $1::text as label, $2::timestamptz as since, $3::float8 as weighs, $4::text[] as tags, $5::jsonb as facts';
          const params = [label, since, weighs, tags, facts && JSON.stringify(facts)];
          expect(await db.queryOften(sql, params)).toEqual(await db.query(sql, params));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('returns its rows each time, and none where nothing was done', async () => {
    expect(await db.queryOften(insert, [1, 'left'])).toEqual([{ place: 1, label: 'left' }]);
    expect(await db.queryOften(insert, [2, 'right'])).toEqual([{ place: 2, label: 'right' }]);
    expect(await db.queryOften(insert, [1, 'again'])).toEqual([]);
    expect(await labels()).toEqual(['left', 'right']);
  });

  it('fails with what the database says, and works the next time', async () => {
    await expect(db.queryOften(insert, ['no number', 'x'])).rejects.toThrow(/integer/);
    await expect(db.queryOften('select missing from shelf', [])).rejects.toThrow(/missing/);
    expect(await db.queryOften(insert, [3, 'top'])).toEqual([{ place: 3, label: 'top' }]);
    expect(await db.query('select 1 as one')).toEqual([{ one: 1 }]);
  });

  it('waits for a transaction that is under way, and is no part of it', async () => {
    let outside: Promise<unknown> = Promise.resolve();
    const undone = db.transaction(async (tx) => {
      await tx.query('insert into shelf (place, label) values (10, $1)', ['within']);
      outside = db.queryOften(insert, [11, 'outside']);
      throw new Error('called off');
    });
    await expect(undone).rejects.toThrow('called off');
    await outside;
    expect(await labels()).toEqual(['left', 'right', 'top', 'outside']);
  });

  it('is undone with the transaction that it is a part of', async () => {
    const undone = db.transaction(async (tx) => {
      await tx.queryOften(insert, [20, 'within']);
      expect(await tx.query('select place from shelf where place = 20')).toHaveLength(1);
      throw new Error('called off');
    });
    await expect(undone).rejects.toThrow('called off');
    expect(await labels()).not.toContain('within');
  });

  it('outlives a table that got another column', async () => {
    await db.script('alter table shelf add column colour text');
    expect(await db.queryOften(insert, [4, 'bottom'])).toEqual([{ place: 4, label: 'bottom' }]);
  });
});
