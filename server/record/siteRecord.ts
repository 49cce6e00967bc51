import type { Request } from 'express';
import type { RecordedDeed } from '#contract/recordedDeeds';
import type { Database } from '../db/database.ts';
import { isAtThisComputer } from '../http/atThisComputer.ts';
import { insertEntry } from './queries.ts';

export interface Done {
  /** Null where nobody was signed in. */
  readonly accountId: string | null;
  readonly request: Request;
  /** The id of what it was done to. */
  readonly about?: string | null;
}

/** The record of who did what on this site. */
export class SiteRecord {
  readonly #db: Database;

  constructor(db: Database) {
    this.#db = db;
  }

  async add(what: RecordedDeed, { accountId, request, about = null }: Done): Promise<void> {
    const cameFrom = isAtThisComputer(request)
      ? 'this computer'
      : (request.ip?.replace('::ffff:', '') ?? 'unknown');
    await insertEntry(this.#db, { what, accountId, about, cameFrom });
  }
}
