import * as yup from 'yup';
import { endpoint } from './endpoint.ts';

export interface SessionState {
  readonly signedIn: boolean;
  /** The helper who is signed in; null for the instructor, and where nobody is. */
  readonly helper: string | null;
  /** No passphrase has been chosen yet. */
  readonly needsSetup: boolean;
}

const passphrase = yup.string().strict().max(200, 'A passphrase has at most 200 characters.');

export const signInBody = yup.object({
  /** A helper's name; absent or empty for the instructor. */
  name: yup.string().strict().max(40, 'A name has at most 40 characters.').optional(),
  passphrase: passphrase.required('Type your passphrase.'),
});

export const newPassphrase = passphrase
  .required('Choose a passphrase.')
  .min(10, 'Choose at least 10 characters; three or four words are easy to remember.');

export const setupBody = yup.object({ passphrase: newPassphrase });

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
