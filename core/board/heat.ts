import type { Board, Pad } from './board.ts';

/** Why a joint takes more heat than others. */
export type MoreHeat = 'large-pad' | 'plane';

/** From here on a pad soaks up markedly more heat than the usual one of 1.9 mm (common practice). */
const largeMm = 2.8;

/** Whether a joint needs longer heat, and why; undefined for an ordinary one. */
export function moreHeat({ planes }: Pick<Board, 'planes'>, pad: Pad): MoreHeat | undefined {
  if (pad.net !== null && planes.includes(pad.net)) return 'plane';
  return Math.min(pad.widthMm, pad.heightMm) >= largeMm ? 'large-pad' : undefined;
}
