import { describe, expect, it } from 'vitest';
import { type Found, matching, mostFound } from './search.ts';

const kit = (name: string): Found => ({ kind: 'kit', name, to: `/kits/${name}` });
const names = (found: readonly Found[]) => found.map(({ name }) => name);

describe('what is found', () => {
  const all = ['Twin Lamp', 'Lamp Post', 'Harbour Lamp', 'Férn Minder'].map(kit);

  it('has every word that was typed, in any order, without regard to accents and capitals', () => {
    expect(names(matching(all, 'lamp twin'))).toEqual(['Twin Lamp']);
    expect(names(matching(all, 'fern'))).toEqual(['Férn Minder']);
    expect(matching(all, 'lamp fern')).toEqual([]);
  });

  it('shows first what begins with it', () => {
    expect(names(matching(all, 'lamp'))[0]).toBe('Lamp Post');
  });

  it('is nothing before anything is typed, and never more than fits', () => {
    expect(matching(all, '  ')).toEqual([]);
    const many = Array.from({ length: 40 }, (_, index) => kit(`Kit ${index}`));
    expect(matching(many, 'kit').length).toBe(mostFound);
  });
});
