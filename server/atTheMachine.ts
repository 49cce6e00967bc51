import { readFileSync } from 'node:fs';
import type { BackupContents } from '#contract/backup';
import { checkStrictly } from '#contract/check';
import { newPassphrase } from '#contract/session';
import {
  type KeyHolder,
  selectAccountByName,
  selectAccounts,
  selectOnlyInstructor,
  updatePassphrase,
} from './accounts/queries.ts';

import { hashPassphrase } from './auth/passphrase.ts';
import { deleteSessions } from './auth/queries.ts';
import { readied, restore } from './backup/backup.ts';
import { isEncrypted } from './backup/format.ts';
import { insertEntry } from './record/queries.ts';
import { openSite } from './site.ts';
import { inEnglish } from './words/speak.ts';

// What is done by a command at the computer that Ozzet runs on, while the program is stopped.

/**
 * Sets somebody's passphrase anew and ends their sessions: for whoever has forgotten it.
 *
 * @param name whose; left out where there is one instructor
 * @returns the name
 * @throws Error with a sentence for the person at the machine
 */
export async function resetPassphrase(
  dataFolder: string,
  name: string | undefined,
  passphrase: string,
): Promise<string> {
  const found = checkStrictly(newPassphrase, passphrase);
  if (!found.ok) throw new Error(found.errors[0] && inEnglish(found.errors[0].says));
  const site = await openSite(dataFolder);
  try {
    const { db } = site;
    const account: KeyHolder | undefined = await (name === undefined
      ? selectOnlyInstructor(db)
      : selectAccountByName(db, name));
    if (!account) {
      const names = (await selectAccounts(db)).map((one) => `“${one.name}” (${one.role})`);
      throw new Error(
        names.length === 0
          ? 'Nobody has a passphrase here yet: start Ozzet and choose one.'
          : `Say whose: npm run passphrase -- NAME. There are ${names.join(', ')}.`,
      );
    }
    await updatePassphrase(db, account.id, await hashPassphrase(passphrase));
    await deleteSessions(db, account.id, null);
    await insertEntry(db, {
      what: 'passphrase-reset',
      accountId: null,
      about: account.id,
      cameFrom: 'a command at the computer',
    });
    return account.name;
  } finally {
    await site.close();
  }
}

/**
 * What a backup holds, put in place of everything where `isDry` is false.
 *
 * @param ask for the passphrase, where the file is encrypted
 * @throws Error with a sentence for the person at the machine
 */
export async function restoreFile(
  dataFolder: string,
  path: string,
  isDry: boolean,
  ask: () => Promise<string>,
): Promise<BackupContents> {
  const file = readOrSay(path);
  const passphrase = isEncrypted(file) ? await ask() : undefined;
  const site = await openSite(dataFolder);
  try {
    const found = await readied(file, passphrase, site.newDatabase);
    if (!isDry) {
      await restore(site.db, found);
      await insertEntry(site.db, {
        what: 'backup-restored',
        accountId: null,
        about: null,
        cameFrom: 'a command at the computer',
      });
    }
    return found.contents;
  } finally {
    await site.close();
  }
}

function readOrSay(path: string): Buffer {
  try {
    return readFileSync(path);
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    throw new Error(`${path} cannot be read (${code}). Write the path of a backup.`, {
      cause: error,
    });
  }
}
