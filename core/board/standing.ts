import type { OrderRole, PartFamily } from '../parts/family.ts';
import { heightOnBoard, mountOf, roleOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import type { Board, Pad, Side } from './board.ts';
import { bodyCorners } from './layout.ts';
import { padsOf, partsByPlace } from './pads.ts';
import type { Point } from './transform.ts';

/** A part on its spot. */
export interface Standing {
  readonly place: string;
  readonly part: Part;
  readonly role: OrderRole;
  readonly mount: PartFamily['mount'];
  readonly side: Side;
  readonly heightMm: number;
  /** Middle of the body, in mm. */
  readonly middle: Point;
  /** Corners of the body, in turn. */
  readonly body: readonly Point[];
  /** From the middle to the farthest corner. */
  readonly reachMm: number;
  readonly pads: readonly Pad[];
}

/** The parts of a kit as they stand on its board. Chips count with their socket: they are not soldered themselves. */
export function standingParts(board: Board | null, parts: readonly Part[]): Standing[] {
  if (!board) return [];
  const byPlace = partsByPlace(parts);
  const padsByPlace = new Map<string, Pad[]>();
  for (const pad of padsOf(board, byPlace)) {
    padsByPlace.set(pad.place, [...(padsByPlace.get(pad.place) ?? []), pad]);
  }
  return board.placements.flatMap((placement) => {
    const part = byPlace.get(placement.place);
    if (!part) return [];
    const [role, mount] = [roleOf(part), mountOf(part)];
    const corners = bodyCorners(placement, part);
    const middle = { x: placement.xMm, y: placement.yMm };
    return [
      {
        place: placement.place,
        part,
        role,
        mount,
        side: placement.side,
        heightMm: heightOnBoard(part),
        middle,
        body: corners,
        reachMm: Math.max(...corners.map(({ x, y }) => Math.hypot(x - middle.x, y - middle.y))),
        pads: padsByPlace.get(placement.place) ?? [],
      },
    ];
  });
}

/** Whether a part stands on the board with a body that can be in the way. */
export const hasBody = ({ role, mount }: Pick<Standing, 'role' | 'mount'>): boolean =>
  role !== 'link' && (mount === 'through' || mount === 'surface');
