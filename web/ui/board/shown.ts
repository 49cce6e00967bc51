import type { Board, Placement } from '#core/board/board';
import { sitsInSocket } from '#core/board/pads';
import type { Part } from '#core/parts/part';

/** A part as it is drawn: pointed at, fitted, or still to come. */
export interface Shown {
  readonly placement: Placement;
  readonly part: Part;
  readonly state: 'now' | 'done' | 'ahead';
}

/**
 * The parts of a board to be drawn.
 *
 * @param now places that are pointed at
 * @param done places that are on the board already; where left out, all are
 */
export function shownParts(
  board: Board,
  parts: ReadonlyMap<string, Part>,
  now: ReadonlySet<string>,
  done: ReadonlySet<string> | undefined,
): Shown[] {
  return board.placements.flatMap((placement) => {
    const part = parts.get(placement.place);
    if (!part) return [];
    const state = stateOf(placement.place, now, done);
    // A chip that comes later would hide the socket that is fitted now.
    if (state === 'ahead' && sitsInSocket(placement, board, parts)) return [];
    return [{ placement, part, state }];
  });
}

function stateOf(
  place: string,
  now: ReadonlySet<string>,
  done: ReadonlySet<string> | undefined,
): Shown['state'] {
  if (now.has(place)) return 'now';
  return !done || done.has(place) ? 'done' : 'ahead';
}
