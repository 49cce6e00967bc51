import type { BandColour } from '../../bands/colours.ts';
import type { BandCount } from '../../bands/encode.ts';
import { rankReadings } from '../../bands/rank.ts';
import { plain } from '../plain.ts';

/** Bands as lists write them, without accents; German short forms by IEC 60757 and its national habits, from memory. */
const words: Readonly<Record<BandColour, string>> = {
  black: 'black blk schwarz sw negro noir zwart',
  brown: 'brown brn braun br marron cafe brun bruin',
  red: 'red rot rt rojo rouge rood',
  orange: 'orange org or naranja oranje',
  yellow: 'yellow yel gelb ge amarillo jaune geel',
  green: 'green grn grun gn verde vert groen',
  blue: 'blue blu blau bl azul bleu blauw',
  violet: 'violet vio purple violett lila violeta morado paars vi',
  grey: 'grey gray gry grau gr gris grijs',
  white: 'white wht weiss ws blanco blanc wit',
  gold: 'gold gld dorado oro goud go',
  silver: 'silver slv silber plata plateado argent zilver si',
  pink: 'pink rosa rose roze',
};

const colourOf: ReadonlyMap<string, BandColour> = new Map(
  (Object.entries(words) as [BandColour, string][]).flatMap(([colour, names]) =>
    names.split(' ').map((name) => [name, colour] as const),
  ),
);

/** Whether a word, plain, is the colour of a band. */
export const isBandWord = (word: string): boolean => colourOf.has(word);

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
    const colour = colourOf.get(word);
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
