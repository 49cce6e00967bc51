import * as yup from 'yup';
import { endpoint } from './endpoint.ts';
import { fields, leaf } from './schema.ts';

export interface SessionState {
  readonly signedIn: boolean;
  /** The helper who is signed in; null for the instructor, and where nobody is. */
  readonly helper: string | null;
  /** No passphrase has been chosen yet. */
  readonly needsSetup: boolean;
  /** From here the first passphrase is chosen only with the code of the terminal. */
  readonly needsCode: boolean;
}

const mostLetters = 'A passphrase has at most 200 characters.';

export const signInPassphrase = leaf(
  yup.string().strict().max(200, mostLetters).required('Type your passphrase.'),
);

export const signInBody = fields({
  /** A helper's name; absent or empty for the instructor. */
  name: leaf(yup.string().strict().max(40, 'A name has at most 40 characters.')),
  passphrase: signInPassphrase,
});

export const newPassphrase = leaf(
  yup
    .string()
    .strict()
    .max(200, mostLetters)
    .required('Choose a passphrase.')
    .min(10, 'Choose at least 10 characters; three or four words are easy to remember.'),
);

export const setupBody = fields({
  passphrase: newPassphrase,
  /** From the terminal, where the page is not opened on the computer itself. */
  code: leaf(yup.string().strict().max(20, 'The code has at most 20 characters.')),
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
