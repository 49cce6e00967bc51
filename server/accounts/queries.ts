import type { Account } from '#contract/accounts';
import type { Role } from '#contract/roles';
import type { Queryable } from '../db/database.ts';

/** One who may sign in, with what the passphrase is matched against. */
export interface KeyHolder extends Account {
  readonly passphraseHash: string;
}

/** Who may sign in, instructors first. */
export const selectAccounts = (db: Queryable): Promise<Account[]> =>
  db.query<Account>(
    `select id, role, name from account where left_at is null order by role desc, lower(name)`,
  );

export async function countInstructors(db: Queryable): Promise<number> {
  const [row] = await db.query<{ count: number }>(
    `select count(*)::int as count from account where role = 'instructor' and left_at is null`,
  );
  return row?.count ?? 0;
}

const selectKeyHolders = `select id, role, name, passphrase_hash as "passphraseHash" from account where left_at is null`;

export async function selectAccountByName(
  db: Queryable,
  name: string,
): Promise<KeyHolder | undefined> {
  const [row] = await db.query<KeyHolder>(`${selectKeyHolders} and lower(name) = lower($1)`, [
    name,
  ]);
  return row;
}

export async function selectAccount(db: Queryable, id: string): Promise<KeyHolder | undefined> {
  const [row] = await db.query<KeyHolder>(`${selectKeyHolders} and id = $1`, [id]);
  return row;
}

/** The instructor where there is one only; undefined where there is none, or several. */
export async function selectOnlyInstructor(db: Queryable): Promise<KeyHolder | undefined> {
  const rows = await db.query<KeyHolder>(`${selectKeyHolders} and role = 'instructor' limit 2`);
  return rows.length === 1 ? rows[0] : undefined;
}

/** @returns false where somebody else has the name already */
export async function insertAccount(
  db: Queryable,
  { id, role, name }: Account,
  passphraseHash: string,
): Promise<boolean> {
  const rows = await db.query(
    `insert into account (id, role, name, passphrase_hash) values ($1, $2, $3, $4)
     on conflict do nothing returning id`,
    [id, role, name, passphraseHash],
  );
  return rows.length === 1;
}

/** Stores the first instructor; false where there is one already. */
export async function insertFirstInstructor(
  db: Queryable,
  { id, name }: { readonly id: string; readonly name: string },
  passphraseHash: string,
): Promise<boolean> {
  const rows = await db.query(
    `insert into account (id, role, name, passphrase_hash)
     select $1::uuid, 'instructor', $2::text, $3::text where not exists (select 1 from account where role = 'instructor')
     returning id`,
    [id, name, passphraseHash],
  );
  return rows.length === 1;
}

/** @returns false where somebody else has the name already */
export async function updateName(db: Queryable, id: string, name: string): Promise<boolean> {
  const rows = await db.query(
    `update account set name = $2 where id = $1
        and not exists (select 1 from account other where other.id <> $1 and left_at is null and lower(other.name) = lower($2))
     returning id`,
    [id, name],
  );
  return rows.length === 1;
}

export async function updatePassphrase(
  db: Queryable,
  id: string,
  passphraseHash: string,
): Promise<void> {
  await db.query('update account set passphrase_hash = $2 where id = $1', [id, passphraseHash]);
}

/** Marks somebody as gone and ends the sessions; false where there is nobody, or the role is another. */
export async function endAccount(tx: Queryable, id: string, role: Role): Promise<boolean> {
  const rows = await tx.query(
    'update account set left_at = now() where id = $1 and role = $2 and left_at is null returning id',
    [id, role],
  );
  if (rows.length === 1) await tx.query('delete from session where account_id = $1', [id]);
  return rows.length === 1;
}
