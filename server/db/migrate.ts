import type { Database } from './database.ts';
import { appliedMigrations, migrationTable, recordMigration } from './queries.ts';

// Inlined when the server is bundled, so that the bundle needs no files beside it.
const files = import.meta.glob<string>('./migrations/*.sql', {
  query: '?raw',
  import: 'default',
  eager: true,
});

const nameOf = (path: string) => path.split('/').at(-1) ?? path;

/** All there are, in their order. */
export const migrationNames: readonly string[] = Object.keys(files).map(nameOf).sort();

/**
 * Brings the database up to date: runs, in the order of their numbers, the migrations it has not had. Each is run
 * whole or not at all; there is no way back.
 *
 * @param upTo the names of those to run, where it is to be as it was at an earlier time
 */
export async function migrate(
  database: Database,
  upTo: readonly string[] = migrationNames,
): Promise<void> {
  await database.script(migrationTable);
  const done = new Set(await appliedMigrations(database));
  for (const [path, sql] of Object.entries(files).sort(([a], [b]) => a.localeCompare(b))) {
    const name = nameOf(path);
    if (done.has(name) || !upTo.includes(name)) continue;
    await database.script(`begin;\n${sql};\n${recordMigration(name)};\ncommit;`);
  }
}
