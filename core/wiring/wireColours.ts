import { coloursIn as coloursNamed } from '../partslist/colourNames.ts';

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

const isWireColour = (colour: string): colour is WireColour =>
  wireColours.some((one) => one === colour);

/** The colours that a text names, in its order. */
export const coloursIn = (text: string): readonly WireColour[] =>
  coloursNamed(text).filter(isWireColour);
