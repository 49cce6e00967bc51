import type { Queryable } from './database.ts';

export const migrationTable = `
  create table if not exists migration (
    name text primary key,
    applied_at timestamptz not null default now()
  )`;

export async function appliedMigrations(db: Queryable): Promise<string[]> {
  const rows = await db.query<{ name: string }>('select name from migration');
  return rows.map(({ name }) => name);
}

/** The statement that ends a migration's script; the name is that of a file of ours. */
export const recordMigration = (name: string) =>
  `insert into migration (name) values ('${name.replaceAll("'", "''")}')`;

/**
 * Reads a column of every row of every table that only the rows themselves have: a page whose checksum does not fit is
 * an error.
 */
export async function readAllTables(db: Queryable): Promise<void> {
  const tables = await db.query<{ name: string }>(
    `select quote_ident(tablename) as name from pg_tables where schemaname = 'public'`,
  );
  for (const { name } of tables) await db.query(`select count(xmin) from ${name}`);
}
