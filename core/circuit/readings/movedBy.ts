import type { Pieces } from './pieces.ts';

/** Nothing is named whose spread explains less than this of a reading (square of the correlation). */
const explains = 0.3;

/** The part of readings that nothing on the board moves for which chance alone may name something. */
const chance = 0.01;

/**
 * What the square of a correlation must be beyond so that it is none of chance: of many parts one goes along with any
 * few readings. By the transformation of Fisher, its tail bounded by exp(−z² / 2).
 */
function beyondChance(boards: number, draws: number): number {
  if (boards <= 3) return 1;
  const z = Math.sqrt(2 * Math.log(draws / chance));
  return Math.tanh(z / Math.sqrt(boards - 3)) ** 2;
}

/** The part whose draws go along with a reading most closely; null where none does. */
export function movedBy(boards: readonly Pieces[], readings: readonly number[]): string | null {
  const draws = [...(boards[0]?.made.values() ?? [])].reduce((sum, { length }) => sum + length, 0);
  const least = Math.max(explains, beyondChance(boards.length, Math.max(1, draws)));
  let best: { readonly place: string; readonly share: number } | null = null;
  for (const [place, first] of boards[0]?.made ?? []) {
    for (let index = 0; index < first.length; index += 1) {
      const share =
        correlation(
          boards.map(({ made }) => made.get(place)?.[index] ?? 0),
          readings,
        ) ** 2;
      if (share > least && share > (best?.share ?? 0)) best = { place, share };
    }
  }
  return best?.place ?? null;
}

function correlation(a: readonly number[], b: readonly number[]): number {
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  const [meanA, meanB] = [mean(a), mean(b)];
  let [ab, aa, bb] = [0, 0, 0];
  for (let index = 0; index < a.length; index += 1) {
    const [da, db] = [(a[index] ?? 0) - meanA, (b[index] ?? 0) - meanB];
    ab += da * db;
    aa += da * da;
    bb += db * db;
  }
  return aa > 0 && bb > 0 ? ab / Math.sqrt(aa * bb) : 0;
}
