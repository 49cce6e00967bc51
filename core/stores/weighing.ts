import { type Said, said } from '../learning/said.ts';
/** A sample of counted pieces on the scale. */
export interface WeighedSample {
  readonly pieces: number;
  readonly grams: number;
}

export interface WeighingSetup {
  /** The last digit of the scale, in grams. */
  readonly resolutionGrams: number;
  /** How much single pieces differ: standard deviation over mean. About 0.02 for small parts (common practice). */
  readonly pieceSpread: number;
}

export const usualSetup: WeighingSetup = { resolutionGrams: 0.01, pieceSpread: 0.02 };

export interface WeighedCount {
  /** The whole number of pieces nearest to the weight. */
  readonly pieces: number;
  /** The count before rounding. */
  readonly exact: number;
  /** Half the width of the 99 % interval, in pieces. */
  readonly doubt: number;
  /** The rounded count is right with 99 %. */
  readonly certain: boolean;
}

/** Two-sided 99 % of the normal distribution. */
const z99 = 2.5758;

/**
 * Standard deviation, in pieces, of a count by weight. Three independent doubts add as variances: the pieces that are
 * weighed differ from each other, the unit weight comes from a sample that differs too, and every reading is rounded
 * to the scale's last digit (uniform, so its variance is the digit squared over 12).
 */
export function countDeviation(
  pieces: number,
  sample: WeighedSample,
  { resolutionGrams, pieceSpread }: WeighingSetup,
): number {
  const unitGrams = sample.grams / sample.pieces;
  const rounding = resolutionGrams / Math.sqrt(12);
  const ofPieces = pieces * pieceSpread ** 2;
  const ofUnit = pieces ** 2 * (pieceSpread ** 2 / sample.pieces + (rounding / sample.grams) ** 2);
  const ofReading = (rounding / unitGrams) ** 2;
  return Math.sqrt(ofPieces + ofUnit + ofReading);
}

/** The count that a weight means. */
export function countByWeight(
  grams: number,
  sample: WeighedSample,
  setup: WeighingSetup = usualSetup,
): WeighedCount {
  const exact = (grams / sample.grams) * sample.pieces;
  const doubt = z99 * countDeviation(exact, sample, setup);
  return { pieces: Math.round(exact), exact, doubt, certain: doubt < 0.5 };
}

/** The largest count that is still certain at 99 % with this sample; 0 where not even one piece is. */
export function largestCertainCount(
  sample: WeighedSample,
  setup: WeighingSetup = usualSetup,
): number {
  const certain = (pieces: number) => z99 * countDeviation(pieces, sample, setup) < 0.5;
  if (!certain(1)) return 0;
  let low = 1;
  let high = 2;
  while (certain(high) && high < 1_000_000) {
    low = high;
    high *= 2;
  }
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (certain(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** Why a sample cannot be used, and the way out; undefined where it can. */
export function sampleProblem(
  { pieces, grams }: WeighedSample,
  { resolutionGrams }: WeighingSetup = usualSetup,
): Said | undefined {
  if (!Number.isInteger(pieces) || pieces < 1)
    return said('refusals.stores.countThePiecesOfTheSample10');
  if (grams < 10 * resolutionGrams) {
    return said('refusals.stores.gIsTooLightForThisScale', { grams });
  }
  return undefined;
}
