import type { Seat } from '#contract/workshops';
import type { SeatState, Visit } from '#core/build/foldSeat';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Tonight } from '#core/pace/tonight/tonight';
import type { SeatNow } from '#core/pace/tonight/visitReasons';
import { isVisitOpen } from '#core/pace/tonight/whoNext';

/** A seat, what its log says about it, and how it is getting on. */
export interface FloorSeat extends SeatNow {
  readonly seat: Seat;
  readonly state: SeatState;
  readonly tonight: Tonight;
}

/** `4 Ines`, `5` */
export const seatName = ({ number, name }: Pick<Seat, 'number' | 'name'>): string =>
  name ? `${number} ${name}` : String(number);

/** Place of a step in the plan, from 1. */
export const stepNumber = (steps: readonly PlannedStep[], stepId: string): number =>
  steps.findIndex(({ id }) => id === stepId) + 1;

export interface OpenVisit {
  readonly at: FloorSeat;
  readonly visit: Visit;
}

/** The visits under way, each at its seat. */
export const openVisits = (seats: readonly FloorSeat[]): OpenVisit[] =>
  seats.flatMap((at) =>
    at.state.visits.filter((visit) => isVisitOpen(visit, at.now)).map((visit) => ({ at, visit })),
  );
