import { randomUUID } from 'node:crypto';
import { createAccount, listAccounts, removeAccount, renewPassphrase } from '#contract/accounts';
import { said } from '#core/learning/said';
import { hashPassphrase } from '../auth/passphrase.ts';
import { deleteSessions } from '../auth/queries.ts';
import { accountOwner, staffOf } from '../auth/sessions.ts';
import type { Database } from '../db/database.ts';
import type { OpenStreams } from '../events/openStreams.ts';
import type { Api } from '../http/api.ts';
import { forbidden, invalid, notFound } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import {
  endAccount,
  insertAccount,
  type KeyHolder,
  selectAccount,
  selectAccounts,
  updatePassphrase,
} from './queries.ts';

/** Who may sign in: an instructor names them and gives each a passphrase. */
export function accountRoutes(api: Api, db: Database, streams: OpenStreams): void {
  const existing = async (id: string): Promise<KeyHolder> => {
    const account = isUuid(id) ? await selectAccount(db, id) : undefined;
    if (!account) throw notFound('account');
    return account;
  };

  api.serve(listAccounts, () => selectAccounts(db));

  api.serve(createAccount, async ({ body: { role, name, passphrase } }) => {
    const id = randomUUID();
    if (!(await insertAccount(db, { id, role, name }, await hashPassphrase(passphrase)))) {
      throw invalid([
        { field: 'name', says: said('refusals.accounts.somebodyIsCalledAlreadyAddAn', { name }) },
      ]);
    }
    return { id };
  });

  api.serve(renewPassphrase, async ({ params, body }) => {
    const { id, role } = await existing(params.accountId);
    if (role === 'instructor') {
      throw forbidden(said('refusals.accounts.instructorsChangeTheirOwn'));
    }
    const hash = await hashPassphrase(body.passphrase);
    const ended = await db.transaction(async (tx) => {
      await updatePassphrase(tx, id, hash);
      return deleteSessions(tx, id, null);
    });
    streams.end(accountOwner(id));
    return { ended: ended.length };
  });

  api.serve(removeAccount, async ({ params, response }) => {
    const { id, role } = await existing(params.accountId);
    // Nobody is left outside by mistake: whoever removes an instructor is one, and stays.
    if (id === staffOf(response).accountId) {
      throw forbidden(said('refusals.accounts.youCannotRemoveYourselfAnother'));
    }
    await db.transaction((tx) => endAccount(tx, id, role));
    streams.end(accountOwner(id));
    return { removed: true };
  });
}
