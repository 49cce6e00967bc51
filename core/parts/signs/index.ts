import { type SignMark, signMarks } from '../sign.ts';
import { band } from './band.ts';
import {
  bar,
  bevel,
  bevelledCorners,
  broadFace,
  cap,
  casePad,
  cutCorner,
  darkSegment,
  decimalPoint,
  flat,
  flatEnd,
  flatFace,
  keyway,
  lens,
  metalTab,
  notch,
  nub,
  openings,
  printSide,
  rimTab,
  smallSnap,
  wideSnap,
} from './bodies.ts';
import type { SignDefinition } from './definition.ts';
import {
  blackWire,
  legSpacing,
  longestLead,
  longLead,
  pinsOffMiddle,
  redWire,
  shortLead,
  singleLeg,
  threePins,
  windings,
} from './leads.ts';
import { dot, greenMark, plusPrint } from './prints.ts';
import { stripe } from './stripe.ts';

/** Every mark; a new one is a name in core/parts/sign, a record here and its word in each language. */
const byMark: { readonly [Mark in SignMark]: SignDefinition } = {
  'long-lead': longLead,
  'short-lead': shortLead,
  'longest-lead': longestLead,
  flat,
  stripe,
  band,
  'plus-print': plusPrint,
  notch,
  dot,
  bevel,
  'green-mark': greenMark,
  'flat-face': flatFace,
  'metal-tab': metalTab,
  'single-leg': singleLeg,
  'three-pins': threePins,
  windings,
  'leg-spacing': legSpacing,
  'pins-off-middle': pinsOffMiddle,
  openings,
  keyway,
  'red-wire': redWire,
  'black-wire': blackWire,
  cap,
  'flat-end': flatEnd,
  'print-side': printSide,
  'decimal-point': decimalPoint,
  'dark-segment': darkSegment,
  bar,
  'bevelled-corners': bevelledCorners,
  'broad-face': broadFace,
  'small-snap': smallSnap,
  'wide-snap': wideSnap,
  nub,
  'rim-tab': rimTab,
  lens,
  'cut-corner': cutCorner,
  'case-pad': casePad,
};

export const signOf = (mark: SignMark): SignDefinition => byMark[mark];

/** The English word of every mark. */
export const signWords: Readonly<Record<string, string>> = Object.fromEntries(
  signMarks.map((mark) => [mark, byMark[mark].word]),
);
