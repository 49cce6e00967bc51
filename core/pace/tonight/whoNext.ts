import type { Visit } from '../../build/foldSeat.ts';
import { minutesSince } from '../waiting.ts';
import { type SeatNow, type VisitReason, visitReasons } from './visitReasons.ts';

export interface WorthAVisit<Seat extends SeatNow> {
  readonly seat: Seat;
  /** The weightiest first. */
  readonly reasons: readonly VisitReason[];
  /** Minutes that a visit is worth. */
  readonly worth: number;
}

/** A visit that nobody ended counts as over after this. */
const forgottenMinutes = 30;

/** Whether a visit is under way. */
export const isVisitOpen = ({ at, endedAt }: Visit, now: Date): boolean =>
  endedAt === null && minutesSince(at, now) < forgottenMinutes;

/** Whether somebody is at the seat now. */
const isVisited = ({ state, now }: Pick<SeatNow, 'state' | 'now'>): boolean =>
  state.visits.some((visit) => isVisitOpen(visit, now));

/** What makes a visit to one seat worth while, the weightiest first. */
export const reasonsAt = (seat: SeatNow): { reason: VisitReason; worth: number }[] =>
  visitReasons
    .map((reason) => ({ reason, worth: reason.worth(seat) }))
    .filter(({ worth }) => worth > 0)
    .sort((a, b) => b.worth - a.worth);

/**
 * The seats that a visit is worth something at, the one where it is worth most first; seats where somebody is already
 * are left out.
 */
export function whoNext<Seat extends SeatNow>(seats: readonly Seat[]): WorthAVisit<Seat>[] {
  return seats
    .filter((seat) => !isVisited(seat))
    .map((seat) => {
      const found = reasonsAt(seat);
      return {
        seat,
        reasons: found.map(({ reason }) => reason),
        worth: found.reduce((sum, { worth }) => sum + worth, 0),
      };
    })
    .filter(({ worth }) => worth > 0)
    .sort((a, b) => b.worth - a.worth);
}
