import { existsSync, mkdirSync } from 'node:fs';
import { readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { type Lock, lockOf } from './format.ts';
import { writeWhole } from './writeWhole.ts';

/**
 * What the backups of every day are encrypted with. The key is kept beside them, for the computer's owner only; the
 * passphrase is not, and the key is in no backup: who gets hold of a file alone can do nothing with it.
 */
export class DailyLock {
  readonly #path: string;
  readonly #folder: string;

  constructor(folder: string) {
    this.#folder = folder;
    this.#path = join(folder, 'encrypt-with.json');
  }

  /**
   * @returns undefined where no passphrase is set
   * @throws Error where it cannot be read: nothing is to lie there open that was meant to be encrypted
   */
  async read(): Promise<Lock | undefined> {
    const text = await readFile(this.#path, 'utf8').catch((error: NodeJS.ErrnoException) => {
      if (error.code === 'ENOENT') return undefined;
      throw error;
    });
    if (text === undefined) return undefined;
    const { salt, key } = JSON.parse(text) as Record<keyof Lock, string>;
    return { salt: Buffer.from(salt, 'base64url'), key: Buffer.from(key, 'base64url') };
  }

  /** Whether a passphrase is set, readable or not: it can be set anew. */
  isSet(): boolean {
    return existsSync(this.#path);
  }

  /** From the next backup on; null for none. */
  async set(passphrase: string | null): Promise<void> {
    if (passphrase === null) return rm(this.#path, { force: true });
    const { salt, key } = await lockOf(passphrase);
    mkdirSync(this.#folder, { recursive: true, mode: 0o700 });
    const kept = { salt: salt.toString('base64url'), key: key.toString('base64url') };
    return writeWhole(this.#path, JSON.stringify(kept));
  }
}
