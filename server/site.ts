import { chmodSync, existsSync, mkdirSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { type Database, openDatabase } from './db/database.ts';
import { openInThread } from './db/databaseThread.ts';
import { lockFolder } from './db/lockFolder.ts';
import { migrate } from './db/migrate.ts';
import { packedDatabase } from './db/packedDatabase.ts';
import { readAllTables } from './db/queries.ts';

/** A data folder that is open, by this process alone. */
export interface Site {
  readonly db: Database;
  /** Makes an empty database in memory, in a thread of its own. */
  readonly newDatabase: () => Promise<Database>;
  /** Closes the database and frees the folder. */
  close(): Promise<void>;
}

/**
 * Opens a data folder, made where it is missing, and brings its tables up to date.
 *
 * @throws Error with a sentence for the person at the machine: the folder is in use, cannot be written, or is damaged
 */
export async function openSite(dataFolder: string): Promise<Site> {
  const packed = await packedDatabase();
  const unlock = takeFolder(dataFolder);
  try {
    const db = await openDatabase(join(dataFolder, 'postgres'), { packed });
    await migrate(db);
    // What cannot be read is found now, and not by whoever needs it first.
    await readAllTables(db);
    const close = async () => {
      await db.close();
      unlock();
    };
    return { db, newDatabase: () => openInThread(packed), close };
  } catch (error) {
    unlock();
    throw new Error(whyNotOpened(dataFolder, error), { cause: error });
  }
}

function takeFolder(dataFolder: string): () => void {
  try {
    mkdirSync(dataFolder, { recursive: true, mode: 0o700 });
    closeToOthers(dataFolder);
    return lockFolder(dataFolder);
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === undefined) throw error;
    throw new Error(
      code === 'ENOSPC'
        ? `There is no room on the disk that holds ${dataFolder}. Nothing is lost. Make room, then start again.`
        : `The data folder ${dataFolder} cannot be written (${code}). Nothing was changed. Give yourself the right to write there, or choose another folder with OZZET_DATA.`,
      { cause: error },
    );
  }
}

/** A folder that was there before may be open to everybody on the computer. */
function closeToOthers(folder: string): void {
  try {
    chmodSync(folder, 0o700);
  } catch {
    // It belongs to somebody else, as in some containers: whether it can be written shows next.
  }
}

function whyNotOpened(dataFolder: string, error: unknown): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'ENOSPC' || code === '53100') {
    return `There is no room on the disk that holds ${dataFolder}. What was saved is safe. Make room, then start again.`;
  }
  const backups = join(dataFolder, 'backups');
  const newest = existsSync(backups)
    ? readdirSync(backups)
        .filter((name) => name.endsWith('.backup'))
        .sort()
        .at(-1)
    : undefined;
  const wayOut = newest
    ? `Rename the folder “postgres” in it (keep it), then put the newest backup back: npm run restore -- ${join(backups, newest)}`
    : 'No backup was found in it. Rename the folder “postgres” in it (keep it), then put a backup of yours back: npm run restore -- FILE';
  return `The data in ${dataFolder} cannot be opened: it is damaged (${code ?? message}). Nothing was changed. ${wayOut}`;
}
