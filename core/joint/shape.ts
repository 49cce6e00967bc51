/**
 * A joint on a lead through the board, as it is drawn: solder side up, sizes in mm. The heat bench makes it from what
 * happened, the trainer of joints from a class.
 */
export interface JointShape {
  readonly padMm: number;
  readonly leadMm: number;
  /** How far the lead stands above the pad; 0 where it is not through. */
  readonly leadAboveMm: number;
  /** From the middle to where the solder ends on the left and on the right. */
  readonly leftMm: number;
  readonly rightMm: number;
  /** Where the solder ends on the lead, or its top where it covers the lead. */
  readonly heightMm: number;
  /** Below 0 the sides are hollow, above 0 they bulge: −1 to 1. */
  readonly bulge: number;
  readonly wetsPad: boolean;
  readonly wetsLead: boolean;
  /** Rough and grey, in lumps of so many mm; 0 is smooth and bright. */
  readonly roughMm: number;
  /** How much of the barrel is filled, 0 to 1. */
  readonly fill: number;
  readonly hole: { readonly xMm: number; readonly rMm: number } | null;
  readonly spikeMm: number;
  readonly bridgeTo: 'left' | 'right' | null;
  readonly ball: { readonly xMm: number; readonly rMm: number } | null;
  /** How far the pad stands off the board at its left edge. */
  readonly liftMm: number;
  /** The board around it is burnt: 0 to 1. */
  readonly burnt: number;
}

export const goodShape: JointShape = {
  padMm: 2,
  leadMm: 0.6,
  leadAboveMm: 1.4,
  leftMm: 1,
  rightMm: 1,
  heightMm: 0.9,
  bulge: -0.6,
  wetsPad: true,
  wetsLead: true,
  roughMm: 0,
  fill: 1,
  hole: null,
  spikeMm: 0,
  bridgeTo: null,
  ball: null,
  liftMm: 0,
  burnt: 0,
};
