/**
 * The distribution function of the normal distribution, by the rational approximation 26.2.17 of Abramowitz and Stegun
 * (error below 7.5e-8).
 */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const polynomial =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * polynomial;
  return z >= 0 ? 1 - tail : tail;
}

/**
 * The value below which so much of the normal distribution lies, by the rational approximation 26.2.23 of Abramowitz and
 * Stegun (error below 4.5e-4).
 *
 * @param share above 0 and below 1
 */
export function normalQuantile(share: number): number {
  const t = Math.sqrt(-2 * Math.log(Math.min(share, 1 - share)));
  const z =
    t -
    (2.515517 + t * (0.802853 + t * 0.010328)) /
      (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)));
  return share < 0.5 ? -z : z;
}

/** The value below which a share of sorted numbers lies; 0 where there are none. */
export const quantileOf = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
