import { mkdirSync } from 'node:fs';
import { open, readdir, readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { KeptBackup } from '#contract/backup';
import type { Database } from '../db/database.ts';
import { type Hourly, hourly } from '../hourly.ts';
import { backedUp } from './backup.ts';
import { DailyLock } from './dailyLock.ts';
import { bytesThatTell, isEncrypted } from './format.ts';
import { selectContents } from './queries.ts';
import { writeWhole } from './writeWhole.ts';

const mostKept = 7;
const dayMs = 24 * 3600_000;
/** A room in which nobody has logged anything for so long has gone home. */
const quietMs = 30 * 60_000;

/** Backups that the program makes by itself: one a day, the newest seven kept, in `backups/` of the data folder. */
export class DailyBackups {
  readonly lock: DailyLock;
  readonly #db: Database;
  readonly #folder: string;
  readonly #now: () => Date;
  #hourly: Hourly | undefined;

  constructor(db: Database, dataFolder: string, now: () => Date = () => new Date()) {
    this.#db = db;
    this.#folder = join(dataFolder, 'backups');
    this.lock = new DailyLock(this.#folder);
    this.#now = now;
  }

  /** @param onFault is told where one cannot be made: the disk is full, say */
  start(onFault: (error: unknown) => void): void {
    this.#hourly = hourly(() => this.makeIfDue(), onFault);
  }

  async stop(): Promise<void> {
    await this.#hourly?.stop();
  }

  /** The newest first. */
  async kept(): Promise<KeptBackup[]> {
    mkdirSync(this.#folder, { recursive: true, mode: 0o700 });
    const names = (await readdir(this.#folder)).filter((name) => nameForm.test(name));
    const found = await Promise.all(
      names.map(async (name) => ({
        name,
        madeAt: timeOf(name),
        ...(await toldBy(join(this.#folder, name))),
      })),
    );
    return found.sort((a, b) => b.name.localeCompare(a.name));
  }

  /** @returns undefined where there is none of that name */
  async read(name: string): Promise<Buffer | undefined> {
    const isKept = (await this.kept()).some((one) => one.name === name);
    return isKept ? readFile(join(this.#folder, name)) : undefined;
  }

  /**
   * Makes today's where the last one is a day old; then the oldest go. Everybody waits while all rows are read, so not
   * while a room is at work, unless it is for a second day.
   */
  async makeIfDue(): Promise<void> {
    const [newest] = await this.kept();
    const now = this.#now();
    const ageMs = newest ? now.getTime() - Date.parse(newest.madeAt) : Number.POSITIVE_INFINITY;
    if (ageMs < dayMs) return;
    if (ageMs < 2 * dayMs && (await this.#isAtWork(now))) return;
    await writeWhole(
      join(this.#folder, backupName(now)),
      await backedUp(this.#db, await this.lock.read()),
    );
    for (const { name } of (await this.kept()).slice(mostKept)) {
      await rm(join(this.#folder, name), { force: true });
    }
  }

  async #isAtWork(now: Date): Promise<boolean> {
    const { latestEntryAt } = await selectContents(this.#db);
    const sinceMs = latestEntryAt === null ? Number.NaN : now.getTime() - Date.parse(latestEntryAt);
    return sinceMs >= 0 && sinceMs < quietMs;
  }
}

/** What the list says of a file besides its name. */
async function toldBy(path: string): Promise<Pick<KeptBackup, 'bytes' | 'isEncrypted'>> {
  const file = await open(path, 'r');
  try {
    const { size } = await file.stat();
    const { buffer } = await file.read({ buffer: Buffer.alloc(bytesThatTell) });
    return { bytes: size, isEncrypted: isEncrypted(buffer) };
  } finally {
    await file.close();
  }
}

const nameForm = /^ozzet-(\d{4})(\d\d)(\d\d)-(\d\d)(\d\d)(\d\d)\.backup$/;

/** `ozzet-20261127-093000.backup`, in UTC */
export const backupName = (at: Date): string =>
  `ozzet-${at.toISOString().slice(0, 19).replaceAll(/[-:]/g, '').replace('T', '-')}.backup`;

const timeOf = (name: string): string => {
  const [, year, month, day, hour, minute, second] = nameForm.exec(name) ?? [];
  return `${year}-${month}-${day}T${hour}:${minute}:${second}.000Z`;
};
