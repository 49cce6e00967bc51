import { readFile } from 'node:fs/promises';
import { inject } from 'vitest';
import { type Database, openPacked } from '../db/database.ts';

/** What was packed before the tests began; see packDatabase. */
export type PackedAs = 'bare' | 'empty' | 'owned';

/** A migrated database in memory, of its own: made once for the whole run and opened as a copy. */
export async function testDatabase(packed: PackedAs): Promise<Database> {
  return openPacked(await packedAs(packed));
}

export const packedAs = async (name: PackedAs): Promise<Blob> =>
  new Blob([new Uint8Array(await readFile(inject(name)))]);
