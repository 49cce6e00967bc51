import { familyOf } from '../parts/families/index.ts';
import type { Job } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import { typeByNumber } from '../parts/types/findType.ts';
import type { TypeKind } from '../parts/types/type.ts';

/** What a part may take at the most when it is on, in mA (common practice; an estimate until the circuit is known). */
const byJob: Readonly<Partial<Record<Job, number>>> = {
  light: 20,
  display: 80,
  chip: 10,
  regulator: 8,
  sound: 30,
};

const byKind: Readonly<Partial<Record<TypeKind, number>>> = {
  microcontroller: 20,
  audio: 60,
  driver: 20,
  timer: 15,
  logic: 5,
  'op-amp': 5,
  comparator: 5,
  'addressable-led': 60,
  'matrix-display': 160,
  'infrared-led': 50,
};

function mostOf(part: Part): number {
  const { job, mostMilliampere: own } = familyOf(part);
  if (own !== undefined) return own;
  const kind = part.value.kind === 'type' ? typeByNumber(part.value.print)?.type.kind : undefined;
  return (kind && byKind[kind]) ?? byJob[job] ?? 0;
}

const leastLimit = 30;

/**
 * Up to this a board of these parts may well take when it is switched on, in mA; more means that something is wrong.
 * An estimate from the parts, rounded up: a quarter above what all of them take together.
 */
export function mostMilliampere(parts: readonly Part[]): number {
  const sum = parts
    .filter(({ supply }) => supply !== 'spare')
    .reduce((total, part) => total + part.quantity * mostOf(part), 0);
  return Math.max(leastLimit, Math.ceil((sum * 1.25) / 10) * 10);
}
