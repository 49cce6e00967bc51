import type { Seat } from '#contract/workshops';
import type { SeatState } from '#core/build/foldSeat';
import type { PlannedStep } from '#core/pace/stepMinutes';

/** A seat and what its log says about it. */
export interface FloorSeat {
  readonly seat: Seat;
  readonly state: SeatState;
}

/** `4 Ines`, `5` */
export const seatName = ({ number, name }: Seat): string =>
  name ? `${number} ${name}` : String(number);

/** Place of a step in the plan, from 1. */
export const stepNumber = (steps: readonly PlannedStep[], stepId: string): number =>
  steps.findIndex(({ id }) => id === stepId) + 1;
