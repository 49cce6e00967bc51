import type { SignDefinition } from './definition.ts';

// Leads lie under the body as soon as it is soldered, so both views hide them.

export const longLead: SignDefinition = {
  word: 'long lead',
  angle: 180,
  above: 'hidden',
  side: 'hidden',
};

export const shortLead: SignDefinition = {
  word: 'short lead',
  // The long lead says the same; two arrows for one part would be one too many.
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const longestLead: SignDefinition = {
  word: 'longest lead',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const legSpacing: SignDefinition = {
  word: 'wide and narrow side of the legs',
  angle: null,
  above: 'body',
  side: 'hidden',
};

export const pinsOffMiddle: SignDefinition = {
  word: 'two pins off the middle',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const threePins: SignDefinition = {
  word: 'three pins',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const windings: SignDefinition = {
  word: 'ends of its windings',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const singleLeg: SignDefinition = {
  word: 'side with one leg',
  angle: 90,
  above: 'body',
  side: 'hidden',
};

// Wires hang off the body, which hides where they begin; the lid of a holder draws its own.

export const redWire: SignDefinition = {
  word: 'red wire',
  angle: 180,
  above: 'hidden',
  side: 'hidden',
};

export const blackWire: SignDefinition = {
  word: 'black wire',
  angle: 0,
  above: 'hidden',
  side: 'hidden',
};
