import { PGlite, type Transaction } from '@electric-sql/pglite';

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
 */
export const openDatabase = async (folder?: string): Promise<Database> =>
  asDatabase(await PGlite.create(folder));

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
