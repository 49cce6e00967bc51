import type { BandColour } from '../../../bands/colours.ts';
import { type Said, said } from '../../said.ts';

/** A resistor as it lies on the mat. */
export interface Lying {
  /** In reading order. */
  readonly bands: readonly BandColour[];
  /** The first band lies on the right. */
  readonly turned: boolean;
}

export const asLying = ({ bands, turned }: Lying): readonly BandColour[] =>
  turned ? [...bands].reverse() : bands;

export const colourWords = (bands: readonly BandColour[]): readonly Said[] =>
  bands.map((band) => said(`band.${band}`));

/** The bands from left to right, and where the wide gap is. */
export const describeLying = (lying: Lying): Said =>
  said(lying.turned ? 'drill.bands.lies.turned' : 'drill.bands.lies.straight', {
    bands: colourWords(asLying(lying)),
  });
