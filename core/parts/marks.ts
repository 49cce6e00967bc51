import type { BandColour } from '../bands/colours.ts';
import { encodeBands, usualBandCount } from '../bands/encode.ts';
import type { Part } from './part.ts';

/**
 * The bands painted on a resistor: as many as its line says, otherwise as many as such a resistor usually has.
 *
 * @returns in reading order; empty for what is not a resistance or cannot be said in bands
 */
export function bandsOf(part: Part): BandColour[] {
  if (part.value.kind !== 'amount' || part.value.unit !== 'ohm') return [];
  const { amount: ohm, tolerancePercent = 5, bandCount } = part.value;
  const bands = encodeBands(
    { ohm, tolerancePercent, tempcoPpm: 100 },
    bandCount ?? usualBandCount(ohm, tolerancePercent),
  );
  return bands.ok ? bands.value : [];
}
