import { type MistakeId, mistakeIds } from '#core/learning/mistakes/ids';

/** What was found wrong with the board of a seat, on its way from the page of faults to the log of the floor. */
export interface FoundFault {
  readonly seatId: string;
  readonly mistake: MistakeId;
  readonly place: string;
  /** What it was, how long it took, and by which readings. */
  readonly says: string;
}

/** What a page was opened with, where it is that. */
export function foundIn(state: unknown): FoundFault | null {
  if (typeof state !== 'object' || state === null || !('found' in state)) return null;
  const { found } = state;
  if (typeof found !== 'object' || found === null) return null;
  const { seatId, mistake, place, says } = found as Partial<Record<keyof FoundFault, unknown>>;
  const known = mistakeIds.find((id) => id === mistake);
  return known &&
    typeof seatId === 'string' &&
    typeof place === 'string' &&
    typeof says === 'string'
    ? { seatId, mistake: known, place, says }
    : null;
}
