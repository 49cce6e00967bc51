import type { Queryable } from '../db/database.ts';

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

export async function insertSession(db: Queryable, tokenHash: string, days: number): Promise<void> {
  await db.query('delete from session where expires_at < now()');
  await db.query(
    `insert into session (token_hash, expires_at) values ($1, now() + $2 * interval '1 day')`,
    [tokenHash, days],
  );
}

export async function sessionExists(db: Queryable, tokenHash: string): Promise<boolean> {
  const rows = await db.query(
    'select 1 from session where token_hash = $1 and expires_at > now()',
    [tokenHash],
  );
  return rows.length === 1;
}

export async function deleteSession(db: Queryable, tokenHash: string): Promise<void> {
  await db.query('delete from session where token_hash = $1', [tokenHash]);
}
