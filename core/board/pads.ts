import { familyOf } from '../parts/families/index.ts';
import { holdsFuses } from '../parts/goesInto.ts';
import type { Part } from '../parts/part.ts';
import type { Board, Pad, Placement } from './board.ts';
import { footprintOf } from './footprint.ts';
import { onBoard } from './transform.ts';

/** The part of each place of a kit, one piece each. */
export function partsByPlace(parts: readonly Part[]): Map<string, Part> {
  const byPlace = new Map<string, Part>();
  for (const part of parts) {
    if (part.supply === 'spare') continue;
    for (const place of part.designators) {
      const there = byPlace.get(place);
      // A chip that shares the place of its socket sits in it, a fuse in its clips: these are what is soldered there.
      if (there && (familyOf(there).role === 'socket' || holdsFuses(there))) continue;
      byPlace.set(place, { ...part, quantity: 1 });
    }
  }
  return byPlace;
}

/** Every pad of a board: those of its pad list, and those of placed parts that the list does not know. */
export function padsOf(board: Board, parts: ReadonlyMap<string, Part>): Pad[] {
  const listed = new Set(board.pads.map(({ place }) => place));
  const drawn = board.placements.flatMap((placement) => {
    const part = parts.get(placement.place);
    if (!part || listed.has(placement.place) || sitsInSocket(placement, board, parts)) return [];
    return footprintPads(placement, part);
  });
  return [...board.pads, ...drawn];
}

/** The pads that a placed part's footprint makes. */
export function footprintPads(placement: Placement, part: Part): Pad[] {
  const footprint = footprintOf(part, placement.spanMm);
  return footprint.pins.map((pin) => {
    const { x, y } = onBoard(placement, pin);
    return {
      place: placement.place,
      pin: pin.pin,
      net: null,
      xMm: x,
      yMm: y,
      widthMm: footprint.padWidthMm,
      heightMm: footprint.padHeightMm,
      rotation: placement.rotation,
      side: footprint.drillMm === null ? placement.side : 'both',
      drillMm: footprint.drillMm,
      plated: footprint.drillMm !== null,
      square: pin.square,
    };
  });
}

/** Whether a chip is pushed into a socket at the same spot: it has no pads of its own. */
export const sitsInSocket = (
  placement: Placement,
  board: Board,
  parts: ReadonlyMap<string, Part>,
): boolean => socketUnder(placement, board, parts) !== undefined;

/** The socket that a chip is pushed into; undefined for whatever has its own pads. */
export function socketUnder(
  placement: Placement,
  board: Board,
  parts: ReadonlyMap<string, Part>,
): Placement | undefined {
  const part = parts.get(placement.place);
  if (!part || familyOf(part).role !== 'chip') return undefined;
  return board.placements.find((other) => {
    const below = parts.get(other.place);
    return (
      below !== undefined &&
      familyOf(below).role === 'socket' &&
      Math.hypot(other.xMm - placement.xMm, other.yMm - placement.yMm) < 0.5
    );
  });
}
