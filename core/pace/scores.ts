/**
 * The continuous ranked probability score of a forecast given as samples: how far it lies from what came, in the
 * samples' own unit, with praise for being narrow (Gneiting and Raftery 2007, from memory). 0 is perfect.
 *
 * @param samples of the forecast; at least one
 */
export function crps(samples: readonly number[], came: number): number {
  const sorted = [...samples].sort((a, b) => a - b);
  const count = sorted.length;
  const off = sorted.reduce((sum, one) => sum + Math.abs(one - came), 0) / count;
  // The mean distance of two samples, from their order.
  const apart =
    (2 * sorted.reduce((sum, one, index) => sum + (2 * index + 1 - count) * one, 0)) / count ** 2;
  return off - apart / 2;
}

/** Mean squared difference of chance and outcome (Brier 1950); null where nothing was forecast. */
export const brierOf = (
  told: readonly { readonly chance: number; readonly finished: boolean }[],
): number | null =>
  told.length === 0
    ? null
    : told.reduce((sum, { chance, finished }) => sum + (chance - (finished ? 1 : 0)) ** 2, 0) /
      told.length;

/** A range that was told, and what came; null where it was not seen any more. */
export interface Ranged {
  readonly low: number;
  readonly high: number;
  readonly came: number | null;
}

/** The share of what came that lies in the ranges told; null where nothing came. */
export function coverageOf(told: readonly Ranged[]): number | null {
  const seen = told.flatMap(({ low, high, came }) =>
    came === null ? [] : [came >= low && came <= high],
  );
  return seen.length === 0 ? null : seen.filter(Boolean).length / seen.length;
}
