import { said } from '#core/learning/said';
import { endpoint } from './endpoint.ts';
import { trimmed } from './leaves.ts';
import { type Role, roles } from './roles.ts';
import { fields, oneOf } from './schema.ts';
import { newPassphrase } from './session.ts';

/** Somebody who signs in under a name of their own. */
export interface Account {
  readonly id: string;
  readonly role: Role;
  readonly name: string;
}

export const accountName = trimmed(40, said('refusals.accounts.giveAName'));

export const newAccountBody = fields({
  role: oneOf(roles, {
    wrong: said('refusals.accounts.chooseInstructorOrHelper'),
    missing: said('refusals.accounts.sayWhatTheyAre'),
  }),
  name: accountName,
  passphrase: newPassphrase,
});

export const renewPassphraseBody = fields({ passphrase: newPassphrase });

/** Who may sign in, instructors first. */
export const listAccounts = endpoint<Account[]>()({
  method: 'GET',
  path: '/api/accounts',
  access: 'instructor',
});
export const createAccount = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/accounts',
  access: 'instructor',
  recorded: 'account-made',
  body: newAccountBody,
});
/** Gives a helper another passphrase and ends their sessions; an instructor's own is theirs to change. */
export const renewPassphrase = endpoint<{ ended: number }>()({
  method: 'PUT',
  path: '/api/accounts/:accountId/passphrase',
  access: 'instructor',
  recorded: 'passphrase-renewed',
  body: renewPassphraseBody,
});
/** Ends all their sessions; what was logged keeps the name. */
export const removeAccount = endpoint<{ removed: boolean }>()({
  method: 'DELETE',
  path: '/api/accounts/:accountId',
  access: 'instructor',
  recorded: 'account-removed',
});
