import type { Helper } from '#contract/helpers';
import type { Queryable } from '../db/database.ts';

export const selectHelpers = (db: Queryable): Promise<Helper[]> =>
  db.query<Helper>('select id, name from helper where left_at is null order by lower(name)');

export async function selectHelperByName(
  db: Queryable,
  name: string,
): Promise<(Helper & { readonly passphraseHash: string }) | undefined> {
  const [row] = await db.query<{ id: string; name: string; passphrase_hash: string }>(
    'select id, name, passphrase_hash from helper where left_at is null and lower(name) = lower($1)',
    [name],
  );
  return row && { id: row.id, name: row.name, passphraseHash: row.passphrase_hash };
}

/** @returns false where another helper has the name already */
export async function insertHelper(
  db: Queryable,
  { id, name }: Helper,
  passphraseHash: string,
): Promise<boolean> {
  const rows = await db.query(
    `insert into helper (id, name, passphrase_hash) values ($1, $2, $3)
     on conflict do nothing returning id`,
    [id, name, passphraseHash],
  );
  return rows.length === 1;
}

/** Marks a helper as gone and ends the sessions; false where there is no such helper. */
export async function endHelper(tx: Queryable, id: string): Promise<boolean> {
  await tx.query('delete from session where helper_id = $1', [id]);
  const rows = await tx.query(
    'update helper set left_at = now() where id = $1 and left_at is null returning id',
    [id],
  );
  return rows.length === 1;
}
