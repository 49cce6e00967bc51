import { familyOf } from '../parts/families/index.ts';
import { isTurned } from '../parts/lotNote.ts';
import type { Part } from '../parts/part.ts';
import type { SignMark } from '../parts/sign.ts';
import { signOf } from '../parts/signs/index.ts';
import type { Placement, Side } from './board.ts';

/** Towards which edge of what one sees a mark of the part points. */
export type Edge = 'left' | 'right' | 'top' | 'bottom';

export interface Facing {
  readonly mark: SignMark;
  readonly edge: Edge;
}

/** Which way the marks of a placed part must look, seen from one side of the board; empty where it does not matter. */
export function facingsOf(part: Part, placement: Placement, side: Side): Facing[] {
  const family = familyOf(part);
  // A single wire has no ends to be told apart by: its colour and its hole say all.
  if (family.role === 'off-board' && family.joints(part) < 2) return [];
  return family.signs.flatMap(({ mark }): Facing[] => {
    const own = signOf(mark).angle;
    if (own === null) return [];
    const angle = isTurned(part, mark) ? own + 180 : own;
    return [{ mark, edge: edgeAt(seenAngle(angle, placement, side)) }];
  });
}

function seenAngle(angle: number, { rotation, side: fitted }: Placement, side: Side): number {
  const onBoard = (fitted === 'bottom' ? 180 - angle : angle) + rotation;
  return side === 'bottom' ? 180 - onBoard : onBoard;
}

/** A diagonal counts to the side it is nearer to; the exact diagonal of pin 1 to the left or right. */
function edgeAt(angle: number): Edge {
  const x = Math.cos((angle * Math.PI) / 180);
  const y = Math.sin((angle * Math.PI) / 180);
  if (Math.abs(x) >= Math.abs(y) - 1e-9) return x > 0 ? 'right' : 'left';
  return y > 0 ? 'top' : 'bottom';
}
