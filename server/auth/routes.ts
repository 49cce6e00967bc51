import { createHash, timingSafeEqual } from 'node:crypto';
import type { Request } from 'express';
import { getSession, setUp, signIn, signOut } from '#contract/session';
import type { Database } from '../db/database.ts';
import type { OpenStreams } from '../events/openStreams.ts';
import { selectHelperByName } from '../helpers/queries.ts';
import type { Api } from '../http/api.ts';
import { cameBy } from '../http/cameBy.ts';
import { forbidden, invalid } from '../http/refusal.ts';
import { hashPassphrase, nobodysHash, passphraseMatches } from './passphrase.ts';
import { insertPassphrase, passphraseHash } from './queries.ts';
import type { Sessions } from './sessions.ts';

const asInstructor = { signedIn: true, helper: null, needsSetup: false, needsCode: false };

export interface AuthDependencies {
  readonly sessions: Sessions;
  /** End with the session. */
  readonly streams: OpenStreams;
  readonly setupCode: string | undefined;
}

/** Signing in and out, and choosing the passphrase on first use. */
export function authRoutes(
  api: Api,
  db: Database,
  { sessions, streams, setupCode }: AuthDependencies,
): void {
  api.serve(getSession, async ({ request }) => {
    const staff = await sessions.staff(request);
    const needsSetup = (await passphraseHash(db)) === undefined;
    return {
      signedIn: staff !== undefined,
      helper: staff?.helper?.name ?? null,
      needsSetup,
      needsCode: needsSetup && !isAtThisComputer(request),
    };
  });

  api.serve(setUp, async ({ body, request, response }) => {
    // Whoever reaches the server first must not be the one who owns it: the first passphrase is set at the machine itself.
    if (!isAtThisComputer(request) && !isSame(body.code, setupCode)) {
      throw forbidden(
        'Choose the first passphrase on the computer that Ozzet runs on, or type the code that its terminal shows.',
        [{ field: 'code', message: 'This is not the code of the terminal.' }],
      );
    }
    if (!(await insertPassphrase(db, await hashPassphrase(body.passphrase)))) {
      throw forbidden('A passphrase has been chosen already. Sign in with it.');
    }
    await sessions.open(request, response, null);
    return asInstructor;
  });

  api.serve(signIn, async ({ body, request, response }) => {
    const name = body.name?.trim() ?? '';
    const helper = name === '' ? undefined : await selectHelperByName(db, name);
    const hash = name === '' ? await passphraseHash(db) : helper?.passphraseHash;
    // A name that nobody has takes as long: names are not to be told by the time.
    const matches = await passphraseMatches(body.passphrase, hash ?? nobodysHash());
    if (hash === undefined || !matches) {
      // Which of the two is wrong is not told: names are not to be guessed.
      const message =
        name === ''
          ? 'This is not the passphrase. Try again.'
          : 'Name and passphrase do not belong together. Try again, or ask the instructor.';
      throw invalid([{ field: 'passphrase', message }]);
    }
    await sessions.open(request, response, helper?.id ?? null);
    return { ...asInstructor, helper: helper?.name ?? null };
  });

  api.serve(signOut, async ({ request, response }) => {
    await sessions.close(request, response);
    const ended = sessions.ownerOf(request);
    if (ended) streams.end(ended);
    return { signedIn: false, helper: null, needsSetup: false, needsCode: false };
  });
}

/**
 * Whether the page is open on the computer itself, by its own address: not through a proxy, not by the room's door, and
 * not by a page from elsewhere whose name was made to lead here.
 */
function isAtThisComputer(request: Request): boolean {
  const { host = '', origin } = request.headers;
  return (
    cameBy(request) === 'machine' &&
    isLoopback(request.socket.remoteAddress) &&
    !forwarding.some((header) => header in request.headers) &&
    /^(127(\.\d+){3}|localhost|\[::1\])(:\d+)?$/.test(host) &&
    (origin === undefined || origin === `${request.protocol}://${host}`)
  );
}

/** What proxies add. */
const forwarding = [
  'forwarded',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-real-ip',
  'via',
];

const isLoopback = (address: string | undefined) =>
  address === '::1' || address?.replace('::ffff:', '').startsWith('127.') === true;

function isSame(given: string | undefined, code: string | undefined): boolean {
  if (given === undefined || code === undefined) return false;
  const [one, two] = [given, code].map((text) =>
    createHash('sha256')
      .update(text.toUpperCase().replace(/[^A-Z0-9]/g, ''))
      .digest(),
  );
  return one !== undefined && two !== undefined && timingSafeEqual(one, two);
}
