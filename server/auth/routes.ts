import { createHash, randomUUID, timingSafeEqual } from 'node:crypto';
import type { Request } from 'express';
import {
  changeName,
  changePassphrase,
  endSession,
  getSession,
  idleHours,
  listSessions,
  type SessionState,
  setUp,
  signedOut,
  signIn,
  signOut,
} from '#contract/session';
import { said } from '#core/learning/said';
import {
  countInstructors,
  insertFirstInstructor,
  selectAccount,
  selectAccountByName,
  selectOnlyInstructor,
  updateName,
  updatePassphrase,
} from '../accounts/queries.ts';
import type { Database } from '../db/database.ts';
import type { OpenStreams } from '../events/openStreams.ts';
import type { Api } from '../http/api.ts';
import { isAtThisComputer } from '../http/atThisComputer.ts';
import { forbidden, invalid, notFound } from '../http/refusal.ts';
import type { SiteRecord } from '../record/siteRecord.ts';
import type { Guesses } from './guesses.ts';
import { hashPassphrase, nobodysHash, passphraseMatches } from './passphrase.ts';
import { deleteSessionById, deleteSessions, selectSessions } from './queries.ts';
import { type Sessions, sessionOwner, staffOf } from './sessions.ts';

export interface AuthDependencies {
  readonly sessions: Sessions;
  /** End with the session. */
  readonly streams: OpenStreams;
  readonly setupCode: string | undefined;
  readonly guesses: Guesses;
  readonly record: SiteRecord;
}

/** Signing in and out, choosing the first passphrase, changing one's own, and where one is signed in. */
export function authRoutes(
  api: Api,
  db: Database,
  { sessions, streams, setupCode, guesses, record }: AuthDependencies,
): void {
  const stateOf = async (request: Request): Promise<SessionState> => {
    const staff = await sessions.staff(request);
    const instructors = await countInstructors(db);
    return {
      signedIn: staff !== undefined,
      accountId: staff?.accountId ?? null,
      role: staff?.role ?? null,
      name: staff?.name ?? null,
      logsAs: staff?.logsAs ?? null,
      needsSetup: instructors === 0,
      needsCode: instructors === 0 && !isAtThisComputer(request),
      needsName: instructors > 1,
    };
  };

  api.serve(getSession, ({ request }) => stateOf(request));

  api.serve(setUp, async ({ body, request, response }) => {
    // Whoever reaches the server first must not be the one who owns it: the first passphrase is set at the machine itself.
    if (!isAtThisComputer(request)) {
      guesses.refuseTooSoon(theSetup);
      if (!isSame(body.code, setupCode)) {
        guesses.wrong(theSetup);
        throw forbidden(said('refusals.auth.chooseTheFirstPassphraseOnThe'), [
          { field: 'code', says: said('refusals.auth.thisIsNotTheCodeOfThe') },
        ]);
      }
    }
    const id = randomUUID();
    const name = body.name?.trim() || 'Instructor';
    if (!(await insertFirstInstructor(db, { id, name }, await hashPassphrase(body.passphrase)))) {
      throw forbidden(said('refusals.auth.aPassphraseHasBeenChosenAlready'));
    }
    await sessions.open(request, response, id);
    await record.add('set-up', { accountId: id, request });
    return { ...signedOut, signedIn: true, accountId: id, role: 'instructor', name } as const;
  });

  api.serve(signIn, async ({ body, request, response }) => {
    const name = body.name?.trim() ?? '';
    const account = await (name === '' ? selectOnlyInstructor(db) : selectAccountByName(db, name));
    const guessed = account?.id ?? `unknown:${name.toLowerCase()}`;
    // Nobody in the room can keep out whoever sits at the computer itself.
    if (!isAtThisComputer(request)) guesses.refuseTooSoon(guessed);
    // A name that nobody has takes as long: names are not to be told by the time.
    const matches = await passphraseMatches(
      body.passphrase,
      account?.passphraseHash ?? nobodysHash(),
    );
    if (!account || !matches) {
      guesses.wrong(guessed);
      await record.add('sign-in-failed', { accountId: account?.id ?? null, request });
      if (name === '' && !account) {
        const message = said('refusals.auth.thereAreSeveralInstructorsTypeYour');
        throw invalid([{ field: 'name', says: message }]);
      }
      // Which of the two is wrong is not told: names are not to be guessed.
      const message =
        name === ''
          ? said('refusals.auth.thisIsNotThePassphraseTryAgain')
          : said('refusals.auth.nameAndPassphraseDoNotBelong');
      throw invalid([{ field: 'passphrase', says: message }]);
    }
    guesses.right(guessed);
    await sessions.open(request, response, account.id);
    await record.add('signed-in', { accountId: account.id, request });
    const isOnly = account.role === 'instructor' && (await countInstructors(db)) === 1;
    const { role } = account;
    return {
      ...signedOut,
      signedIn: true,
      accountId: account.id,
      role,
      name: account.name,
      logsAs: isOnly ? null : account.name,
    };
  });

  api.serve(signOut, async ({ request, response }) => {
    const staff = await sessions.staff(request);
    await sessions.close(request, response);
    if (staff) {
      streams.end(sessionOwner(staff.sessionId));
      await record.add('signed-out', { accountId: staff.accountId, request });
    }
    return { ...signedOut, needsName: (await countInstructors(db)) > 1 };
  });

  api.serve(changeName, async ({ body: { name }, response }) => {
    if (!(await updateName(db, staffOf(response).accountId, name))) {
      const message = said('refusals.auth.somebodyIsCalledAlreadyAddAn', { name });
      throw invalid([{ field: 'name', says: message }]);
    }
    return { name };
  });

  api.serve(changePassphrase, async ({ body, request, response }) => {
    const { accountId, sessionId } = staffOf(response);
    if (!isAtThisComputer(request)) guesses.refuseTooSoon(accountId);
    const account = await selectAccount(db, accountId);
    if (!account || !(await passphraseMatches(body.current, account.passphraseHash))) {
      guesses.wrong(accountId);
      throw invalid([
        { field: 'current', says: said('refusals.auth.thisIsNotYourPassphraseTryAgain') },
      ]);
    }
    guesses.right(accountId);
    const hash = await hashPassphrase(body.passphrase);
    const ended = await db.transaction(async (tx) => {
      await updatePassphrase(tx, accountId, hash);
      return deleteSessions(tx, accountId, sessionId);
    });
    for (const id of ended) streams.end(sessionOwner(id));
    return { ended: ended.length };
  });

  /** Those that one may see and end: one's own, or all of them. */
  const sessionsOf = async ({ role, accountId }: ReturnType<typeof staffOf>) =>
    (await selectSessions(db, idleHours)).filter(
      (session) => role === 'instructor' || session.accountId === accountId,
    );

  api.serve(listSessions, async ({ response }) => {
    const staff = staffOf(response);
    return (await sessionsOf(staff)).map(({ accountId: _, ...session }) => ({
      ...session,
      isThis: session.id === staff.sessionId,
    }));
  });

  api.serve(endSession, async ({ params, response }) => {
    const found = (await sessionsOf(staffOf(response))).find(({ id }) => id === params.sessionId);
    if (!found) throw notFound('session');
    await deleteSessionById(db, found.id);
    streams.end(sessionOwner(found.id));
    return { ended: true };
  });
}

const theSetup = 'setup';

function isSame(given: string | undefined, code: string | undefined): boolean {
  if (given === undefined || code === undefined) return false;
  const [one, two] = [given, code].map((text) =>
    createHash('sha256')
      .update(text.toUpperCase().replace(/[^A-Z0-9]/g, ''))
      .digest(),
  );
  return one !== undefined && two !== undefined && timingSafeEqual(one, two);
}
