import { getSession, setUp, signIn, signOut } from '#contract/session';
import type { Database } from '../db/database.ts';
import { selectHelperByName } from '../helpers/queries.ts';
import type { Api } from '../http/api.ts';
import { forbidden, invalid } from '../http/refusal.ts';
import { hashPassphrase, passphraseMatches } from './passphrase.ts';
import { insertPassphrase, passphraseHash } from './queries.ts';
import type { Sessions } from './sessions.ts';

const asInstructor = { signedIn: true, helper: null, needsSetup: false };

/** Signing in and out, and choosing the passphrase on first use. */
export function authRoutes(api: Api, db: Database, sessions: Sessions): void {
  api.serve(getSession, async ({ request }) => {
    const staff = await sessions.staff(request);
    return {
      signedIn: staff !== undefined,
      helper: staff?.helper?.name ?? null,
      needsSetup: (await passphraseHash(db)) === undefined,
    };
  });

  api.serve(setUp, async ({ body, request, response }) => {
    // Whoever reaches the server first must not be the one who owns it: the first passphrase is set at the machine itself.
    if (!isLoopback(request.socket.remoteAddress)) {
      throw forbidden('Choose the first passphrase on the computer that Ozzet runs on.');
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
    if (hash === undefined || !(await passphraseMatches(body.passphrase, hash))) {
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
    return { signedIn: false, helper: null, needsSetup: false };
  });
}

const isLoopback = (address: string | undefined) =>
  address === '::1' || address?.replace('::ffff:', '').startsWith('127.') === true;
