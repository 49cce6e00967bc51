import { type BandColour, bandColours } from '../../../bands/colours.ts';
import { colourDifference, type Vision } from '../../../bands/vision.ts';
import type { Sight } from '../drill.ts';

const visionsOf: Readonly<Record<Sight, readonly Vision[]>> = {
  usual: [],
  'red-green': ['protan', 'deutan'],
  'blue-yellow': ['tritan'],
  unsure: ['protan', 'deutan', 'tritan'],
};

/** Below this two bands cannot be told apart at a glance (CIEDE2000; the bound is common practice). */
export const nearlySame = 12;

/** Whether two colours look nearly the same to somebody. */
export const looksAlike = (a: BandColour, b: BandColour, sight: Sight): boolean =>
  a !== b &&
  visionsOf[sight].some(
    (vision) => colourDifference(bandColours[a].srgb, bandColours[b].srgb, vision) < nearlySame,
  );

/** Whether a band of these could be taken for another colour. */
export const hasUnsure = (bands: readonly BandColour[], sight: Sight): boolean =>
  bands.some((band) =>
    (Object.keys(bandColours) as BandColour[]).some((other) => looksAlike(band, other, sight)),
  );
