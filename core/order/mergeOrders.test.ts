import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeOrders } from './mergeOrders.ts';
import type { OwnSteps, OwnWords } from './own/own.ts';
import { type OrderSettings, usualSettings } from './settings.ts';

const words = (at: string, more: OwnWords) => ({ at, words: more, basis: at });
const withOwn = (own: Partial<OwnSteps>): OrderSettings => ({
  ...usualSettings,
  own: { changed: [], added: [], hidden: [], ...own },
});

describe('two people at one order', () => {
  it('what each of them changed is there', () => {
    const mine = withOwn({ changed: [words('R1', { title: { en: 'Mine' } })] });
    const theirs: OrderSettings = {
      ...withOwn({ changed: [words('R2', { title: { en: 'Theirs' } })] }),
      checks: 'blocks',
    };
    const { order, both } = mergeOrders(usualSettings, mine, theirs);
    expect(order.own?.changed.map(({ at }) => at).sort()).toEqual(['R1', 'R2']);
    expect(order.checks).toBe('blocks');
    expect(both).toEqual([]);
  });

  it('words of one step are put together field by field; of the same field mine stands and is named', () => {
    const base = withOwn({ changed: [words('R1', { title: { en: 'Old' } })] });
    const mine = withOwn({
      changed: [words('R1', { title: { en: 'Mine' }, look: { en: 'Look' } })],
    });
    const theirs = withOwn({ changed: [words('R1', { title: { en: 'Old' }, minutes: 7 })] });
    expect(mergeOrders(base, mine, theirs)).toMatchObject({
      both: [],
      order: {
        own: {
          changed: [{ words: { title: { en: 'Mine' }, look: { en: 'Look' }, minutes: 7 } }],
        },
      },
    });
    const also = withOwn({ changed: [words('R1', { title: { en: 'Theirs' } })] });
    expect(mergeOrders(base, mine, also)).toMatchObject({
      both: ['R1'],
      order: { own: { changed: [{ words: { title: { en: 'Mine' } } }] } },
    });
  });

  it('what one took away is gone, unless the other wrote something there', () => {
    const base = withOwn({ changed: [words('R1', { title: { en: 'Old' } })] });
    expect(mergeOrders(base, usualSettings, base).order.own).toBeUndefined();
    const theirs = withOwn({ changed: [words('R1', { title: { en: 'Theirs' } })] });
    expect(mergeOrders(base, usualSettings, theirs)).toMatchObject({
      both: ['R1'],
      order: { own: { changed: [{ words: { title: { en: 'Theirs' } } }] } },
    });
  });

  const places = ['R1', 'R2', 'C1', 'D1'];
  const anyOrder = fc
    .record({
      titles: fc.dictionary(fc.constantFrom(...places), fc.constantFrom('a', 'b', 'c')),
      hidden: fc.subarray(places),
      checks: fc.constantFrom('blocks' as const, 'end' as const),
    })
    .map(
      ({ titles, hidden, checks }): OrderSettings => ({
        ...withOwn({
          changed: Object.entries(titles).map(([at, title]) => words(at, { title: { en: title } })),
          hidden: hidden.map((at) => ({ at, reason: 'no' })),
        }),
        checks,
      }),
    );

  it('who changed nothing takes what the other has, and no text of either is lost without a word', () => {
    fc.assert(
      fc.property(anyOrder, anyOrder, anyOrder, (base, mine, theirs) => {
        const sorted = ({ own, ...wishes }: OrderSettings) => ({
          ...wishes,
          changed: [...(own?.changed ?? [])].sort((a, b) => (a.at < b.at ? -1 : 1)),
          hidden: [...(own?.hidden ?? [])].sort((a, b) => (a.at < b.at ? -1 : 1)),
        });
        expect(sorted(mergeOrders(base, base, theirs).order)).toEqual(sorted(theirs));
        expect(sorted(mergeOrders(base, theirs, base).order)).toEqual(sorted(theirs));
        const { order, both } = mergeOrders(base, mine, theirs);
        const titles = (one: OrderSettings) =>
          new Map(one.own?.changed.map(({ at, words: { title } }) => [at, title?.en]));
        for (const [at, title] of titles(theirs)) {
          const isNew = titles(base).get(at) !== title;
          if (isNew && titles(order).get(at) !== title) expect(both).toContain(at);
        }
        for (const [at, title] of titles(mine)) {
          if (titles(base).get(at) !== title) expect(titles(order).get(at)).toBe(title);
        }
      }),
    );
  });
});
