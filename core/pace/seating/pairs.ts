/** Somebody to be paired, with the share of a beginner's minutes that they need: less is faster. */
export interface PaceOfSeat {
  readonly seat: number;
  readonly pace: number;
}

/**
 * The two schools of pairing (common practice): a quick one beside a slow one, so that help sits at the next chair; or
 * equals, so that nobody waits and nobody is carried.
 */
export const pairings = ['mixed', 'alike'] as const;
export type Pairing = (typeof pairings)[number];

/**
 * Pairs the seats of a workshop. With an odd number the one in the middle (mixed) or the quickest (alike) works alone.
 *
 * @returns pairs of seat numbers, the lower first
 */
export function pairsOf(seats: readonly PaceOfSeat[], pairing: Pairing): [number, number][] {
  const quickestFirst = [...seats].sort((a, b) => a.pace - b.pace || a.seat - b.seat);
  const half = Math.floor(quickestFirst.length / 2);
  const first = quickestFirst.length % 2;
  return Array.from({ length: half }, (_, index) => {
    const [one, other] =
      pairing === 'mixed'
        ? [quickestFirst[index], quickestFirst.at(-1 - index)]
        : [quickestFirst[first + 2 * index], quickestFirst[first + 2 * index + 1]];
    const [a, b] = [one?.seat ?? 0, other?.seat ?? 0];
    return a < b ? [a, b] : [b, a];
  });
}
