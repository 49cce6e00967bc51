/** How many of how many, with the interval that the true share lies in nineteen times of twenty. */
export interface Share {
  readonly count: number;
  readonly of: number;
  readonly low: number;
  readonly high: number;
}

/** 95 % of the normal distribution lie within so many deviations. */
const deviations = 1.96;

/**
 * A share with its Wilson score interval (Wilson 1927), which stays honest for small numbers and for none at all.
 */
export function shareOfCount(count: number, of: number): Share {
  if (of === 0) return { count, of, low: 0, high: 1 };
  const p = count / of;
  const z2 = deviations ** 2;
  const middle = (p + z2 / (2 * of)) / (1 + z2 / of);
  const half = (deviations / (1 + z2 / of)) * Math.sqrt((p * (1 - p)) / of + z2 / (4 * of ** 2));
  return { count, of, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

/** From fewer than this nobody should conclude much. */
const fewFrom = 20;

export const isFew = ({ of }: Pick<Share, 'of'>): boolean => of < fewFrom;
