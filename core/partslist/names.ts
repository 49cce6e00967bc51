import german from '#locales/de/families.json' with { type: 'json' };
import spanish from '#locales/es/families.json' with { type: 'json' };
import { families } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';
import type { Words } from '../words/words.ts';
import { plain } from './plain.ts';

const own = (words: Words, id: string): string[] => {
  const tree = words.family;
  const family = typeof tree === 'object' && !Array.isArray(tree) ? (tree as Words)[id] : undefined;
  if (typeof family !== 'object' || Array.isArray(family)) return [];
  const { one, many } = family as Words;
  return [one, many].filter((name) => typeof name === 'string');
};

const byId = new Map(
  families.map(({ id, words }) => [
    id,
    [
      ...new Set(
        [words.one, words.many, ...own(german, id), ...own(spanish, id)].map((name) =>
          plain(name)
            .replace(/[^a-z0-9-]+/g, ' ')
            .trim(),
        ),
      ),
    ],
  ]),
);

/** What the pages call such parts, in every language, as plain words. */
export const namesOf = ({ id }: PartFamily): readonly string[] => byId.get(id) ?? [];
