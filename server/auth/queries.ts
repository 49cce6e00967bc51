import type { Queryable } from '../db/database.ts';
import type { Staff } from './staff.ts';

export async function passphraseHash(db: Queryable): Promise<string | undefined> {
  const [row] = await db.query<{ passphrase_hash: string }>(
    'select passphrase_hash from instructor',
  );
  return row?.passphrase_hash;
}

/** Stores the first passphrase; false where there is one already. */
export async function insertPassphrase(db: Queryable, hash: string): Promise<boolean> {
  const rows = await db.query(
    'insert into instructor (passphrase_hash) values ($1) on conflict do nothing returning only_one',
    [hash],
  );
  return rows.length === 1;
}

export async function insertSession(
  db: Queryable,
  tokenHash: string,
  days: number,
  helperId: string | null,
): Promise<void> {
  await db.query('delete from session where expires_at < now()');
  await db.query(
    `insert into session (token_hash, expires_at, helper_id) values ($1, now() + $2 * interval '1 day', $3)`,
    [tokenHash, days, helperId],
  );
}

export async function selectSession(db: Queryable, tokenHash: string): Promise<Staff | undefined> {
  const [row] = await db.query<{ helper_id: string | null; name: string | null }>(
    `select helper_id, helper.name from session left join helper on helper.id = helper_id
      where token_hash = $1 and expires_at > now() and left_at is null`,
    [tokenHash],
  );
  return (
    row && { helper: row.helper_id === null ? null : { id: row.helper_id, name: row.name ?? '' } }
  );
}

export async function deleteSession(db: Queryable, tokenHash: string): Promise<void> {
  await db.query('delete from session where token_hash = $1', [tokenHash]);
}
