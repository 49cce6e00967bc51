import { nothingOwn, type OwnSteps } from './own/own.ts';
import type { OrderSettings } from './settings.ts';

/** Two people's changes of one order in one. */
export interface MergedOrder {
  readonly order: OrderSettings;
  /** What both of them changed, in another way: there mine stands. Names of wishes, or what own words are kept at. */
  readonly both: readonly string[];
}

/** Whether two values say the same, in whatever order their fields stand. */
const same = (a: unknown, b: unknown): boolean => written(a) === written(b);

const written = (value: unknown): string | undefined =>
  JSON.stringify(value, (_, part: unknown) =>
    typeof part === 'object' && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([x], [y]) => (x < y ? -1 : 1)))
      : part,
  );

export const isSameOrder = (a: OrderSettings, b: OrderSettings): boolean => same(a, b);

/**
 * Puts what two people made of one order together: whatever only one of them changed is as that one has it; where both
 * changed the same thing, mine stands and is named.
 *
 * @param base what both began with
 */
export function mergeOrders(
  base: OrderSettings,
  mine: OrderSettings,
  theirs: OrderSettings,
): MergedOrder {
  const both: string[] = [];
  const { own: baseOwn, ...baseWishes } = base;
  const { own: myOwn, ...myWishes } = mine;
  const { own: theirOwn, ...theirWishes } = theirs;
  const wishes = mergedFields(baseWishes, myWishes, theirWishes, (name) => both.push(name));
  const own = mergedOwn(baseOwn, myOwn, theirOwn, (at) => both.push(at));
  return {
    order: (same(own, nothingOwn) ? wishes : { ...wishes, own }) as OrderSettings,
    both: [...new Set(both)],
  };
}

type Fields = Readonly<Record<string, unknown>>;

/** Each field by itself; a field that is absent was taken away, or was never there. */
function mergedFields<T extends object>(
  base: T,
  mine: T,
  theirs: T,
  clash: (name: string) => void,
): T {
  const fieldsOf = (one: T) => new Map<string, unknown>(Object.entries(one));
  const [b, m, o] = [fieldsOf(base), fieldsOf(mine), fieldsOf(theirs)];
  const names = new Set([...o.keys(), ...m.keys()]);
  const merged: Record<string, unknown> = {};
  for (const name of names) {
    const [before, own, other] = [b.get(name), m.get(name), o.get(name)];
    if (!same(own, before) && !same(other, before) && !same(own, other)) clash(name);
    const value = same(own, before) ? other : own;
    if (value !== undefined) merged[name] = value;
  }
  return merged as T;
}

function mergedOwn(
  base: OwnSteps = nothingOwn,
  mine: OwnSteps = nothingOwn,
  theirs: OwnSteps = nothingOwn,
  clash: (at: string) => void,
): OwnSteps {
  return {
    changed: mergedList(base.changed, mine.changed, theirs.changed, ({ at }) => at, clash),
    added: mergedList(base.added, mine.added, theirs.added, ({ id }) => id, clash),
    hidden: mergedList(base.hidden, mine.hidden, theirs.hidden, ({ at }) => at, clash),
  };
}

/** Their list with what I added to it, changed and took away. */
function mergedList<T extends object>(
  base: readonly T[],
  mine: readonly T[],
  theirs: readonly T[],
  keyOf: (one: T) => string,
  clash: (key: string) => void,
): readonly T[] {
  const byKey = (list: readonly T[]) => new Map(list.map((one) => [keyOf(one), one]));
  const [b, m, o] = [byKey(base), byKey(mine), byKey(theirs)];
  const keys = [...new Set([...o.keys(), ...m.keys()])];
  return keys.flatMap((key): T[] => {
    const [before, own, other] = [b.get(key), m.get(key), o.get(key)];
    if (same(own, before)) return other ? [other] : [];
    if (same(other, before) || same(own, other)) return own ? [own] : [];
    if (!own || !other) {
      // What one took away and the other changed stays: nothing that somebody wrote goes unseen.
      clash(key);
      return own ? [own] : other ? [other] : [];
    }
    return [mergedItem(before ?? ({} as T), own, other, () => clash(key))];
  });
}

/** Words of one step are merged field by field. */
function mergedItem<T extends object>(before: T, own: T, other: T, clash: () => void): T {
  const merged = mergedFields(before, own, other, (name) => name !== 'words' && clash());
  const words = [before, own, other].map((one) => (one as Fields).words as object | undefined);
  const [b = {}, m, o] = words;
  return m && o ? { ...merged, words: mergedFields(b, m, o, clash) } : merged;
}
