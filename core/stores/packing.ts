import { type Said, said } from '../learning/said.ts';
import type { Step } from '../order/step.ts';
import { familyOf } from '../parts/families/index.ts';
import { mountOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';

export const packingOrders = ['kind', 'stage', 'place'] as const;
/** By group of parts, by the step they are fitted in, or by the names of their places. */
export type PackingOrder = (typeof packingOrders)[number];

export interface BagLine {
  readonly part: Part;
  /** Pieces in one bag. */
  readonly pieces: number;
}

export interface BagGroup {
  /** `step-3` for a stage, the id of a kind, or the letters of a place. */
  readonly id: string;
  readonly title: Said;
  readonly lines: readonly BagLine[];
}

const kinds: readonly {
  readonly id: string;
  readonly title: Said;
  readonly holds: (part: Part) => boolean;
}[] = [
  {
    id: 'resistors',
    title: said('workshops.packing.resistors'),
    holds: (part) => isUnit(part, 'ohm'),
  },
  {
    id: 'capacitors',
    title: said('workshops.packing.capacitors'),
    holds: (part) => isUnit(part, 'farad'),
  },
  {
    id: 'chips',
    title: said('workshops.packing.chips'),
    holds: (part) => ['chip', 'socket'].includes(familyOf(part).role),
  },
  {
    id: 'hardware',
    title: said('workshops.packing.hardware'),
    holds: (part) => mountOf(part) === 'none' || mountOf(part) === 'off-board',
  },
  { id: 'others', title: said('workshops.packing.others'), holds: () => true },
];

const isUnit = (part: Part, unit: string) => {
  const { valueKind } = familyOf(part);
  return typeof valueKind === 'object' && valueKind.unit === unit;
};

/** Pieces in one bag; what somebody brings is in none. */
export const piecesInBag = (parts: readonly Part[]): number =>
  parts.reduce((sum, { supply, quantity }) => sum + (supply === 'not-in-kit' ? 0 : quantity), 0);

/** What goes into one bag, in groups; every piece of the kit's list that is in the kit stands in exactly one. */
export function bagList(
  parts: readonly Part[],
  steps: readonly Step[],
  order: PackingOrder,
): BagGroup[] {
  const packed = parts.filter(({ supply }) => supply !== 'not-in-kit');
  switch (order) {
    case 'kind':
      return grouped(packed, (part) => kinds.find(({ holds }) => holds(part)) ?? otherGroup);
    case 'stage':
      return byStage(packed, steps);
    case 'place':
      return grouped(sortedByPlace(packed), placeGroup);
  }
}

const otherGroup = { id: 'others', title: said('workshops.packing.others') };

function grouped(
  parts: readonly Part[],
  groupOf: (part: Part) => { readonly id: string; readonly title: Said },
): BagGroup[] {
  const groups = new Map<string, { title: Said; lines: BagLine[] }>();
  for (const part of parts) {
    const { id, title } = groupOf(part);
    const group = groups.get(id) ?? { title, lines: [] };
    group.lines.push({ part, pieces: part.quantity });
    groups.set(id, group);
  }
  const rank = (id: string) => kinds.findIndex((kind) => kind.id === id);
  return [...groups]
    .map(([id, { title, lines }]) => ({ id, title, lines }))
    .sort((a, b) => rank(a.id) - rank(b.id));
}

function byStage(parts: readonly Part[], steps: readonly Step[]): BagGroup[] {
  const left = new Set(parts);
  const stages = steps.flatMap((step, index): BagGroup[] => {
    if (step.kind === 'check') return [];
    const lines = parts.filter((part) => left.has(part) && step.parts.some(isLine(part)));
    for (const part of lines) left.delete(part);
    if (lines.length === 0) return [];
    return [
      {
        id: `step-${index + 1}`,
        title: said('workshops.packing.step', { number: index + 1 }),
        lines: lines.map((part) => ({ part, pieces: part.quantity })),
      },
    ];
  });
  const rest = parts.filter((part) => left.has(part));
  return rest.length === 0
    ? stages
    : [
        ...stages,
        {
          id: 'beside',
          title: said('workshops.packing.beside'),
          lines: rest.map((part) => ({ part, pieces: part.quantity })),
        },
      ];
}

/** The same line of the list; a plan that was stored holds a copy of it. */
const isLine = (part: Part) => (other: Part) =>
  part === other ||
  (part.family === other.family &&
    part.description === other.description &&
    part.designators.join() === other.designators.join());

const lettersOf = ({ designators }: Part) => designators[0]?.match(/^[A-Z]+/)?.[0] ?? '';
const numberOf = ({ designators }: Part) => Number(designators[0]?.match(/\d+/)?.[0] ?? 0);

const sortedByPlace = (parts: readonly Part[]) =>
  [...parts].sort((a, b) => {
    const [x, y] = [lettersOf(a), lettersOf(b)];
    if (x === y) return numberOf(a) - numberOf(b);
    if (x === '' || y === '') return x === '' ? 1 : -1;
    return x < y ? -1 : 1;
  });

function placeGroup(part: Part) {
  const letters = lettersOf(part);
  return letters === ''
    ? { id: 'no-place', title: said('workshops.packing.noPlace') }
    : { id: letters, title: said('workshops.packing.letters', { letters }) };
}

/** Pieces of a line over all bags: what a count sheet says. */
export const piecesForBags = ({ pieces }: BagLine, bags: number): number => pieces * bags;
