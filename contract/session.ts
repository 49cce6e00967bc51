import * as yup from 'yup';
import { said } from '#core/learning/said';
import { endpoint } from './endpoint.ts';
import { trimmed } from './leaves.ts';
import type { Role } from './roles.ts';
import { fields, leaf } from './schema.ts';

export interface SessionState {
  readonly signedIn: boolean;
  readonly accountId: string | null;
  readonly role: Role | null;
  readonly name: string | null;
  /** The name that entries of the log carry; null for an instructor who is the only one. */
  readonly logsAs: string | null;
  /** No passphrase has been chosen yet. */
  readonly needsSetup: boolean;
  /** From here the first passphrase is chosen only with the code of the terminal. */
  readonly needsCode: boolean;
  /** Everybody signs in by name: there are several instructors. */
  readonly needsName: boolean;
}

/** Where nobody is signed in. */
export const signedOut: SessionState = {
  signedIn: false,
  accountId: null,
  role: null,
  name: null,
  logsAs: null,
  needsSetup: false,
  needsCode: false,
  needsName: false,
};

/** One device that somebody is signed in on. */
export interface OpenSession {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** The browser, in a few words. */
  readonly device: string;
  /** ISO 8601, UTC. */
  readonly openedAt: string;
  readonly seenAt: string;
  /** The one that asks. */
  readonly isThis: boolean;
}

/** Hours without a sign of life after which a session ends. */
export const idleHours = 12;

const mostLetters = said('refusals.session.aPassphraseHasAtMost200Characters');

export const signInPassphrase = leaf(
  yup.string().strict().max(200, mostLetters).required(said('refusals.session.typeYourPassphrase')),
);

const name = leaf(
  yup.string().strict().max(40, said('refusals.session.aNameHasAtMost40Characters')),
);

export const signInBody = fields({
  /** May be left out by an instructor who is the only one. */
  name,
  passphrase: signInPassphrase,
});

export const newPassphrase = leaf(
  yup
    .string()
    .strict()
    .max(200, mostLetters)
    .required(said('refusals.session.chooseAPassphrase'))
    .min(10, said('refusals.session.chooseAtLeast10CharactersThreeOr')),
);

export const setupBody = fields({
  /** The instructor's; “Instructor” where it is left out. */
  name,
  passphrase: newPassphrase,
  /** From the terminal, where the page is not opened on the computer itself. */
  code: leaf(yup.string().strict().max(20, said('refusals.session.theCodeHasAtMost20Characters'))),
});

export const changeNameBody = fields({ name: trimmed(40, said('refusals.session.giveAName')) });

export const changePassphraseBody = fields({
  current: signInPassphrase,
  passphrase: newPassphrase,
});

export const getSession = endpoint<SessionState>()({
  method: 'GET',
  path: '/api/session',
  access: 'public',
});
export const signIn = endpoint<SessionState>()({
  method: 'POST',
  path: '/api/session',
  access: 'public',
  rate: 'passphrase',
  body: signInBody,
});
export const signOut = endpoint<SessionState>()({
  method: 'DELETE',
  path: '/api/session',
  access: 'public',
});
export const setUp = endpoint<SessionState>()({
  method: 'POST',
  path: '/api/setup',
  access: 'public',
  rate: 'passphrase',
  body: setupBody,
});
/** Under which one signs in from now on; what was logged keeps the name that it had. */
export const changeName = endpoint<{ name: string }>()({
  method: 'PUT',
  path: '/api/session/name',
  access: 'helper',
  recorded: 'name-changed',
  body: changeNameBody,
});
/** Changes one's own; all other sessions of the account end. */
export const changePassphrase = endpoint<{ ended: number }>()({
  method: 'PUT',
  path: '/api/session/passphrase',
  access: 'helper',
  rate: 'passphrase',
  recorded: 'passphrase-changed',
  body: changePassphraseBody,
});
/** One's own; all of them for an instructor. */
export const listSessions = endpoint<OpenSession[]>()({
  method: 'GET',
  path: '/api/sessions',
  access: 'helper',
});
export const endSession = endpoint<{ ended: boolean }>()({
  method: 'DELETE',
  path: '/api/sessions/:sessionId',
  access: 'helper',
  recorded: 'session-ended',
});
