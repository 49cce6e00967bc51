import type { Board, Side } from '../board/board.ts';
import { memoOfObject } from '../memo.ts';
import { familyOf } from '../parts/families/index.ts';
import { other } from '../parts/families/other.ts';
import type { OrderRole, PartFamily } from '../parts/family.ts';
import { holdOf } from '../parts/holds.ts';
import { heightOnBoard, jointsOfPiece, mountOf, roleOf } from '../parts/mounted.ts';
import type { Held } from '../parts/mounting.ts';
import type { Part } from '../parts/part.ts';
import type { CheckId } from './checks/ids.ts';
import type { Named, WorkKind } from './kinds.ts';

/** A piece of work whose place in the order is not known yet. */
export type OrderNode = WorkNode | CheckNode;

export interface WorkNode {
  readonly id: string;
  readonly kind: WorkKind;
  readonly role: OrderRole;
  readonly mount: PartFamily['mount'];
  /** Lines of one family, value and lot, on one side of the board. */
  readonly parts: readonly Part[];
  readonly heightMm: number;
  readonly side: Side;
  /** Where the first of them stands in the parts list, from 0. */
  readonly line: number;
  /** Places of the parts that it holds. */
  readonly holds?: readonly string[];
  /** A socket under the name of the chip that goes into it. */
  readonly sharesPlace?: true;
}

export interface CheckNode {
  readonly id: string;
  readonly kind: 'check';
  readonly check: CheckId;
  /** Names of the blocks it tests; empty where it is about the whole board. */
  readonly blocks: readonly string[];
}

const kindOf: Readonly<Record<OrderRole, WorkKind | undefined>> = {
  'board-part': 'solder',
  link: 'solder',
  socket: 'solder',
  chip: 'solder',
  holder: 'solder',
  screw: 'fasten',
  foot: 'fasten',
  tie: 'fasten',
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
        : kindOf[roleInKit(first, held)];
    if (kind === undefined) return [];
    return [
      {
        id: nodeId(kind, group),
        kind,
        role: roleInKit(first, held),
        mount: mountOf(first),
        parts: group,
        heightMm: Math.max(...group.map(heightOnBoard)),
        side,
        line,
        ...(typeof held === 'object' ? { holds: held } : {}),
        ...(family.role === 'socket' && group.some((part) => chipsThere(part, parts))
          ? { sharesPlace: true }
          : {}),
      },
    ];
  });
}

const chipsThere = (socket: Part, parts: readonly Part[]): boolean =>
  parts.some(
    (part) =>
      familyOf(part).role === 'chip' &&
      part.designators.some((place) => socket.designators.includes(place)),
  );

/** What a part is for in this kit: what holds the board are its feet, what holds the case belongs to that. */
function roleInKit(part: Part, held: Held | undefined): OrderRole {
  if (held === 'board') return 'foot';
  if (held === 'case' || isBesideTheBoard(part)) return 'case';
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

/** The place names of a node, line after line. */
export function placesOf(node: OrderNode): readonly string[] {
  return places.of(node, () =>
    node.kind === 'check' ? [] : node.parts.flatMap(({ designators }) => designators),
  );
}

/** Asked for over and over while a kit is planned. */
const places = memoOfObject<OrderNode, readonly string[]>('places of nodes');

export const piecesOf = ({ parts }: WorkNode): number =>
  parts.reduce((sum, { quantity }) => sum + quantity, 0);

/** One node as several with at most so many places each; a node whose pieces have no places stays whole. */
export function splitNode(node: WorkNode, most: number): WorkNode[] {
  const pieces = singlePieces(node);
  if (!pieces || pieces.length <= most) return [node];
  const chunks = Array.from({ length: Math.ceil(pieces.length / most) }, (_, index) =>
    pieces.slice(index * most, (index + 1) * most),
  );
  return chunks.map((chunk) => withPieces(node, chunk));
}

/** One node as several, each with the places that have a key in common. */
export function splitNodeBy(node: WorkNode, keyOf: (place: string) => number): WorkNode[] {
  const pieces = singlePieces(node);
  if (!pieces) return [node];
  const groups = new Map<number, Part[]>();
  for (const piece of pieces) {
    const key = keyOf(piece.designators[0] ?? '');
    groups.set(key, [...(groups.get(key) ?? []), piece]);
  }
  return groups.size < 2 ? [node] : [...groups.values()].map((group) => withPieces(node, group));
}

/** Each piece as a line of its own; undefined where some have no place name to tell them apart by. */
function singlePieces(node: WorkNode): Part[] | undefined {
  const single = node.parts.flatMap((part) =>
    part.designators.map((place) => ({ ...part, designators: [place], quantity: 1 })),
  );
  return single.length < piecesOf(node) ? undefined : single;
}

function withPieces(node: WorkNode, pieces: readonly Part[]): WorkNode {
  const parts = inLines(pieces);
  return { ...node, parts, id: nodeId(node.kind, parts) };
}

/** Pieces of the same line brought together again. */
function inLines(pieces: readonly Part[]): Part[] {
  const lines: Part[] = [];
  for (const piece of pieces) {
    const last = lines.at(-1);
    if (last && last.description === piece.description) {
      const designators = [...last.designators, ...piece.designators];
      lines[lines.length - 1] = { ...last, designators, quantity: designators.length };
    } else lines.push(piece);
  }
  return lines;
}

/** The part of a node by which a sentence names it. */
export function named(node: WorkNode): Named {
  return {
    designators: node.parts.flatMap((part) => part.designators),
    family: node.parts[0]?.family ?? other.id,
    heightMm: node.heightMm,
  };
}

/** The nodes that a sentence can name: those with parts. */
export const namedAll = (nodes: readonly OrderNode[]): Named[] =>
  nodes.filter((node): node is WorkNode => 'parts' in node && node.parts.length > 0).map(named);

/** Soldered joints of a node; none where nothing is soldered. */
export function jointsOf(node: WorkNode): number {
  // A cell that is put in has none; one on wires has two.
  if (node.kind !== 'solder' && node.kind !== 'power') return 0;
  return node.parts.reduce((sum, part) => sum + part.quantity * jointsOfPiece(part), 0);
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

/** Made of what is done and to which parts, so that it is the same whenever the kit is planned again. */
export function nodeId(kind: WorkKind, group: readonly Part[]): string {
  const places = group.flatMap((part) => part.designators);
  const names =
    places.length > 0 ? places : group.map((part) => `${part.family}-${part.description}`);
  return [kind, ...names]
    .join('-')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .slice(0, 80);
}
