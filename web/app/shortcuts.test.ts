import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { places } from './places.ts';

const web = join(import.meta.dirname, '..');

/** Every key that a page listens to, with the file that says so. */
const keysOfPages = readdirSync(web, { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|^app|^testing|^seat/.test(file))
  .flatMap((file) => {
    const text = readFileSync(join(web, file), 'utf8');
    if (!text.includes('useShortcuts')) return [];
    return [...text.matchAll(/\{ key: '([^']+)',/g)].map(([, key = '']) => ({ file, key }));
  });

describe('keys', () => {
  it('of places are one each', () => {
    expect(new Set(places.map(({ key }) => key)).size).toBe(places.length);
  });

  it('of a page do not leave the page: none is the key of a place', () => {
    expect(keysOfPages.length).toBeGreaterThan(15);
    const taken = new Set([...places.map(({ key }) => key), '?']);
    expect(keysOfPages.filter(({ key }) => taken.has(key))).toEqual([]);
  });

  it('of one file are one each', () => {
    const twice = keysOfPages.filter(
      (one, index) =>
        keysOfPages.findIndex(({ file, key }) => file === one.file && key === one.key) !== index,
    );
    expect(twice).toEqual([]);
  });
});
