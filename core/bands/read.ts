import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { type BandColour, definitionOf } from './colours.ts';
import { type BandCount, digitBands, type Resistance } from './encode.ts';

/**
 * Reads bands in the order given (IEC 60062): 3 to 6 bands, or the single black band of a zero-ohm link.
 *
 * @returns the resistance; or a sentence that names the band, counted from 1, which cannot stand there
 */
export function readBands(bands: readonly BandColour[]): Result<Resistance, Said> {
  if (bands.length === 1 && bands[0] === 'black') return ok({ ohm: 0, tolerancePercent: 20 });
  if (bands.length < 3 || bands.length > 6) return fail(said('lists.bands.aResistorHas3To6Bands'));
  const count = bands.length as BandCount;
  const digits = digitBands(count);
  if (bands[0] === 'black') return fail(said('lists.bands.band1CannotBeBlackNoValue'));

  let mantissa = '';
  for (const [index, colour] of bands.slice(0, digits).entries()) {
    const { digit } = definitionOf(colour);
    if (digit === undefined)
      return fail(
        said('lists.bands.bandCannotBeIsNotADigit', {
          number: index + 1,
          colour: colourName(colour),
        }),
      );
    mantissa += digit;
  }

  const multiplier = bands[digits];
  const power = multiplier && definitionOf(multiplier).multiplierPower;
  if (power === undefined)
    return fail(
      said('lists.bands.bandCannotBeItIsNotA', {
        number: digits + 1,
        colour: colourName(multiplier),
      }),
    );
  const ohm = Number(`${mantissa}e${power}`);
  if (count === 3) return ok({ ohm, tolerancePercent: 20 });

  const toleranceBand = bands[digits + 1];
  const tolerancePercent = toleranceBand && definitionOf(toleranceBand).tolerancePercent;
  if (tolerancePercent === undefined) {
    return fail(
      said('lists.bands.bandCannotBeItIsNotA2', {
        number: digits + 2,
        colour: colourName(toleranceBand),
      }),
    );
  }
  if (count !== 6) return ok({ ohm, tolerancePercent });

  const tempcoBand = bands[5];
  const tempcoPpm = tempcoBand && definitionOf(tempcoBand).tempcoPpm;
  if (tempcoPpm === undefined) {
    return fail(said('lists.bands.band6CannotBeItIsNot', { colour: colourName(tempcoBand) }));
  }
  return ok({ ohm, tolerancePercent, tempcoPpm });
}

const colourName = (colour: BandColour | undefined): Said => said(`band.${colour ?? 'black'}`);
