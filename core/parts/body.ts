import type { Part } from './part.ts';

/** The rough form, by which parts are taken for one another and by which the guide draws them seated. */
export type BodyShape =
  /** Lies on the board, a lead at each end. */
  | 'rod'
  /** A round can that stands up. */
  | 'can'
  /** A flat lens or drop that stands up. */
  | 'disc'
  | 'drop'
  /** A dome with a rim: an LED. */
  | 'dome'
  /** A cylinder with one flat face: TO-92. */
  | 'half-round'
  /** A body on a metal tab with a hole: TO-220. */
  | 'tab'
  /** A flat metal case with an ear for a screw at either end: TO-3. */
  | 'flange'
  /** Two rows of legs through the board. */
  | 'dip'
  /** Two rows of legs on the board. */
  | 'so'
  /** A block with a cap at each end, on the board. */
  | 'chip'
  /** A round rod with a cap at each end, on the board. */
  | 'melf'
  /** A tiny body with two or three legs on the board. */
  | 'sot'
  /** A row of legs below a thin upright slab. */
  | 'slab'
  /** A metal can with rounded ends, standing up. */
  | 'crystal-can'
  | 'block'
  | 'round-box'
  | 'flat'
  | 'wire';

/** Size as soldered. `length` goes along the leads' row, or along the longer side, seen from above. */
export type Body = (
  | { readonly lengthMm: number }
  /** Grows with the number of pins: length of one pin, in mm. */
  | { readonly pinMm: number }
) & {
  readonly shape: BodyShape;
  readonly widthMm: number;
  /** Above the board. */
  readonly heightMm: number;
  /** Between the outer leads, where it is fixed. */
  readonly leadMm?: number;
  /** Pins in two rows of a tenth of an inch, counted across. */
  readonly rows?: 2;
  /** sRGB of most of it. */
  readonly colour: string;
  /** Where the figures come from. */
  readonly source: string;
};

/** Length of the body of a part, in mm; `usualPins` where the part does not say how many it has. */
export function bodyLengthMm(body: Body, { pins }: Pick<Part, 'pins'>, usualPins = 8): number {
  return 'lengthMm' in body ? body.lengthMm : body.pinMm * (pins ?? usualPins);
}

/** Has bare metal to screw to a heat sink. */
export const isScrewedToSink = ({ shape }: Pick<Body, 'shape'>): boolean =>
  shape === 'tab' || shape === 'flange';
