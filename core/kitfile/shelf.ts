import { plain } from '../partslist/plain.ts';

/** What the list of kits is looked through by. */
export interface Shelved {
  readonly name: string;
  readonly description: string;
  readonly tags: readonly string[];
  readonly archivedAt: string | null;
  readonly lastWorkshopAt: string | null;
  readonly revisedAt: string;
  readonly minutes: number;
}

export const shelfOrders = ['name', 'used', 'changed', 'minutes'] as const;
export type ShelfOrder = (typeof shelfOrders)[number];

const newestFirst = (a: string | null, b: string | null): number =>
  (b ?? '').localeCompare(a ?? '');

const comparing: Readonly<
  Record<ShelfOrder, (compare: Intl.Collator['compare']) => (a: Shelved, b: Shelved) => number>
> = {
  name: (compare) => (a, b) => compare(a.name, b.name),
  used: (compare) => (a, b) =>
    newestFirst(a.lastWorkshopAt, b.lastWorkshopAt) || compare(a.name, b.name),
  changed: () => (a, b) => newestFirst(a.revisedAt, b.revisedAt),
  minutes: (compare) => (a, b) => a.minutes - b.minutes || compare(a.name, b.name),
};

interface Asked {
  /** Every word of it stands in name, description or tags. */
  readonly words: string;
  readonly tag: string | null;
  readonly archived: boolean;
  readonly order: ShelfOrder;
}

/**
 * The kits that somebody looks for, in the order asked for.
 *
 * @param locale BCP 47, for the order of names
 */
export function shelfOf<Kit extends Shelved>(
  kits: readonly Kit[],
  { words, tag, archived, order }: Asked,
  locale: string,
): readonly Kit[] {
  const asked = plain(words).split(' ').filter(Boolean);
  const compare = new Intl.Collator(locale, { numeric: true }).compare;
  return kits
    .filter((kit) => (kit.archivedAt !== null) === archived)
    .filter(({ tags }) => tag === null || tags.includes(tag))
    .filter((kit) => {
      const text = plain([kit.name, kit.description, ...kit.tags].join(' '));
      return asked.every((word) => text.includes(word));
    })
    .sort(comparing[order](compare));
}

/** Every tag with how many kits have it, the commonest first. */
export function tagsOf(
  kits: readonly Shelved[],
): readonly (readonly [tag: string, count: number])[] {
  const counts = new Map<string, number>();
  for (const tag of kits.flatMap(({ tags }) => tags)) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return [...counts].sort(([a, m], [b, n]) => n - m || a.localeCompare(b));
}

/** Tags as somebody types them, parted by commas. */
export const readTags = (text: string): readonly string[] => [
  ...new Set(
    text
      .split(/[,;\n]/)
      .map((tag) => tag.trim())
      .filter((tag) => tag !== ''),
  ),
];
