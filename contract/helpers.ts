import { endpoint } from './endpoint.ts';
import { trimmed } from './leaves.ts';
import { fields } from './schema.ts';
import { newPassphrase } from './session.ts';

/** Somebody who helps in the room and signs in under a name of their own. */
export interface Helper {
  readonly id: string;
  readonly name: string;
}

export const newHelperBody = fields({
  name: trimmed('the name', 40, 'Give the helper a name.'),
  passphrase: newPassphrase,
});

export const listHelpers = endpoint<Helper[]>()({
  method: 'GET',
  path: '/api/helpers',
  access: 'instructor',
});
export const createHelper = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/helpers',
  access: 'instructor',
  body: newHelperBody,
});
/** Ends all sessions of the helper; what was logged keeps the name. */
export const removeHelper = endpoint<{ removed: boolean }>()({
  method: 'DELETE',
  path: '/api/helpers/:helperId',
  access: 'instructor',
});
