/**
 * A mark by which the way round is told, and what it stands for (common practice; the table of what is fitted
 * backwards is in the family's words). Sentences are in the catalogue under `sign.<mark>` and `meaning.<means>`.
 */
export interface Sign {
  readonly mark: SignMark;
  readonly means: Meaning;
}

export const signMarks = [
  'long-lead',
  'short-lead',
  'longest-lead',
  'flat',
  'stripe',
  'band',
  'plus-print',
  'notch',
  'dot',
  'bevel',
  'green-mark',
  'flat-face',
  'metal-tab',
  'single-leg',
  'three-pins',
  'windings',
  'leg-spacing',
  'pins-off-middle',
  'openings',
  'keyway',
  'red-wire',
  'black-wire',
  'cap',
  'flat-end',
  'print-side',
  'decimal-point',
  'dark-segment',
  'bar',
  'bevelled-corners',
  'broad-face',
  'small-snap',
  'wide-snap',
  'nub',
  'rim-tab',
  'lens',
  'cut-corner',
  'case-pad',
] as const;
export type SignMark = (typeof signMarks)[number];

export type Meaning =
  | 'plus'
  | 'minus'
  | 'anode'
  | 'cathode'
  | 'common'
  | 'pin-1'
  | 'outline'
  | 'outwards'
  | 'one-way'
  | 'top';
