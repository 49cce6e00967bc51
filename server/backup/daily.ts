import { mkdirSync } from 'node:fs';
import { open, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { KeptBackup } from '#contract/backup';
import type { Database } from '../db/database.ts';
import { type Hourly, hourly } from '../hourly.ts';
import { backedUp } from './backup.ts';

const mostKept = 7;
const dayMs = 24 * 3600_000;

/** Backups that the program makes by itself: one a day, the newest seven kept, in `backups/` of the data folder. */
export class DailyBackups {
  readonly #db: Database;
  readonly #folder: string;
  readonly #now: () => Date;
  #hourly: Hourly | undefined;

  constructor(db: Database, dataFolder: string, now: () => Date = () => new Date()) {
    this.#db = db;
    this.#folder = join(dataFolder, 'backups');
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
        bytes: (await stat(join(this.#folder, name))).size,
      })),
    );
    return found.sort((a, b) => b.name.localeCompare(a.name));
  }

  /** @returns undefined where there is none of that name */
  async read(name: string): Promise<Buffer | undefined> {
    const isKept = (await this.kept()).some((one) => one.name === name);
    return isKept ? readFile(join(this.#folder, name)) : undefined;
  }

  /** Makes today's where the last one is a day old; then the oldest go. */
  async makeIfDue(): Promise<void> {
    const [newest] = await this.kept();
    const now = this.#now();
    if (newest && now.getTime() - Date.parse(newest.madeAt) < dayMs) return;
    await this.#write(backupName(now), await backedUp(this.#db));
    for (const { name } of (await this.kept()).slice(mostKept)) {
      await rm(join(this.#folder, name), { force: true });
    }
  }

  /** Whole and on the disk, or not there. */
  async #write(name: string, content: Buffer): Promise<void> {
    const path = join(this.#folder, name);
    const file = await open(`${path}.new`, 'w', 0o600);
    try {
      await file.writeFile(content);
      await file.sync();
    } finally {
      await file.close();
    }
    await rename(`${path}.new`, path);
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
