import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite, type Transaction } from '@electric-sql/pglite';
import { type OnSync, SyncedFiles, startParams, syncAll } from './syncedFiles.ts';

/** What a query may run on: the database itself or a transaction under way. */
export interface Queryable {
  /** Runs one statement with $1, $2 … and returns its rows. */
  query<Row>(sql: string, params?: readonly unknown[]): Promise<Row[]>;
}

export interface Database extends Queryable {
  /** Runs all of `work` or nothing of it. */
  transaction<Result>(work: (tx: Queryable) => Promise<Result>): Promise<Result>;
  /** Runs a script of several statements, outside a transaction of its own. */
  script(tx: string): Promise<void>;
  close(): Promise<void>;
}

/**
 * Opens the embedded PostgreSQL in a folder, or in memory.
 *
 * @param folder where the data is kept; undefined keeps it in memory only, for tests
 * @param onSync is told of every file that reaches the disk
 */
export async function openDatabase(folder?: string, onSync?: OnSync): Promise<Database> {
  if (folder === undefined) return asDatabase(await PGlite.create());
  const isNew = !existsSync(join(folder, 'PG_VERSION'));
  const fs = new SyncedFiles(folder, onSync);
  const db = durable(asDatabase(await PGlite.create({ fs, startParams })), fs);
  // What a new database is made of was written without asking for any sync.
  if (isNew) await syncAll(folder);
  return db;
}

/** The same, but nothing is answered before it is on the disk. */
function durable(db: Database, files: SyncedFiles): Database {
  const settled = async <Result>(work: Promise<Result>): Promise<Result> => {
    const result = await work;
    await files.settled();
    return result;
  };
  return {
    query: (sql, params) => settled(db.query(sql, params)),
    transaction: (work) => settled(db.transaction(work)),
    script: (sql) => settled(db.script(sql)),
    close: db.close,
  };
}

/** A database in memory as another one was when it was packed; see `openToPack`. */
export const openPacked = async (data: Blob): Promise<Database> =>
  asDatabase(await PGlite.create({ loadDataDir: data }));

/** A database in memory that can be packed into a file: opening that costs a fraction of making it. */
export async function openToPack(): Promise<Database & { readonly pack: () => Promise<Blob> }> {
  const pglite = await PGlite.create();
  return { ...asDatabase(pglite), pack: () => pglite.dumpDataDir('none') };
}

function asDatabase(pglite: PGlite): Database {
  return {
    query: (sql, params) => rows(pglite, sql, params),
    transaction: (work) =>
      pglite.transaction((tx) => work({ query: (sql, params) => rows(tx, sql, params) })),
    script: async (sql) => {
      await pglite.exec(sql);
    },
    close: () => pglite.close(),
  };
}

async function rows<Row>(
  on: PGlite | Transaction,
  sql: string,
  params: readonly unknown[] = [],
): Promise<Row[]> {
  return (await on.query<Row>(sql, [...params])).rows;
}
