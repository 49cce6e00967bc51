import {
  keptBackup,
  listBackups,
  lockDaily,
  lookAtBackup,
  makeBackup,
  restoreBackup,
} from '#contract/backup';
import { tokenHashOf } from '../auth/sessions.ts';
import type { Database } from '../db/database.ts';
import type { Api } from '../http/api.ts';
import { notFound } from '../http/refusal.ts';
import { backedUp, type NewDatabase, readied, restore } from './backup.ts';
import { backupName, type DailyBackups } from './daily.ts';
import { lockOf } from './format.ts';
import { selectContents } from './queries.ts';

interface BackupDependencies {
  readonly db: Database;
  readonly daily: DailyBackups;
  readonly newDatabase: NewDatabase;
  /** Has the program start anew: nothing that was read before holds any more. */
  readonly startAnew: () => void;
}

export function backupRoutes(
  api: Api,
  { db, daily, newDatabase, startAnew }: BackupDependencies,
): void {
  const read = (sent: { readonly file: string; readonly passphrase?: string }) =>
    readied(Buffer.from(sent.file, 'base64'), sent.passphrase, newDatabase);

  api.serve(listBackups, async () => ({
    kept: await daily.kept(),
    willEncrypt: daily.lock.isSet(),
    contents: await selectContents(db),
  }));

  api.serve(makeBackup, async ({ body: { passphrase } }) => ({
    name: backupName(new Date()),
    file: (await backedUp(db, passphrase ? await lockOf(passphrase) : undefined)).toString(
      'base64',
    ),
  }));

  api.serve(lockDaily, async ({ body: { passphrase } }) => {
    await daily.lock.set(passphrase);
    return { willEncrypt: passphrase !== null };
  });

  api.serve(lookAtBackup, async ({ body }) => (await read(body)).contents);

  api.serve(restoreBackup, async ({ body, request, response }) => {
    const found = await read(body);
    await restore(db, found, tokenHashOf(request));
    response.once('finish', startAnew);
    return found.contents;
  });

  api.send(keptBackup, async ({ params, response }) => {
    const file = await daily.read(params.name);
    if (!file) throw notFound('backup');
    response.type('application/octet-stream').attachment(params.name).send(file);
  });
}
