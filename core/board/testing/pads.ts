import type { Pad } from '../board.ts';

/** A round pad of the usual size for hand soldering, through the board, for a test. */
export const padWith = (more: Partial<Pad>): Pad => ({
  place: 'R1',
  pin: '1',
  net: null,
  xMm: 0,
  yMm: 0,
  widthMm: 1.9,
  heightMm: 1.9,
  rotation: 0,
  side: 'both',
  drillMm: 0.8,
  plated: true,
  square: false,
  ...more,
});
