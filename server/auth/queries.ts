import type { OpenSession } from '#contract/session';
import type { Queryable } from '../db/database.ts';
import type { Staff } from './staff.ts';

/** What has not ended by itself. */
const isAlive = `expires_at > now() and seen_at > now() - $1 * interval '1 hour' and left_at is null`;

export async function insertSession(
  db: Queryable,
  session: {
    readonly tokenHash: string;
    readonly days: number;
    readonly accountId: string;
    readonly device: string;
  },
): Promise<void> {
  await db.query('delete from session where expires_at < now()');
  await db.query(
    `insert into session (token_hash, expires_at, account_id, device) values ($1, now() + $2 * interval '1 day', $3, $4)`,
    [session.tokenHash, session.days, session.accountId, session.device],
  );
}

/** Who it is, and notes that they are still there. */
export async function selectSession(
  db: Queryable,
  tokenHash: string,
  idleHours: number,
): Promise<Staff | undefined> {
  const [row] = await db.query<Omit<Staff, 'logsAs'> & { only: boolean; late: boolean }>(
    `select session.id as "sessionId", account.id as "accountId", role, name,
            role = 'instructor' and (select count(*) from account where role = 'instructor' and left_at is null) < 2 as only,
            seen_at < now() - interval '1 minute' as late
       from session join account on account.id = account_id
      where token_hash = $2 and ${isAlive}`,
    [idleHours, tokenHash],
  );
  if (!row) return undefined;
  const { only, late, ...staff } = row;
  if (late) await db.query('update session set seen_at = now() where token_hash = $1', [tokenHash]);
  return { ...staff, logsAs: only ? undefined : staff.name };
}

/** The latest seen first. */
export async function selectSessions(
  db: Queryable,
  idleHours: number,
): Promise<(Omit<OpenSession, 'isThis'> & { readonly accountId: string })[]> {
  const rows = await db.query<{
    id: string;
    account_id: string;
    name: string;
    role: OpenSession['role'];
    device: string;
    opened_at: Date;
    seen_at: Date;
  }>(
    `select session.id, account_id, name, role, device, opened_at, seen_at
       from session join account on account.id = account_id
      where ${isAlive} order by seen_at desc`,
    [idleHours],
  );
  return rows.map(({ account_id: accountId, opened_at, seen_at, ...row }) => ({
    ...row,
    accountId,
    openedAt: opened_at.toISOString(),
    seenAt: seen_at.toISOString(),
  }));
}

export async function deleteSession(db: Queryable, tokenHash: string): Promise<void> {
  await db.query('delete from session where token_hash = $1', [tokenHash]);
}

/** @returns the ids of those that are gone */
export async function deleteSessions(
  db: Queryable,
  accountId: string,
  but: string | null,
): Promise<string[]> {
  const rows = await db.query<{ id: string }>(
    'delete from session where account_id = $1 and id is distinct from $2::uuid returning id',
    [accountId, but],
  );
  return rows.map(({ id }) => id);
}

export async function deleteSessionById(db: Queryable, id: string): Promise<void> {
  await db.query('delete from session where id = $1', [id]);
}
