import { createHash, randomBytes } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import { idleHours } from '#contract/session';
import { said } from '#core/learning/said';
import type { Database } from '../db/database.ts';
import { Refusal } from '../http/refusal.ts';
import { deviceOf } from './deviceOf.ts';
import { deleteSession, insertSession, selectSession } from './queries.ts';
import type { Staff } from './staff.ts';

/** Who sent a request that `Sessions.required` has let pass. */
export const staffOf = (response: Response): Staff => response.locals.staff as Staff;

export const isInstructor = (response: Response): boolean =>
  staffOf(response).role === 'instructor';

/** Over TLS the name itself binds the cookie to this host, the whole site and TLS (RFC 6265bis, 4.1.3.2). */
const cookieNames = { encrypted: '__Host-ozzet_session', plain: 'ozzet_session' } as const;
const cookieNameOf = ({ secure }: Request) => cookieNames[secure ? 'encrypted' : 'plain'];
const sessionDays = 30;

/**
 * Sessions of instructors and helpers: a random token in an HttpOnly, SameSite=Strict cookie, kept as a hash. One ends
 * after thirty days, and when nobody has used it for some hours.
 */
export class Sessions {
  readonly #db: Database;

  constructor(db: Database) {
    this.#db = db;
  }

  async open(request: Request, response: Response, accountId: string): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    await insertSession(this.#db, {
      tokenHash: hashedToken(token),
      days: sessionDays,
      accountId,
      device: deviceOf(request.headers['user-agent']),
    });
    response.cookie(cookieNameOf(request), token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      path: '/',
      maxAge: sessionDays * 24 * 3600 * 1000,
    });
  }

  async close(request: Request, response: Response): Promise<void> {
    const token = tokenOf(request);
    if (token) await deleteSession(this.#db, hashedToken(token));
    response.clearCookie(cookieNameOf(request), {
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      path: '/',
    });
  }

  /** @returns undefined where nobody is signed in */
  async staff(request: Request): Promise<Staff | undefined> {
    const token = tokenOf(request);
    return token === undefined ? undefined : selectSession(this.#db, hashedToken(token), idleHours);
  }

  /** Lets only those pass who are signed in. */
  readonly required: RequestHandler = async (request, response, next) => {
    const staff = await this.staff(request);
    if (!staff) {
      throw new Refusal(
        401,
        said('refusals.auth.signInFirst'),
        said('refusals.auth.youAreNotSignedInOrYour'),
      );
    }
    response.locals.staff = staff;
    return next();
  };
}

/** What the streams of somebody who is signed in are known by: those of one session, and those of all of them. */
export const sessionOwner = (sessionId: string) => `session:${sessionId}`;
export const accountOwner = (accountId: string) => `account:${accountId}`;
export const ownersOf = ({ sessionId, accountId }: Staff) => [
  sessionOwner(sessionId),
  accountOwner(accountId),
];

export const hashedToken = (token: string) =>
  createHash('sha256').update(token).digest('base64url');

/** The session's token as it is kept; undefined where none was sent. */
export const tokenHashOf = (request: Request): string | undefined => {
  const token = tokenOf(request);
  return token === undefined ? undefined : hashedToken(token);
};

function tokenOf(request: Request): string | undefined {
  const cookies = (request.headers.cookie ?? '').split(';').map((pair) => pair.trim().split('='));
  return cookies.find(([name]) => name === cookieNameOf(request))?.[1];
}
