import { familyOf } from './families/index.ts';
import type { Part } from './part.ts';

/** Clips or a holder for a fuse. */
export const holdsFuses = (part: Pick<Part, 'family'>): boolean => {
  const { acts, job } = familyOf(part);
  return acts === 'fusible' && job === 'connector';
};

/** A glass fuse; one that resets itself is soldered like a capacitor. */
const isFuse = (part: Pick<Part, 'family'>): boolean => {
  const { acts, body } = familyOf(part);
  return acts === 'fusible' && body.shape === 'rod';
};

/** A holder or a clip for cells; a solar cell supplies by itself. */
const holdsCells = (part: Pick<Part, 'family'>): boolean => {
  const { acts, job, role } = familyOf(part);
  return job === 'supply' && role !== 'battery' && acts !== 'unknown';
};

/**
 * Whether a part may be pushed into another one when that is soldered: a chip into its socket, a fuse into its clips, a
 * cell into its holder.
 */
export const goesInto = (part: Part, holder: Part): boolean =>
  (familyOf(part).role === 'chip' && familyOf(holder).role === 'socket') ||
  (familyOf(part).role === 'battery' && holdsCells(holder)) ||
  (isFuse(part) && holdsFuses(holder));

/** Whether two lines may name one place: what is soldered there, and what goes into it. */
export const sharesPlace = (a: Part, b: Part): boolean => goesInto(a, b) || goesInto(b, a);

/** Whether a fuse has clips in this kit, by its place or because there are enough of them: it is not soldered then. */
export function isFuseInHolder(part: Part, parts: readonly Part[]): boolean {
  if (!isFuse(part)) return false;
  const holders = parts.filter(holdsFuses);
  const isAtOne = holders.some(({ designators }) =>
    designators.some((place) => part.designators.includes(place)),
  );
  return isAtOne || (holders.length > 0 && pieces(holders) >= pieces(parts.filter(isFuse)));
}

const pieces = (parts: readonly Part[]) => parts.reduce((sum, { quantity }) => sum + quantity, 0);
