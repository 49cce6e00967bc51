import { randomUUID } from 'node:crypto';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { insertFirstInstructor } from '../accounts/queries.ts';
import { insertSession } from '../auth/queries.ts';
import { hashedToken } from '../auth/sessions.ts';
import { openToPack } from '../db/database.ts';
import { migrate } from '../db/migrate.ts';
import { cheapHash } from './cheapHash.ts';
import { passphrase, sessionToken } from './owner.ts';
import type { PackedAs } from './testDatabase.ts';

declare module 'vitest' {
  export interface ProvidedContext extends Record<PackedAs, string> {}
}

/** Once for all server tests: migrating a new database, and hashing a passphrase, take longer than most of them. */
export default async function setup(project: TestProject) {
  const folder = await mkdtemp(join(tmpdir(), 'ozzet-packed-'));
  const db = await openToPack();
  const pack = async (name: PackedAs) => {
    const file = join(folder, `${name}.tar`);
    await writeFile(file, Buffer.from(await (await db.pack('none')).arrayBuffer()));
    project.provide(name, file);
  };
  await pack('bare');
  await migrate(db);
  await pack('empty');
  const accountId = randomUUID();
  await insertFirstInstructor(db, { id: accountId, name: 'Instructor' }, cheapHash(passphrase));
  const tokenHash = hashedToken(sessionToken);
  await insertSession(db, { tokenHash, days: 30, accountId, device: 'a test' });
  await pack('owned');
  await db.close();
  return () => rm(folder, { recursive: true });
}
