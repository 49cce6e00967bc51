import { createMemoryRouter, RouterProvider } from 'react-router';
import { describe, expect, it } from 'vitest';
import { families } from '#core/parts/families/index';
import { markupOf, tagsOf, wordsOf } from '../testing/speaking.tsx';
import { FamilyPage } from './FamilyPage.tsx';
import { GuideFrame } from './GuideFrame.tsx';

const pageOf = (id: string) =>
  markupOf(
    <RouterProvider
      router={createMemoryRouter(
        [
          {
            path: '/guide',
            element: <GuideFrame />,
            children: [{ path: ':family', element: <FamilyPage /> }],
          },
        ],
        { initialEntries: [`/guide/${id}`] },
      )}
    />,
  );

describe('the parts guide', () => {
  it.each(families.map((family) => [family.id, family] as const))(
    'has a page for %s, made from its definition',
    (id, { words, mount }) => {
      const markup = pageOf(id);
      const read = wordsOf(markup).replaceAll('&#x27;', '’');
      expect(read).toContain(words.one);
      for (const sentence of [words.hold, ...words.fit]) expect(read).toContain(sentence);
      const figures = tagsOf(markup).filter(({ name }) => name === 'figure');
      // What hangs on wires, or is not soldered, is not shown on a board.
      const isOnBoard = mount === 'through' || mount === 'surface';
      if (isOnBoard) expect(figures.length).toBeGreaterThanOrEqual(3);
      else expect(figures).toHaveLength(1);
      // No key is shown raw.
      expect(read).not.toMatch(/\b(family|sign|meaning|lead)\.[a-z]/);
    },
  );
});
