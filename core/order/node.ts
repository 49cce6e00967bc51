import type { Side } from '../board/board.ts';
import { memoOfObject } from '../memo.ts';
import { other } from '../parts/families/other.ts';
import type { OrderRole, PartFamily } from '../parts/family.ts';
import { jointsOfPiece } from '../parts/mounted.ts';
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
  /** A socket, or clips, under the name of what goes in. */
  readonly sharesPlace?: true;
}

export interface CheckNode {
  readonly id: string;
  readonly kind: 'check';
  readonly check: CheckId;
  /** Names of the blocks it tests; empty where it is about the whole board. */
  readonly blocks: readonly string[];
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
