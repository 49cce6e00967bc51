import type { TFunction } from 'i18next';
import { proposalFor } from '#core/pace/tonight/proposal';
import { percent } from '#core/pace/tonight/visitReasons';
import { stepTitle } from '#core/words/partWords';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';

/** What to do about a seat, in a sentence. */
export function proposalSentence(
  t: TFunction,
  { seat, steps, tonight }: FloorSeat,
  seats: readonly FloorSeat[],
): string {
  const proposal = proposalFor(
    steps,
    tonight,
    seats
      .filter((other) => other.seat.id !== seat.id)
      .map((other) => ({
        seat: other.seat.number,
        tonight: other.tonight,
        isDone: other.state.currentStepId === null,
      })),
  );
  switch (proposal.kind) {
    case 'go-on':
      return 'Go on as it is.';
    case 'pair-up': {
      const free = seats.find((other) => other.seat.number === proposal.withSeat)?.seat;
      return `Pair up with ${free ? seatName(free) : `seat ${proposal.withSeat}`}, who is done.`;
    }
    case 'to-the-check': {
      const check = steps.find(({ id }) => id === proposal.stepId);
      return `Go as far as step ${stepNumber(steps, proposal.stepId)}, “${check ? stepTitle(t, check) : ''}” (${percent(proposal.chance)} to get there), and do the rest another time.`;
    }
    case 'take-home':
      return 'Stop at the next check and finish another time, or take it home with the step sheets.';
  }
}
