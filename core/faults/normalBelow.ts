const erf = (x: number): number => {
  // Abramowitz and Stegun, 7.1.26: off by less than 1.5e-7.
  const t = 1 / (1 + 0.3275911 * Math.abs(x));
  const y =
    1 -
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) *
      t *
      Math.exp(-x * x);
  return x < 0 ? -y : y;
};

/** The part of a normal distribution that lies below x. */
export const normalBelow = (x: number, mean: number, sd: number): number =>
  0.5 * (1 + erf((x - mean) / (sd * Math.SQRT2)));
