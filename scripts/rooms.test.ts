import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** Which rooms a room may import from; its own is always allowed. */
const arrows: Readonly<Record<string, readonly string[]>> = {
  // Catalogues are data: words that people read, which lists are read by too.
  core: ['locales'],
  contract: ['core'],
  server: ['contract', 'core', 'locales'],
  web: ['contract', 'core', 'locales'],
  demo: ['contract', 'core'],
};

/** Packages that core may use: pure computation only, and types of what is handed in. Tests may use more. */
const corePackages = [
  'papaparse',
  'culori',
  'highs',
  'i18next',
  'ts-fsrs',
  'fastest-levenshtein',
  'fflate',
  'read-excel-file/universal',
  'fast-xml-parser',
  'perfect-arrows',
];

interface Import {
  readonly file: string;
  readonly room: string;
  readonly specifier: string;
}

const isTest = (file: string) => /\.test\.tsx?$|\/testing\//.test(file);

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return /\.tsx?$/.test(name) ? [path] : [];
  });
}

function importsOf(file: string): Import[] {
  const room = relative(root, file).split('/')[0] ?? '';
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/(?:from|import)\s*\(?\s*['"]([^'"]+)['"]/g)].map(
    ([, specifier = '']) => ({ file, room, specifier }),
  );
}

/** The room an import leads to, or undefined for a package. */
function target({ file, specifier }: Import): string | undefined {
  if (specifier.startsWith('#')) return specifier.slice(1).split('/')[0];
  if (!specifier.startsWith('.')) return undefined;
  return relative(root, resolve(dirname(file), specifier)).split('/')[0];
}

const all = Object.keys(arrows).flatMap((room) => sources(join(root, room)).flatMap(importsOf));

describe('the rooms of the code', () => {
  it('are all there', () => {
    expect(new Set(all.map(({ room }) => room))).toEqual(new Set(Object.keys(arrows)));
  });

  it.each(Object.entries(arrows))('%s imports only itself and %j', (room, allowed) => {
    const wrong = all
      .filter((found) => found.room === room)
      .filter((found) => {
        const to = target(found);
        return to !== undefined && to !== room && !allowed.includes(to);
      })
      .map(({ file, specifier }) => `${relative(root, file)} imports ${specifier}`);
    expect(wrong).toEqual([]);
  });

  it('core uses no package but those of pure computation, and nothing of Node', () => {
    const wrong = all
      .filter(
        (found) => found.room === 'core' && !isTest(found.file) && target(found) === undefined,
      )
      .filter(({ specifier }) => !corePackages.includes(specifier))
      .map(({ file, specifier }) => `${relative(root, file)} imports ${specifier}`);
    expect(wrong).toEqual([]);
  });

  it('core takes neither the time nor chance from its surroundings', () => {
    const wrong = sources(join(root, 'core'))
      .filter((file) => !isTest(file))
      .filter((file) =>
        /Date\.now\(|new Date\(\)|Math\.random\(|\bprocess\.|\bwindow\.|\bfetch\(/.test(
          readFileSync(file, 'utf8'),
        ),
      )
      .map((file) => relative(root, file));
    expect(wrong).toEqual([]);
  });

  it('keeps SQL in queries and migrations', () => {
    const wrong = sources(join(root, 'server'))
      .filter((file) => !isTest(file) && !/queries\.ts$/.test(file))
      .filter((file) =>
        /\b(select .* from|insert into|update \w+ set|delete from)\b/i.test(
          readFileSync(file, 'utf8'),
        ),
      )
      .map((file) => relative(root, file));
    expect(wrong).toEqual([]);
  });
});
