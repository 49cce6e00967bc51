import type { Answered } from '../practice/session/Session.tsx';
import { useOpenSeat } from './Seat.tsx';

/** Records an answer at this seat: kept on the device until the server has it. */
export function useRecord(): (answered: Answered) => void {
  const { view, log } = useOpenSeat();
  return ({ item, seed, answer, judgement }) =>
    log.report(view.seatId, { kind: 'practised', item, seed, answer, ...judgement });
}
