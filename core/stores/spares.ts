import type { LossRate } from './lossRate.ts';

/**
 * The chance that enough pieces are left when each is lost with the same known chance: at most `spares` of
 * `needed + spares` are lost (binomial distribution).
 *
 * @param share chance that one piece is lost, 0 to 1
 */
export function chanceEnough(needed: number, spares: number, share: number): number {
  const all = needed + spares;
  if (share <= 0) return 1;
  if (share >= 1) return needed === 0 ? 1 : 0;
  let logTerm = all * Math.log1p(-share);
  let sum = Math.exp(logTerm);
  for (let lost = 0; lost < spares; lost += 1) {
    logTerm += Math.log(((all - lost) / (lost + 1)) * (share / (1 - share)));
    sum += Math.exp(logTerm);
  }
  return Math.min(1, sum);
}

/**
 * The same when the chance itself is only known as a beta distribution: the beta-binomial, which asks for more spares
 * the less is known.
 */
export function chanceEnoughUnsure(
  needed: number,
  spares: number,
  { a, b }: Pick<LossRate, 'a' | 'b'>,
): number {
  const all = needed + spares;
  // None lost: the product of (b + i) / (a + b + i).
  let logTerm = 0;
  for (let i = 0; i < all; i += 1) logTerm += Math.log((b + i) / (a + b + i));
  let sum = Math.exp(logTerm);
  for (let lost = 0; lost < spares; lost += 1) {
    logTerm += Math.log((((all - lost) / (lost + 1)) * (a + lost)) / (b + all - lost - 1));
    sum += Math.exp(logTerm);
  }
  return Math.min(1, sum);
}

export interface SpareQuestion {
  readonly needed: number;
  readonly rate: Pick<LossRate, 'a' | 'b'>;
  /** Spares that are in the bags anyway. */
  readonly given?: number;
}

export interface SpareAnswer {
  /** For each question, in order. */
  readonly spares: readonly number[];
  /** Chance that the room runs out of something with them. */
  readonly runsOut: number;
}

/** No sensible kit needs more spares than this of one part. */
const mostSpares = 5000;

/**
 * The fewest spares in all that keep the chance that the room runs out of anything below a level. Spares are given one
 * by one to whichever part they help most; since each further spare of a part helps less, no other choice of as many
 * does better (greedy on a sum of concave functions; exact for known rates, checked against trying all).
 *
 * @param level chance to run out of anything that is still accepted, such as 0.05
 */
export function smallestSpares(questions: readonly SpareQuestion[], level: number): SpareAnswer {
  const chance = (index: number, spares: number) => {
    const { needed, rate } = questions[index] as SpareQuestion;
    return needed === 0 ? 0 : Math.log(chanceEnoughUnsure(needed, spares, rate));
  };
  const spares = questions.map(({ given = 0 }) => given);
  const now = spares.map((count, index) => chance(index, count));
  const next = spares.map((count, index) => chance(index, count + 1));
  const sum = () => now.reduce((total, log) => total + log, 0);
  const wanted = Math.log1p(-level);
  for (let added = 0; sum() < wanted && added < mostSpares; added += 1) {
    let best = 0;
    for (let index = 1; index < now.length; index += 1) {
      if (gain(index) > gain(best)) best = index;
    }
    const count = (spares[best] ?? 0) + 1;
    spares[best] = count;
    now[best] = next[best] ?? 0;
    next[best] = chance(best, count + 1);
  }
  return { spares, runsOut: -Math.expm1(sum()) };

  function gain(index: number): number {
    return (next[index] ?? 0) - (now[index] ?? 0);
  }
}
