import { type BandColour, bandColours } from '../bands/colours.ts';
import { colourDifference, type Vision } from '../bands/vision.ts';

export interface DifferingBand {
  /** Counted from 1, in the direction in which `a` is read. */
  readonly band: number;
  readonly a: BandColour;
  readonly b: BandColour;
}

export interface BandComparison {
  readonly differing: readonly DifferingBand[];
  /** True where the two are more alike with `b` lying the other way round. */
  readonly reversed: boolean;
  readonly likeness: number;
}

// CIEDE2000 at which two bands have parted by a factor of e, and how often one band is not looked at at all: one odd
// band among equal ones is easily missed (common practice: 1 kΩ and 10 kΩ, 470 Ω and 47 kΩ).
const bandScale = 16;
const bandLapse = 0.2;

/** How alike two rows of bands look, 0 to 1, in whichever direction they are more alike; 0 for unlike counts. */
export function compareBands(
  a: readonly BandColour[],
  b: readonly BandColour[],
  vision: Vision,
): BandComparison {
  const there = compareInOrder(a, b, vision);
  const back = compareInOrder(a, [...b].reverse(), vision);
  return back.likeness > there.likeness
    ? { ...back, reversed: true }
    : { ...there, reversed: false };
}

function compareInOrder(a: readonly BandColour[], b: readonly BandColour[], vision: Vision) {
  if (a.length !== b.length) return { differing: [], likeness: 0 };
  const differing = a.flatMap((colour, index): DifferingBand[] => {
    const other = b[index];
    return other === undefined || other === colour
      ? []
      : [{ band: index + 1, a: colour, b: other }];
  });
  const likeness = differing.reduce(
    (product, pair) => product * bandLikeness(pair.a, pair.b, vision),
    1,
  );
  return { differing, likeness };
}

export const bandDifference = (a: BandColour, b: BandColour, vision: Vision): number =>
  colourDifference(bandColours[a].srgb, bandColours[b].srgb, vision);

const bandLikeness = (a: BandColour, b: BandColour, vision: Vision) =>
  bandLapse + (1 - bandLapse) * Math.exp(-bandDifference(a, b, vision) / bandScale);
