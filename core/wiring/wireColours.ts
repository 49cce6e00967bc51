import { plain } from '../partslist/plain.ts';

/** Colours of wires (IEC 60757, from memory), named as bands of resistors are. */
export const wireColours = [
  'black',
  'brown',
  'red',
  'orange',
  'yellow',
  'green',
  'blue',
  'violet',
  'grey',
  'white',
  'pink',
] as const;
export type WireColour = (typeof wireColours)[number];

const words: Readonly<Record<WireColour, string>> = {
  black: 'black|schwarz|negr[oa]|noir|zwart|blk|bk',
  brown: 'brown|braun|marron|brun|bruin|brn|bn',
  red: 'red|rot|roj[oa]|rouge|rood|rd',
  orange: 'orange|naranja|oranje|og',
  yellow: 'yellow|gelb|amarill[oa]|jaune|geel|ye',
  green: 'green|grun|verde|vert|groen|gn',
  blue: 'blue|blau|azul|bleu|blauw|bu',
  violet: 'violet|purple|violett|lila|violeta|morad[oa]|paars|vt',
  grey: 'grey|gray|grau|gris|grijs|gy',
  pink: 'pink|rosa|rose|roze|pk',
  white: 'white|weiss|weiß|blanc[oa]?|wit|wh',
};

const patterns = wireColours.map(
  (colour) => [colour, new RegExp(String.raw`\b(?:${words[colour]})(?:e[rns]?)?\b`, 'g')] as const,
);

/** The colours that a text names, in its order. */
export function coloursIn(text: string): readonly WireColour[] {
  const said = plain(text);
  return patterns
    .flatMap(([colour, pattern]) =>
      [...said.matchAll(pattern)].map(({ index }) => ({ colour, index })),
    )
    .sort((a, b) => a.index - b.index)
    .map(({ colour }) => colour);
}
