/** How many pairs of things are in the order wanted, and how many in the other. */
export interface PairCounts {
  readonly concordant: number;
  readonly discordant: number;
}

/**
 * Kendall's rank correlation of an order with what is wanted, pair by pair: 1 where every pair is as wanted, −1 where
 * every pair is the other way round (Kendall 1938, A New Measure of Rank Correlation). Pairs that nothing decides are
 * left out; with none of those it is Kendall's tau, otherwise what is known as Goodman and Kruskal's gamma.
 *
 * @returns 1 where there is no pair at all
 */
export function kendallTau({ concordant, discordant }: PairCounts): number {
  const all = concordant + discordant;
  return all === 0 ? 1 : (concordant - discordant) / all;
}

/**
 * Counts the pairs of an order.
 *
 * @param order keys in the order that somebody gave
 * @param wanted pairs of keys, the one that comes first before the other; those with a key that is not in the order
 *   are left out
 */
export function countPairs(
  order: readonly string[],
  wanted: readonly { readonly before: string; readonly after: string }[],
): PairCounts {
  const at = new Map(order.map((key, index) => [key, index]));
  let [concordant, discordant] = [0, 0];
  for (const { before, after } of wanted) {
    const [first, second] = [at.get(before), at.get(after)];
    if (first === undefined || second === undefined) continue;
    if (first < second) concordant += 1;
    else discordant += 1;
  }
  return { concordant, discordant };
}
