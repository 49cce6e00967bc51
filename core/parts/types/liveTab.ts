import { isScrewedToSink } from '../body.ts';
import { familyOf } from '../families/index.ts';
import type { Part } from '../part.ts';
import { typeByNumber } from './findType.ts';
import type { TypeKind } from './type.ts';

/** To which lead the metal tab of such a type is joined (data sheets, from memory). */
const tabOf: Readonly<Partial<Record<TypeKind, string>>> = {
  'positive-regulator': 'ground',
  'negative-regulator': 'input',
  'adjustable-regulator': 'output',
  'adjustable-negative-regulator': 'input',
  'n-mosfet': 'drain',
  'p-mosfet': 'drain',
  npn: 'collector',
  pnp: 'collector',
  triac: '2nd main',
  thyristor: 'anode',
};

/** Whether its tab has a voltage of its own: what touches it is joined to the circuit. Unknown types count as live. */
export function hasLiveTab(part: Part): boolean {
  const family = familyOf(part);
  if (!isScrewedToSink(family.body)) return false;
  const kind = part.value.kind === 'type' ? typeByNumber(part.value.print)?.type.kind : undefined;
  return kind === undefined || tabOf[kind] !== 'ground';
}
