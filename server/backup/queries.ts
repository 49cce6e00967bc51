import type { BackupContents } from '#contract/backup';
import type { Queryable } from '../db/database.ts';
import type { BackupData } from './format.ts';

/** Who is signed in is nothing to bring back; what has been migrated is told apart. */
const leftOut = ['session', 'migration'];

interface Table {
  readonly name: string;
  /** Those that hold something of their own. */
  readonly columns: readonly string[];
  /** The column that counts by itself. */
  readonly counted: string | null;
}

/** Every table as it is now. */
async function selectTables(db: Queryable): Promise<Table[]> {
  const rows = await db.query<{ name: string; columns: string[]; counted: string | null }>(
    `select table_name as name,
            json_agg(column_name order by ordinal_position) filter (where is_generated = 'NEVER') as columns,
            max(column_name) filter (where column_default like 'nextval(%') as counted
       from information_schema.columns
       join information_schema.tables using (table_schema, table_name)
      where table_schema = 'public' and table_type = 'BASE TABLE'
      group by table_name order by table_name`,
  );
  return rows.filter(({ name }) => !leftOut.includes(name));
}

/** All rows of all tables; the same data comes in the same order. */
export async function selectEverything(db: Queryable): Promise<BackupData['tables']> {
  const tables: Record<string, readonly object[]> = {};
  for (const { name, columns } of await selectTables(db)) {
    const rows = await db.query<{ row: object }>(
      `select row from (select to_jsonb(own) as row from (select ${columns.map(quoted).join(', ')} from ${quoted(name)}) own) all_rows
        order by row::text collate "C"`,
    );
    tables[name] = rows.map(({ row }) => row);
  }
  return tables;
}

const rowsAtOnce = 500;

/**
 * Puts rows in place of all that is there, inside one transaction. Neither references nor the triggers that keep the
 * logs append-only look at it: the rows satisfied them where they come from.
 *
 * @param keepSession the hash of the token of whoever asks for it: they stay signed in, as the first instructor of those
 * who are in the rows; everybody else signs in anew
 * @throws Error where a table or a column is not known
 */
export async function replaceEverything(
  tx: Queryable,
  tables: BackupData['tables'],
  keepSession?: string,
): Promise<void> {
  const known = await selectTables(tx);
  const stranger = Object.keys(tables).find((name) => !known.some((one) => one.name === name));
  if (stranger !== undefined) throw new Error(`there is no table ${stranger}`);
  await tx.query(`set local session_replication_role = 'replica'`);
  // Not truncated: that would take the sessions along, by their reference to accounts.
  for (const { name } of known) await tx.query(`delete from ${quoted(name)}`);
  for (const { name, columns, counted } of known) {
    const rows = tables[name] ?? [];
    const list = columns.map(quoted).join(', ');
    for (let at = 0; at < rows.length; at += rowsAtOnce) {
      await tx.query(
        `insert into ${quoted(name)} (${list}) overriding system value
         select ${list} from jsonb_populate_recordset(null::${quoted(name)}, $1::jsonb)`,
        [JSON.stringify(rows.slice(at, at + rowsAtOnce))],
      );
    }
    if (counted) {
      await tx.query(
        `select setval(pg_get_serial_sequence($1, $2), coalesce(max(${quoted(counted)}), 1), count(*) > 0) from ${quoted(name)}`,
        [name, counted],
      );
    }
  }
  await tx.query('delete from session where token_hash is distinct from $1::text', [
    keepSession ?? null,
  ]);
  await tx.query(
    `update session set account_id = first.id
       from (select id from account where role = 'instructor' and left_at is null order by created_at limit 1) first`,
  );
  await tx.query('delete from session where account_id not in (select id from account)');
}

export async function selectContents(db: Queryable): Promise<BackupContents> {
  const [row] = await db.query<Omit<BackupContents, 'latestEntryAt'> & { latest: Date | null }>(
    `select (select count(*)::int from kit) as kits,
            (select count(*)::int from workshop) as workshops,
            (select count(*)::int from learner) as people,
            (select count(*)::int from build_event) as entries,
            (select count(*)::int from stock_item) as drawers,
            (select max(at) from build_event) as latest`,
  );
  if (!row) throw new Error('no row of counts');
  const { latest, ...counts } = row;
  return { ...counts, latestEntryAt: latest?.toISOString() ?? null };
}

/** A name of ours, as an identifier. */
const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;
