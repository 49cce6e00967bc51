import type { Database } from './database.ts';
import { appliedMigrations, migrationTable, recordMigration } from './queries.ts';

// Inlined when the server is bundled, so that the bundle needs no files beside it.
const files = import.meta.glob<string>('./migrations/*.sql', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/**
 * Brings the database up to date: runs, in the order of their numbers, the migrations it has not had. Each is run
 * whole or not at all; there is no way back.
 */
export async function migrate(database: Database): Promise<void> {
  await database.script(migrationTable);
  const done = new Set(await appliedMigrations(database));
  for (const [path, sql] of Object.entries(files).sort(([a], [b]) => a.localeCompare(b))) {
    const name = path.split('/').at(-1) ?? path;
    if (done.has(name)) continue;
    await database.script(`begin;\n${sql};\n${recordMigration(name)};\ncommit;`);
  }
}
