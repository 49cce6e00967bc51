import * as yup from 'yup';
import { endpoint } from './endpoint.ts';

export interface SessionState {
  readonly signedIn: boolean;
  /** No passphrase has been chosen yet. */
  readonly needsSetup: boolean;
}

const passphrase = yup.string().strict().max(200, 'A passphrase has at most 200 characters.');

export const signInBody = yup.object({
  passphrase: passphrase.required('Type your passphrase.'),
});

export const setupBody = yup.object({
  passphrase: passphrase
    .required('Choose a passphrase.')
    .min(10, 'Choose at least 10 characters; three or four words are easy to remember.'),
});

export const getSession = endpoint<SessionState>()({ method: 'GET', path: '/api/session' });
export const signIn = endpoint<SessionState>()({
  method: 'POST',
  path: '/api/session',
  body: signInBody,
});
export const signOut = endpoint<SessionState>()({ method: 'DELETE', path: '/api/session' });
export const setUp = endpoint<SessionState>()({
  method: 'POST',
  path: '/api/setup',
  body: setupBody,
});
