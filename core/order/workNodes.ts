import type { Board, Side } from '../board/board.ts';
import { familyOf } from '../parts/families/index.ts';
import { other } from '../parts/families/other.ts';
import type { OrderRole } from '../parts/family.ts';
import { goesInto, isFuseInHolder } from '../parts/goesInto.ts';
import { holdOf } from '../parts/holds.ts';
import { heightOnBoard, mountOf, roleOf } from '../parts/mounted.ts';
import type { Held } from '../parts/mounting.ts';
import type { Part } from '../parts/part.ts';
import type { WorkKind } from './kinds.ts';
import { nodeId, type WorkNode } from './node.ts';

const kindOf: Readonly<Record<OrderRole, WorkKind | undefined>> = {
  'board-part': 'solder',
  link: 'solder',
  socket: 'solder',
  chip: 'solder',
  holder: 'solder',
  'in-holder': 'fasten',
  screw: 'fasten',
  foot: 'fasten',
  tie: 'fasten',
  unplaced: 'fasten',
  case: 'fasten',
  'heat-sink': 'fasten',
  battery: 'power',
  'off-board': 'solder',
  carrier: undefined,
};

/**
 * The work of a parts list without an order: one node for each value and side, chips pushed in where there is a
 * socket for them.
 */
export function workNodes(parts: readonly Part[], board: Board | null = null): WorkNode[] {
  const sides = new Map(board?.placements.map(({ place, side }) => [place, side]));
  const groups = new Map<string, { parts: Part[]; side: Side; line: number }>();
  for (const [line, part] of parts.entries()) {
    for (const [side, piece] of bySide(part, sides)) {
      const key = JSON.stringify([
        part.family,
        part.value,
        part.pins ?? null,
        part.lotNote ?? null,
        heightOnBoard(part),
        part.mounting ?? null,
        side,
      ]);
      const group = groups.get(key) ?? { parts: [], side, line };
      group.parts.push(piece);
      groups.set(key, group);
    }
  }
  const freeSockets = socketCounts(parts);
  return [...groups.values()].flatMap(({ parts: group, side, line }) => {
    const [first] = group;
    if (first === undefined) return [];
    const family = familyOf(first);
    const held = holdOf(first, parts)?.what;
    const kind =
      family.role === 'chip' && takeSocket(freeSockets, group)
        ? 'insert'
        : kindOf[roleInKit(first, held, parts)];
    if (kind === undefined) return [];
    return [
      {
        id: nodeId(kind, group),
        kind,
        role: roleInKit(first, held, parts),
        mount: mountOf(first),
        parts: group,
        heightMm: Math.max(...group.map(heightOnBoard)),
        side,
        line,
        ...(typeof held === 'object' ? { holds: held } : {}),
        ...(group.some((part) => hasGuest(part, parts)) ? { sharesPlace: true } : {}),
      },
    ];
  });
}

/** Something that goes into it has the same place. */
const hasGuest = (holder: Part, parts: readonly Part[]): boolean =>
  parts.some(
    (part) =>
      goesInto(part, holder) &&
      part.designators.some((place) => holder.designators.includes(place)),
  );

/** What a part is for in this kit: what holds the board are its feet, what holds the case belongs to that. */
function roleInKit(part: Part, held: Held | undefined, parts: readonly Part[]): OrderRole {
  if (isFuseInHolder(part, parts)) return 'in-holder';
  if (held === 'board') return 'foot';
  if (held === 'case') return 'case';
  if (isBesideTheBoard(part)) return 'unplaced';
  const role = roleOf(part);
  // A foot that holds parts is a pillar below them.
  return role === 'foot' ? 'screw' : role;
}

/**
 * What nothing recognises and no place of the board names: a strap, a magnet, a sheet of stickers. Nothing says that
 * it is soldered, so nobody is told to.
 */
const isBesideTheBoard = ({ family, designators }: Part): boolean =>
  family === other.id && designators.length === 0;

/** A line of the list as the pieces on either side of the board; what has no place there counts as on top. */
function bySide(part: Part, sides: ReadonlyMap<string, Side>): [Side, Part][] {
  const below = part.designators.filter((place) => sides.get(place) === 'bottom');
  if (below.length === 0) return [['top', part]];
  const above = part.designators.filter((place) => !below.includes(place));
  const pieces = (designators: string[]) => ({
    ...part,
    designators,
    quantity: designators.length,
  });
  return [
    ...(above.length > 0 ? [['top', pieces(above)] as [Side, Part]] : []),
    ['bottom', pieces(below)],
  ];
}

const anyPins = 0;

function socketCounts(parts: readonly Part[]): Map<number, number> {
  const counts = new Map<number, number>();
  for (const part of parts) {
    if (familyOf(part).role !== 'socket') continue;
    const pins = part.pins ?? anyPins;
    counts.set(pins, (counts.get(pins) ?? 0) + part.quantity);
  }
  return counts;
}

/** Takes sockets for a group of equal chips, if there are enough of its size or of unknown size. */
function takeSocket(free: Map<number, number>, group: readonly Part[]): boolean {
  const wanted = group.reduce((sum, part) => sum + part.quantity, 0);
  const pins = group[0]?.pins;
  const sizes = pins === undefined ? [...free.keys()] : [pins, anyPins];
  const size = sizes.find((candidate) => (free.get(candidate) ?? 0) >= wanted);
  if (size === undefined) return false;
  free.set(size, (free.get(size) ?? 0) - wanted);
  return true;
}
