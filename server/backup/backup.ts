import type { BackupContents } from '#contract/backup';
import { said } from '#core/learning/said';
import type { Database } from '../db/database.ts';
import { migrate, migrationNames } from '../db/migrate.ts';
import { appliedMigrations } from '../db/queries.ts';
import { type BackupData, backupFile, type Lock, readBackupFile, refused } from './format.ts';
import { replaceEverything, selectContents, selectEverything } from './queries.ts';

/** Everything of a site as one file, made while it runs; encrypted where a lock is given. */
export async function backedUp(db: Database, lock?: Lock): Promise<Buffer> {
  // In one transaction: nothing that comes meanwhile is half in it.
  const data = await db.transaction(
    async (tx): Promise<BackupData> => ({
      migrations: (await appliedMigrations(tx)).sort(),
      tables: await selectEverything(tx),
    }),
  );
  return backupFile(data, lock);
}

/** Makes an empty database in memory. */
export type NewDatabase = () => Promise<Database>;

/** What a file holds, brought to today's tables. */
export interface Readied {
  readonly contents: BackupContents;
  readonly tables: BackupData['tables'];
}

/**
 * Reads a file and brings it to today's tables, in a database of its own in memory: nothing is touched, and what comes
 * out has been through the same steps as a site that was kept.
 *
 * @throws Refusal at `file` or `passphrase`
 */
export async function readied(
  file: Buffer,
  passphrase: string | undefined,
  newDatabase: NewDatabase,
): Promise<Readied> {
  const { migrations, tables } = await readBackupFile(file, passphrase);
  const unknown = migrations.find((name) => !migrationNames.includes(name));
  if (unknown !== undefined) {
    throw refused('file', said('refusals.backup.thisBackupWasMadeByANewer'));
  }
  const db = await newDatabase();
  try {
    await migrate(db, migrations);
    await db
      .transaction((tx) => replaceEverything(tx, tables))
      .catch(() => {
        throw refused('file', said('refusals.backup.thisBackupIsDamagedNotAllOf'));
      });
    await migrate(db);
    return { contents: await selectContents(db), tables: await selectEverything(db) };
  } finally {
    await db.close();
  }
}

/** Puts what a file holds in place of everything, or nothing of it; see `replaceEverything` for who stays signed in. */
export const restore = (db: Database, { tables }: Readied, keepSession?: string): Promise<void> =>
  db.transaction((tx) => replaceEverything(tx, tables, keepSession));
