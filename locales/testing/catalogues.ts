import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

type Node = string | readonly string[] | { readonly [key: string]: Node };

const folder = join(import.meta.dirname, '..');

/** Every language that has a folder here. */
export const languageFolders = readdirSync(folder, { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && entry.name !== 'testing')
  .map(({ name }) => name);

/** Files of a language, without their endings. */
export const cataloguesOf = (language: string): readonly string[] =>
  readdirSync(join(folder, language))
    .filter((file) => file !== 'language.json')
    .map((file) => file.replace(/\.json$/, ''));

const leaves = (node: Node, path: string): (readonly [string, string])[] => {
  if (typeof node === 'string') return [[path, node]];
  return Object.entries(node).flatMap(([key, value]) =>
    leaves(value, path === '' ? key : `${path}.${key}`),
  );
};

/** Every text of one catalogue by its key; sentences of a list by their numbers. */
export const textsOf = (language: string, catalogue: string): ReadonlyMap<string, string> =>
  new Map(
    leaves(JSON.parse(readFileSync(join(folder, language, `${catalogue}.json`), 'utf8')), ''),
  );

/** Every text of a language. */
export const allTexts = (language: string): ReadonlyMap<string, string> =>
  new Map(cataloguesOf(language).flatMap((catalogue) => [...textsOf(language, catalogue)]));
