import { familyOf } from '../parts/families/index.ts';
import type { OrderRole } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import type { CheckId, Named, WorkKind } from './step.ts';

/** A step whose place is not known yet. */
export type OrderNode = WorkNode | CheckNode;

export interface WorkNode {
  readonly id: string;
  readonly kind: WorkKind;
  readonly role: OrderRole;
  readonly parts: readonly Part[];
  readonly heightMm: number;
}

export interface CheckNode {
  readonly id: string;
  readonly kind: 'check';
  readonly check: CheckId;
}

const kindOf: Readonly<Record<OrderRole, WorkKind | undefined>> = {
  'board-part': 'solder',
  link: 'solder',
  socket: 'solder',
  chip: 'solder',
  holder: 'solder',
  screw: 'fasten',
  'heat-sink': 'fasten',
  battery: 'power',
  'off-board': 'solder',
  carrier: undefined,
};

/** The steps of a parts list without an order: one for each value, chips pushed in where there is a socket for them. */
export function workNodes(parts: readonly Part[]): WorkNode[] {
  const groups = new Map<string, Part[]>();
  for (const part of parts) {
    const key = JSON.stringify([part.family, part.value, part.pins ?? null, part.lotNote ?? null]);
    groups.set(key, [...(groups.get(key) ?? []), part]);
  }
  const freeSockets = socketCounts(parts);
  return [...groups.values()].flatMap((group) => {
    const [first] = group;
    if (first === undefined) return [];
    const family = familyOf(first);
    const kind =
      family.role === 'chip' && takeSocket(freeSockets, group) ? 'insert' : kindOf[family.role];
    if (kind === undefined) return [];
    return [
      {
        id: nodeId(kind, group),
        kind,
        role: family.role,
        parts: group,
        heightMm: family.body.heightMm,
      },
    ];
  });
}

/** The part of a node by which a sentence names it. */
export function named(node: WorkNode): Named {
  return {
    designators: node.parts.flatMap((part) => part.designators),
    family: node.parts[0]?.family ?? 'other',
    heightMm: node.heightMm,
  };
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

function nodeId(kind: WorkKind, group: readonly Part[]): string {
  const places = group.flatMap((part) => part.designators);
  const names =
    places.length > 0 ? places : group.map((part) => `${part.family}-${part.description}`);
  return [kind, ...names]
    .join('-')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .slice(0, 80);
}
