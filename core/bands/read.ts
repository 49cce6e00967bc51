import { fail, ok, type Result } from '../result.ts';
import { type BandColour, definitionOf } from './colours.ts';
import { type BandCount, digitBands, type Resistance } from './encode.ts';

/**
 * Reads bands in the order given (IEC 60062): 3 to 6 bands, or the single black band of a zero-ohm link.
 *
 * @returns the resistance; or a sentence that names the band, counted from 1, which cannot stand there
 */
export function readBands(bands: readonly BandColour[]): Result<Resistance, string> {
  if (bands.length === 1 && bands[0] === 'black') return ok({ ohm: 0, tolerancePercent: 20 });
  if (bands.length < 3 || bands.length > 6)
    return fail('a resistor has 3 to 6 bands, or one black band');
  const count = bands.length as BandCount;
  const digits = digitBands(count);
  if (bands[0] === 'black') return fail('band 1 cannot be black: no value begins with 0');

  let mantissa = '';
  for (const [index, colour] of bands.slice(0, digits).entries()) {
    const { digit } = definitionOf(colour);
    if (digit === undefined)
      return fail(`band ${index + 1} cannot be ${colour}: ${colour} is not a digit`);
    mantissa += digit;
  }

  const multiplier = bands[digits];
  const power = multiplier && definitionOf(multiplier).multiplierPower;
  if (power === undefined)
    return fail(`band ${digits + 1} cannot be ${multiplier}: it is not a multiplier`);
  const ohm = Number(`${mantissa}e${power}`);
  if (count === 3) return ok({ ohm, tolerancePercent: 20 });

  const toleranceBand = bands[digits + 1];
  const tolerancePercent = toleranceBand && definitionOf(toleranceBand).tolerancePercent;
  if (tolerancePercent === undefined) {
    return fail(`band ${digits + 2} cannot be ${toleranceBand}: it is not a tolerance`);
  }
  if (count !== 6) return ok({ ohm, tolerancePercent });

  const tempcoBand = bands[5];
  const tempcoPpm = tempcoBand && definitionOf(tempcoBand).tempcoPpm;
  if (tempcoPpm === undefined) {
    return fail(`band 6 cannot be ${tempcoBand}: it is not a temperature coefficient`);
  }
  return ok({ ohm, tolerancePercent, tempcoPpm });
}
