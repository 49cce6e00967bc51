/** Where a workshop is in time, or that it was called off or put away. */
export type Phase = 'ahead' | 'running' | 'over' | 'cancelled' | 'archived';

export interface Scheduled {
  /** ISO 8601. */
  readonly startsAt: string;
  readonly lengthMinutes: number;
  /** Null or absent where it is planned. */
  readonly setAside?: 'cancelled' | 'archived' | null;
}

/** Rooms open a little early and close a little late (common practice); within that the floor is what is wanted. */
const graceMinutes = 15;

export function phaseOf({ startsAt, lengthMinutes, setAside }: Scheduled, now: Date): Phase {
  if (setAside) return setAside;
  const minute = elapsedMinutes(startsAt, now);
  if (minute < -graceMinutes) return 'ahead';
  return minute > lengthMinutes + graceMinutes ? 'over' : 'running';
}

/** Minutes since the start, below 0 before it. */
export const elapsedMinutes = (startsAt: string, now: Date): number =>
  (now.getTime() - Date.parse(startsAt)) / 60_000;
