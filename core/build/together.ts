import type { BuildEvent, DeedKind } from './event.ts';

/** What can be told to several seats at once, as one entry of the log; and taking that back. */
export const toldTogether: readonly DeedKind[] = [
  'message',
  'notice',
  'round-started',
  'round-ended',
  'undo',
];

/** Where an entry of the log is. */
export interface AtSeats {
  readonly seatId: string;
  /** The other seats that it is told to. */
  readonly alsoAt?: readonly string[] | undefined;
}

/** An entry as the log holds it: once, for all the seats that it is told to. */
export type LoggedEvent = BuildEvent & AtSeats;

/** The seats that an entry is at. */
export const seatsOf = ({ seatId, alsoAt = [] }: AtSeats): string[] => [seatId, ...alsoAt];

/** An entry as each of its seats has it: its own, and of no other. */
export const atEachSeat = ({ alsoAt = [], ...event }: LoggedEvent): BuildEvent[] => [
  event,
  ...alsoAt.map((seatId) => ({ ...event, seatId })),
];

/** An entry at those of its seats that are among some, once at each; undefined where none is. */
export function among<Entry extends AtSeats>(
  entry: Entry,
  seatIds: readonly string[],
): Entry | undefined {
  const [seatId, ...alsoAt] = new Set(seatsOf(entry).filter((id) => seatIds.includes(id)));
  if (seatId === undefined) return undefined;
  return { ...entry, seatId, alsoAt: alsoAt.length > 0 ? alsoAt : undefined };
}

/** An entry as one of its seats has it. */
export function asAt({ alsoAt: _, ...event }: LoggedEvent, seatId: string): BuildEvent {
  return { ...event, seatId };
}
