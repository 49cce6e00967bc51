import type { TFunction } from 'i18next';
import { proposalFor } from '#core/pace/tonight/proposal';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
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
      return t('workshops.proposalWords.goOnAsItIs');
    case 'pair-up': {
      const free = seats.find((other) => other.seat.number === proposal.withSeat)?.seat;
      return t('workshops.proposalWords.pairUpWithWhoIsDone', {
        seat: free
          ? seatName(free)
          : t('workshops.proposalWords.seat', { withSeat: proposal.withSeat }),
      });
    }
    case 'to-the-check': {
      const check = steps.find(({ id }) => id === proposal.stepId);
      return t('workshops.proposalWords.goAsFarAsStepTo', {
        stepNumber: stepNumber(steps, proposal.stepId),
        title: check ? stepTitle(t, check) : '',
        percent: saying(t, chanceOf(proposal.chance)),
      });
    }
    case 'take-home':
      return t('workshops.proposalWords.stopAtTheNextCheckAnd');
  }
}
