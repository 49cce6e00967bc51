import type { BandColour } from '../../bands/colours.ts';
import type { BandCount } from '../../bands/encode.ts';
import { rankReadings } from '../../bands/rank.ts';
import { bandColourIn } from '../colourNames.ts';
import { plain } from '../plain.ts';

/** The first run of three to six colours in a text: `brown black orange gold`, `br-sw-or-go`; undefined without one. */
export function bandsIn(text: string): readonly BandColour[] | undefined {
  const runs = plain(text)
    .split(/[^a-z\s,;/–-]+/)
    .flatMap((part) => runsOf(part.split(/[^a-z]+/).filter(Boolean)));
  return runs.find(({ length }) => length >= 3 && length <= 6);
}

function runsOf(said: readonly string[]): BandColour[][] {
  const runs: BandColour[][] = [[]];
  for (const word of said) {
    const colour = bandColourIn(word);
    if (colour) runs.at(-1)?.push(colour);
    else runs.push([]);
  }
  return runs;
}

export interface ReadBandWords {
  readonly ohm: number;
  /** Absent of three bands: whoever writes only three leaves the gold one out. */
  readonly tolerancePercent?: number;
  readonly bandCount?: BandCount;
  /** No such resistor is made in the order written; from the other end it is one. */
  readonly isReversed: boolean;
}

/**
 * What bands that are written out say (IEC 60062): in the order written, as people read them out.
 *
 * @returns undefined where the text names none, or what they say is no resistor that is made
 */
export function readBandWords(text: string): ReadBandWords | undefined {
  const bands = bandsIn(text);
  const { readings } = rankReadings(bands ?? []);
  const read = readings.find(({ direction }) => direction === 'forward') ?? readings[0];
  if (!bands || !read) return undefined;
  const { ohm, tolerancePercent, direction } = read;
  const isReversed = direction === 'reversed';
  if (bands.length === 3) return isReversed ? undefined : { ohm, isReversed };
  return { ohm, tolerancePercent, bandCount: bands.length as BandCount, isReversed };
}
