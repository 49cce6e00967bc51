import { createHash, randomBytes } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import type { Database } from '../db/database.ts';
import { Refusal } from '../http/refusal.ts';
import { deleteSession, insertSession, selectSession } from './queries.ts';
import type { Staff } from './staff.ts';

/** Who sent a request that `Sessions.required` has let pass. */
export const staffOf = (response: Response): SignedIn => response.locals.staff as SignedIn;

/** Staff, and whose their streams are. */
interface SignedIn extends Staff {
  readonly owners: readonly string[];
}

/** Over TLS the name itself binds the cookie to this host, the whole site and TLS (RFC 6265bis, 4.1.3.2). */
const cookieNames = { encrypted: '__Host-ozzet_session', plain: 'ozzet_session' } as const;
const cookieNameOf = ({ secure }: Request) => cookieNames[secure ? 'encrypted' : 'plain'];
const sessionDays = 30;

/** Sessions of the instructor and the helpers: a random token in an HttpOnly, SameSite=Strict cookie, kept as a hash. */
export class Sessions {
  readonly #db: Database;

  constructor(db: Database) {
    this.#db = db;
  }

  /** @param helperId null for the instructor */
  async open(request: Request, response: Response, helperId: string | null): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    await insertSession(this.#db, hashedToken(token), sessionDays, helperId);
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
    return token === undefined ? undefined : selectSession(this.#db, hashedToken(token));
  }

  /** What streams of this session are known by; undefined where there is none. */
  ownerOf(request: Request): string | undefined {
    const token = tokenOf(request);
    return token === undefined ? undefined : `session:${hashedToken(token)}`;
  }

  /** Lets only those pass who are signed in. */
  readonly required: RequestHandler = async (request, response, next) => {
    const staff = await this.staff(request);
    if (staff) {
      const owners = [
        this.ownerOf(request) ?? '',
        ...(staff.helper ? [helperOwner(staff.helper.id)] : []),
      ];
      response.locals.staff = { ...staff, owners };
      return next();
    }
    throw new Refusal(
      401,
      'Sign in first',
      'You are not signed in, or your session has ended. Sign in and try again.',
    );
  };
}

/** What streams of a helper are known by, in whichever session. */
export const helperOwner = (helperId: string) => `helper:${helperId}`;

export const hashedToken = (token: string) =>
  createHash('sha256').update(token).digest('base64url');

function tokenOf(request: Request): string | undefined {
  const cookies = (request.headers.cookie ?? '').split(';').map((pair) => pair.trim().split('='));
  return cookies.find(([name]) => name === cookieNameOf(request))?.[1];
}
