import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import type { Board, Placement, Side } from './board.ts';
import type { Edit } from './edit.ts';
import { padsOf, socketUnder } from './pads.ts';
import type { Point } from './transform.ts';

type Parts = ReadonlyMap<string, Part>;

/** How equal parts are laid out at once: row by row from the first, to the right and downwards as one sees it. */
export interface Grid {
  readonly columns: number;
  readonly acrossMm: number;
  readonly downMm: number;
}

/** Equal parts in rows and columns; the first stands at `at`. */
export function gridOfParts(
  places: readonly string[],
  at: Point,
  { columns, acrossMm, downMm }: Grid,
  { side, rotation }: { readonly side: Side; readonly rotation: number },
): readonly Placement[] {
  // From below, right is left.
  const right = side === 'bottom' ? -1 : 1;
  return places.map((place, index) => ({
    place,
    xMm: tenth(at.x + right * (index % columns) * acrossMm),
    yMm: tenth(at.y - Math.floor(index / columns) * downMm),
    rotation,
    side,
  }));
}

const tenth = (value: number) => Math.round(value * 1e4) / 1e4;

/** Whether two lines are the same thing to place: one kind, one value. */
export const isAlike = (a: Part, b: Part): boolean =>
  a.family === b.family &&
  a.pins === b.pins &&
  JSON.stringify([a.value, a.mounting]) === JSON.stringify([b.value, b.mounting]);

const isChip = (part: Part | undefined) => part !== undefined && familyOf(part).role === 'chip';
const isSocket = (part: Part | undefined) => part !== undefined && familyOf(part).role === 'socket';
const fits = (chip: Part, socket: Part) =>
  chip.pins === undefined || socket.pins === undefined || chip.pins === socket.pins;

/**
 * The chips that go onto the board with their sockets: each waiting chip with the first waiting socket that it fits, in
 * the order of the list. A first draft: a chip that is taken off can be put into another socket.
 *
 * @returns chips by their sockets
 */
export function chipsForSockets(
  parts: Parts,
  waiting: readonly string[],
): ReadonlyMap<string, string> {
  const pairs = new Map<string, string>();
  const chips = waiting.filter((place) => isChip(parts.get(place)));
  for (const place of waiting) {
    const socket = parts.get(place);
    if (!isSocket(socket) || !socket) continue;
    const index = chips.findIndex((one) => {
      const chip = parts.get(one);
      return chip !== undefined && fits(chip, socket);
    });
    const [chip] = index < 0 ? [] : chips.splice(index, 1);
    if (chip !== undefined) pairs.set(place, chip);
  }
  return pairs;
}

/** The spot of an empty socket near a point that a chip fits into; undefined where there is none. */
export function socketNear(
  board: Board,
  parts: Parts,
  chip: string,
  at: Point,
  withinMm = 6,
): Placement | undefined {
  const part = parts.get(chip);
  if (!part || !isChip(part)) return undefined;
  const taken = new Set(
    board.placements.flatMap((one) => socketUnder(one, board, parts)?.place ?? []),
  );
  return board.placements
    .filter(({ place, xMm, yMm }) => {
      const socket = parts.get(place);
      return (
        socket !== undefined &&
        isSocket(socket) &&
        !taken.has(place) &&
        fits(part, socket) &&
        Math.hypot(xMm - at.x, yMm - at.y) <= withinMm
      );
    })
    .sort(
      (a, b) => Math.hypot(a.xMm - at.x, a.yMm - at.y) - Math.hypot(b.xMm - at.x, b.yMm - at.y),
    )[0];
}

/** Some parts with what moves along with them: a socket with its chip, a chip with its socket. */
export function withPartners(
  board: Board,
  parts: Parts,
  places: readonly string[],
): readonly string[] {
  const together = new Set(places);
  for (const placement of board.placements) {
    const socket = socketUnder(placement, board, parts)?.place;
    if (socket === undefined) continue;
    if (together.has(socket) || together.has(placement.place)) {
      together.add(socket);
      together.add(placement.place);
    }
  }
  return [...together];
}

/** Brings the first pads of parts into one line with that of the first part. */
export function alignedByPads(
  board: Board,
  parts: Parts,
  places: readonly string[],
  along: 'row' | 'column',
): readonly Edit[] {
  const pads = padsOf(board, parts);
  const spotOf = (place: string) => {
    const pad = pads.find((one) => one.place === place);
    const placement = board.placements.find((one) => one.place === place);
    return pad ?? placement;
  };
  const first = spotOf(places[0] ?? '');
  if (!first) return [];
  return places.slice(1).flatMap((place): Edit[] => {
    const own = spotOf(place);
    if (!own) return [];
    const [dx, dy] = along === 'row' ? [0, first.yMm - own.yMm] : [first.xMm - own.xMm, 0];
    return dx === 0 && dy === 0
      ? []
      : [{ kind: 'move', places: withPartners(board, parts, [place]), dx, dy }];
  });
}

/**
 * The arrangement of some parts once more, with parts that wait: each takes the first waiting part of its kind, of the
 * same value where there is one.
 *
 * @returns what can be placed; empty where nothing of the kind waits
 */
export function copiedGroup(
  board: Board,
  parts: Parts,
  places: readonly string[],
  waiting: readonly string[],
  { dx, dy }: { readonly dx: number; readonly dy: number },
): readonly Placement[] {
  const free = [...waiting];
  return board.placements
    .filter(({ place }) => places.includes(place))
    .flatMap((placement): Placement[] => {
      const part = parts.get(placement.place);
      if (!part) return [];
      const candidates = free.filter((place) => parts.get(place)?.family === part.family);
      const found =
        candidates.find((place) => {
          const other = parts.get(place);
          return other !== undefined && isAlike(other, part);
        }) ?? candidates[0];
      if (found === undefined) return [];
      free.splice(free.indexOf(found), 1);
      return [
        {
          ...placement,
          place: found,
          xMm: tenth(placement.xMm + dx),
          yMm: tenth(placement.yMm + dy),
        },
      ];
    });
}
