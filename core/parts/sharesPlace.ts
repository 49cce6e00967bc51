import { familyOf } from './families/index.ts';
import type { Part } from './part.ts';

/** Whether two lines may name one place: a socket, and the chip that goes into it. */
export function sharesPlace(a: Part, b: Part): boolean {
  const roles = [familyOf(a).role, familyOf(b).role];
  return roles.includes('socket') && roles.includes('chip');
}
