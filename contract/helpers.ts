import * as yup from 'yup';
import { endpoint } from './endpoint.ts';
import { newPassphrase } from './session.ts';

/** Somebody who helps in the room and signs in under a name of their own. */
export interface Helper {
  readonly id: string;
  readonly name: string;
}

export const newHelperBody = yup.object({
  name: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the name.')
    .required('Give the helper a name.')
    .max(40, 'A name has at most 40 characters.'),
  passphrase: newPassphrase,
});

export const listHelpers = endpoint<Helper[]>()({ method: 'GET', path: '/api/helpers' });
export const createHelper = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/helpers',
  body: newHelperBody,
});
/** Ends all sessions of the helper; what was logged keeps the name. */
export const removeHelper = endpoint<{ removed: boolean }>()({
  method: 'DELETE',
  path: '/api/helpers/:helperId',
});
