/** Numbers from 0 to below 1 that look random; the same seed gives the same ones. */
export type Random = () => number;

/** A small generator of 32 bits of state (Mulberry32, public domain), good enough for simulations and exercises. */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A whole number from `from` to `to`, both possible. */
export const wholeBetween = (random: Random, from: number, to: number): number =>
  from + Math.floor(random() * (to - from + 1));

export const between = (random: Random, from: number, to: number): number =>
  from + random() * (to - from);

/** @throws Error where there is nothing to pick from */
export function pick<Item>(random: Random, items: readonly Item[]): Item {
  const item = items[Math.floor(random() * items.length)];
  if (item === undefined) throw new Error('there is nothing to pick from');
  return item;
}

/** The same items in another order (Fisher and Yates). */
export function shuffled<Item>(random: Random, items: readonly Item[]): Item[] {
  const left = [...items];
  const order: Item[] = [];
  while (left.length > 0) order.push(...left.splice(Math.floor(random() * left.length), 1));
  return order;
}
