import { createHash, randomBytes } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import type { Database } from '../db/database.ts';
import { Refusal } from '../http/refusal.ts';
import { deleteSession, insertSession, sessionExists } from './queries.ts';

const cookieName = 'ozzet_session';
const sessionDays = 30;

/** Instructor sessions: a random token in an HttpOnly, SameSite=Strict cookie, kept as a hash. */
export class Sessions {
  readonly #db: Database;

  constructor(db: Database) {
    this.#db = db;
  }

  async open(request: Request, response: Response): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    await insertSession(this.#db, hashed(token), sessionDays);
    response.cookie(cookieName, token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      path: '/',
      maxAge: sessionDays * 24 * 3600 * 1000,
    });
  }

  async close(request: Request, response: Response): Promise<void> {
    const token = tokenOf(request);
    if (token) await deleteSession(this.#db, hashed(token));
    response.clearCookie(cookieName, { httpOnly: true, sameSite: 'strict', path: '/' });
  }

  async isOpen(request: Request): Promise<boolean> {
    const token = tokenOf(request);
    return token !== undefined && (await sessionExists(this.#db, hashed(token)));
  }

  /** Lets only the signed-in instructor pass. */
  readonly required: RequestHandler = async (request, _response, next) => {
    if (await this.isOpen(request)) return next();
    throw new Refusal(
      401,
      'Sign in first',
      'You are not signed in, or your session has ended. Sign in and try again.',
    );
  };
}

const hashed = (token: string) => createHash('sha256').update(token).digest('base64url');

function tokenOf(request: Request): string | undefined {
  const cookies = (request.headers.cookie ?? '').split(';').map((pair) => pair.trim().split('='));
  return cookies.find(([name]) => name === cookieName)?.[1];
}
