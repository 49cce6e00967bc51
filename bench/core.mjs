/** Loads a module of core/ as it stands, types and all. */
import { join } from 'node:path';
import { runnerImport } from 'vite';
import { root } from '../scripts/prepare.mjs';

export async function loadCore(path) {
  const { module } = await runnerImport(join(root, 'core', path), {
    root,
    configFile: false,
    logLevel: 'error',
  });
  return module;
}
