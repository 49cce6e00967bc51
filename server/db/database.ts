import { existsSync } from 'node:fs';
import { rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { PGlite, type Transaction } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import { PreparedStatements } from './preparedStatements.ts';
import { type OnSync, SyncedFiles, startParams, syncAll } from './syncedFiles.ts';

/** What a query may run on: the database itself or a transaction under way. */
export interface Queryable {
  /** Runs one statement with $1, $2 … and returns its rows. */
  query<Row>(sql: string, params?: readonly unknown[]): Promise<Row[]>;
  /** The same for what every tap of a finger asks: the statement stays prepared as long as the database is open. */
  queryOften<Row>(sql: string, params: readonly unknown[]): Promise<Row[]>;
}

export interface Database extends Queryable {
  /** Runs all of `work` or nothing of it. */
  transaction<Result>(work: (tx: Queryable) => Promise<Result>): Promise<Result>;
  /** Runs a script of several statements, outside a transaction of its own. */
  script(tx: string): Promise<void>;
  close(): Promise<void>;
}

export interface OpenOptions {
  /** A new database, packed: where the folder holds none, opening this takes a fraction of making one. */
  readonly packed?: Blob;
  /** Is told of every file that reaches the disk. */
  readonly onSync?: OnSync;
}

/** Opens the embedded PostgreSQL in a folder; made where there is none, whole or not at all. */
export async function openDatabase(
  folder: string,
  { packed, onSync }: OpenOptions = {},
): Promise<Database> {
  if (!existsSync(join(folder, 'PG_VERSION'))) await makeDatabase(folder, packed);
  const fs = new SyncedFiles(folder, onSync);
  return durable(asDatabase(await PGlite.create({ fs, startParams })), fs);
}

/** In a folder of another name: one that was left half-made is never taken for a database. */
async function makeDatabase(folder: string, packed: Blob | undefined): Promise<void> {
  const unfinished = `${folder}.unfinished`;
  await rm(unfinished, { recursive: true, force: true });
  const loadDataDir = packed ? { loadDataDir: packed } : {};
  await (await PGlite.create({ fs: new NodeFS(unfinished), ...loadDataDir })).close();
  // What a new database is made of was written without asking for any sync.
  await syncAll(unfinished);
  await rename(unfinished, folder);
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
    queryOften: (sql, params) => settled(db.queryOften(sql, params)),
    transaction: (work) => settled(db.transaction(work)),
    script: (sql) => settled(db.script(sql)),
    close: db.close,
  };
}

/** A database in memory as another one was when it was packed; see `openToPack`. */
export const openPacked = async (data: Blob): Promise<Database> =>
  asDatabase(await PGlite.create({ loadDataDir: data }));

/** A database in memory that can be packed into a file: opening that costs a fraction of making it. */
export async function openToPack(): Promise<
  Database & { readonly pack: (by: 'none' | 'gzip') => Promise<Blob> }
> {
  const pglite = await PGlite.create();
  return { ...asDatabase(pglite), pack: (by) => pglite.dumpDataDir(by) };
}

function asDatabase(pglite: PGlite): Database {
  const prepared = new PreparedStatements(pglite);
  return {
    query: (sql, params) => rows(pglite, sql, params),
    queryOften: (sql, params) => prepared.run(sql, params),
    transaction: (work) =>
      pglite.transaction((tx) =>
        work({
          query: (sql, params) => rows(tx, sql, params),
          queryOften: (sql, params) => prepared.runWithin(sql, params),
        }),
      ),
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
