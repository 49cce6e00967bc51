import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { checkStrictly } from '#contract/check';
import { kitDocumentSchema } from '#contract/kitDocument';
import { openKitFile } from '#core/kitfile/kitFile';
import { exampleFiles } from './examples.ts';

const folder = join(import.meta.dirname, '..', 'web', 'public', 'examples');
const files = await exampleFiles((file) =>
  readFileSync(new URL(`./kits/${file}`, import.meta.url), 'utf8'),
);

// `npm run docs` writes them anew.
it('the examples that ship are the kits of the demo', () => {
  if (process.env.npm_lifecycle_event === 'docs') {
    mkdirSync(folder, { recursive: true });
    for (const [name, bytes] of files) writeFileSync(join(folder, name), bytes);
  }
  for (const [name, bytes] of files) {
    expect(Buffer.compare(readFileSync(join(folder, name)), bytes), name).toBe(0);
  }
});

it('each is a kit that this version takes', () => {
  const kits = [...files].filter(([name]) => name.endsWith('.ozzet-kit'));
  expect(kits.length).toBeGreaterThanOrEqual(4);
  for (const [name, bytes] of kits) {
    const opened = openKitFile(bytes);
    expect(opened.ok && checkStrictly(kitDocumentSchema, opened.value), name).toMatchObject({
      ok: true,
    });
  }
});
