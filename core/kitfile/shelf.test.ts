import { describe, expect, it } from 'vitest';
import { readTags, type Shelved, shelfOf, tagsOf } from './shelf.ts';

const kit = (name: string, more: Partial<Shelved> = {}): Shelved => ({
  name,
  description: '',
  tags: [],
  archivedAt: null,
  lastWorkshopAt: null,
  revisedAt: '2026-01-01T00:00:00.000Z',
  minutes: 60,
  ...more,
});
const kits = [
  kit('Lamp 10', { tags: ['easy'], lastWorkshopAt: '2026-03-01T18:00:00.000Z', minutes: 90 }),
  kit('Lamp 2', { tags: ['easy', 'night'], description: 'Glows in the dark' }),
  kit('Älteste Uhr', { archivedAt: '2026-02-01T00:00:00.000Z' }),
  kit('Buzzer', { lastWorkshopAt: '2026-05-01T18:00:00.000Z', minutes: 30 }),
];
const all = { words: '', tag: null, archived: false, order: 'name' } as const;
const names = (asked: Partial<Parameters<typeof shelfOf>[1]>) =>
  shelfOf(kits, { ...all, ...asked }, 'en').map(({ name }) => name);

describe('the list of kits', () => {
  it('is in the order of names, 2 before 10, without what was put away', () => {
    expect(names({})).toEqual(['Buzzer', 'Lamp 2', 'Lamp 10']);
    expect(names({ archived: true })).toEqual(['Älteste Uhr']);
  });

  it('is found by words of name, description and tags, in any order', () => {
    expect(names({ words: 'dark LAMP' })).toEqual(['Lamp 2']);
    expect(names({ words: 'altest', archived: true })).toEqual(['Älteste Uhr']);
    expect(names({ tag: 'easy' })).toEqual(['Lamp 2', 'Lamp 10']);
    expect(names({ words: 'toaster' })).toEqual([]);
  });

  it('comes by the latest evening or by its length', () => {
    expect(names({ order: 'used' })).toEqual(['Buzzer', 'Lamp 10', 'Lamp 2']);
    expect(names({ order: 'minutes' })).toEqual(['Buzzer', 'Lamp 2', 'Lamp 10']);
  });

  it('counts its tags, and reads them as they are typed', () => {
    expect(tagsOf(kits)).toEqual([
      ['easy', 2],
      ['night', 1],
    ]);
    expect(readTags(' easy, night;easy,, ')).toEqual(['easy', 'night']);
  });
});
