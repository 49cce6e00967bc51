import { bodyOf } from './bodyOf.ts';
import { familyOf } from './families/index.ts';
import type { Part } from './part.ts';

/** What of a part is above the board, in mm, as it is mounted. */
export function heightOnBoard(part: Part): number {
  const { mounting } = part;
  const body = bodyOf(familyOf(part), part);
  if (mounting?.kind === 'raised') return body.heightMm + mounting.mm;
  return mounting ? Math.min(body.heightMm, body.widthMm) : body.heightMm;
}

/** Whether a kind of part can be bent over or stand off: it has leads through the board. */
export function canBeMounted(part: Pick<Part, 'family'>): boolean {
  const { mount, role } = familyOf(part);
  return mount === 'through' && role === 'board-part';
}
