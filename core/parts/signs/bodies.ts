import type { SignDefinition } from './definition.ts';

// The form of the body is the mark: whoever draws the body draws it.

/** The flat of the rim of a round LED, at the minus side. */
export const flat: SignDefinition = {
  word: 'flat on the rim',
  angle: 0,
  above: 'body',
  side: 'hidden',
};

export const notch: SignDefinition = {
  word: 'notch at one end',
  angle: 180,
  above: 'body',
  side: 'hidden',
};

export const bevel: SignDefinition = {
  word: 'bevelled side',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

/** Looks down in the drawing from above. */
export const flatFace: SignDefinition = {
  word: 'flat face',
  angle: 270,
  above: 'body',
  side: 'body',
};

export const metalTab: SignDefinition = {
  word: 'metal tab',
  angle: 90,
  above: 'body',
  side: 'body',
};

export const openings: SignDefinition = {
  word: 'opening',
  angle: 270,
  above: 'body',
  side: 'hidden',
};

/** The gap for the tongue of the plug. */
export const keyway: SignDefinition = {
  word: 'gap in the shell',
  angle: 270,
  above: 'body',
  side: 'hidden',
};

export const cap: SignDefinition = { word: 'cap', angle: null, above: 'hidden', side: 'hidden' };

export const flatEnd: SignDefinition = {
  word: 'flat end',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

export const printSide: SignDefinition = {
  word: 'printed side',
  angle: null,
  above: 'hidden',
  side: 'hidden',
};

/** The point beside the last digit of a display: it stands at the foot of the digits. */
export const decimalPoint: SignDefinition = {
  word: 'decimal point',
  angle: 270,
  above: 'body',
  side: 'hidden',
};
