import { describe, expect, it } from 'vitest';
import { german } from '#core/words/de';
import { spanish } from '#core/words/es';
import { practiceEnglish } from '../practice/words.en.ts';
import { seatEnglish } from './words.en.ts';

type Tree = Readonly<Record<string, unknown>>;
const paths = (tree: Tree, path = ''): string[] =>
  Object.entries(tree).flatMap(([key, value]) =>
    typeof value === 'string' ? [path + key] : paths(value as Tree, `${path}${key}.`),
  );
const at = (tree: Tree, path: string): unknown =>
  path.split('.').reduce<unknown>((node, key) => (node as Tree | undefined)?.[key], tree);
const blanks = (text: unknown) =>
  [...String(text).matchAll(/{{(\w+)}}/g)].map(([, name]) => name).sort();

describe.each([
  ['German', german],
  ['Spanish', spanish],
])('the seat’s own words in %s', (_name, words) => {
  it.each([
    ['seat', seatEnglish],
    ['practice', practiceEnglish],
  ])('%s: all there, with the same things filled in', (page, english) => {
    const own = words[page] as Tree;
    for (const path of paths(english)) {
      expect(at(own, path), path).toBeTypeOf('string');
      expect(blanks(at(own, path)), path).toEqual(blanks(at(english, path)));
    }
  });
});
