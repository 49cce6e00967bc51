import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { allTexts } from './testing/catalogues.ts';

const root = join(import.meta.dirname, '..');
const sources = ['contract', 'core', 'server', 'web'].flatMap((room) =>
  readdirSync(join(root, room), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|testing\//.test(file))
    .map((file) => readFileSync(join(root, room, file), 'utf8')),
);
const english = allTexts('en');
const bare = (key: string) => key.replace(/_(zero|one|other)$/, '').replace(/\.\d+$/, '');
const known = new Set([...english.keys()].flatMap((key) => [key, bare(key)]));

/** Keys as they are written out, and the fixed pieces of those that are put together. */
const written = new Set<string>();
const patterns: RegExp[] = [];
const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
for (const source of sources) {
  for (const [, key = ''] of source.matchAll(/['"]([a-z][\w-]*(?:\.[\w-]+)+)['"]/g))
    written.add(key);
  for (const [, template = ''] of source.matchAll(/`([a-zA-Z][\w-]*\.[^`\n]*\$\{[^`\n]*)`/g)) {
    const pieces = template.split(/\$\{(?:[^{}]|\{[^{}]*\})*\}/);
    if (pieces.every((piece) => /^[\w.-]*$/.test(piece)))
      patterns.push(new RegExp(`^${pieces.map(escaped).join('.+')}$`));
  }
}

describe('keys', () => {
  it('that the code names are all in the catalogues', () => {
    const rooms = new Set([...english.keys()].map((key) => key.split('.')[0]));
    const asked = [...written].filter(
      (key) => rooms.has(key.split('.')[0] ?? '') && /^[a-z]\w*\.\w+\./.test(key),
    );
    expect(asked.length).toBeGreaterThan(500);
    const groups = [...english.keys()];
    const missing = asked.filter(
      (key) => !known.has(key) && !groups.some((one) => one.startsWith(`${key}.`)),
    );
    expect(missing).toEqual([]);
  });

  it('of the catalogues are all asked for', () => {
    const unused = [...new Set([...english.keys()].map(bare))].filter(
      (key) => !written.has(key) && !patterns.some((pattern) => pattern.test(key)),
    );
    expect(unused).toEqual([]);
  });
});
