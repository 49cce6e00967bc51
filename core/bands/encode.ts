import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { type BandColour, colourWith } from './colours.ts';

export type BandCount = 3 | 4 | 5 | 6;

export interface Resistance {
  readonly ohm: number;
  /** 20 where there is no tolerance band. */
  readonly tolerancePercent: number;
  /** Only six bands carry it, in ppm/K. */
  readonly tempcoPpm?: number;
}

/** How many of the bands are digits (IEC 60062): two of three or four bands, three of five or six. */
export const digitBands = (count: BandCount): 2 | 3 => (count >= 5 ? 3 : 2);

/**
 * The bands of a resistor, in reading order (IEC 60062).
 *
 * @param resistance `ohm` 0 makes the single black band of a zero-ohm link
 * @returns the colour names; or a sentence where that many bands cannot say this value
 */
export function encodeBands(
  { ohm, tolerancePercent, tempcoPpm }: Resistance,
  count: BandCount,
): Result<BandColour[], Said> {
  if (ohm === 0) return ok(['black']);
  const digits = digitBands(count);
  if (!(ohm > 0) || !Number.isFinite(ohm)) return fail(said('lists.bands.aResistanceMustBeAbove0'));

  const [mantissa = '', power = ''] = ohm.toExponential(digits - 1).split('e');
  if (Math.abs(Number(`${mantissa}e${power}`) / ohm - 1) > 1e-9) {
    return fail(said('lists.bands.bandsHoldDigitsAndThisValueNeeds', { count, digits }));
  }
  const multiplier = colourWith('multiplierPower', Number(power) - digits + 1);
  if (multiplier === undefined)
    return fail(said('lists.bands.noMultiplierBandReachesThisValue', { count }));

  const bands = [...mantissa.replace('.', '')].map((digit) => colourWith('digit', Number(digit)));
  bands.push(multiplier);
  if (count === 3) {
    if (tolerancePercent !== 20) return fail(said('lists.bands.threeBandsAlwaysMean20'));
  } else {
    const tolerance = colourWith('tolerancePercent', tolerancePercent);
    if (tolerance === undefined)
      return fail(said('lists.bands.noBandStandsForAToleranceOf', { tolerancePercent }));
    bands.push(tolerance);
  }
  if (count === 6) {
    const tempco = tempcoPpm === undefined ? undefined : colourWith('tempcoPpm', tempcoPpm);
    if (tempco === undefined) return fail(said('lists.bands.sixBandsNeedATemperature'));
    bands.push(tempco);
  }
  return ok(bands.filter((band) => band !== undefined));
}

/**
 * How many bands a kit's resistor of this value most likely has (common practice): four for 2 % and wider where two
 * digits hold the value, five otherwise.
 */
export function usualBandCount(ohm: number, tolerancePercent: number): BandCount {
  if (tolerancePercent === 20) return 3;
  const twoDigits = Math.abs(Number(ohm.toPrecision(2)) / ohm - 1) < 1e-9;
  return tolerancePercent >= 2 && twoDigits ? 4 : 5;
}
