import { useParams } from 'react-router';
import { useNow } from '../ui/useNow.ts';
import { Bench } from './Bench.tsx';
import { useOpenSeat } from './Seat.tsx';
import { Waiting } from './Waiting.tsx';

/** The seat's own page: waiting for its evening, or at work. */
export function Evening() {
  const { token = '' } = useParams();
  const { view, log } = useOpenSeat();
  const now = useNow(log.now);
  const { opensAt } = view;
  const waits = opensAt !== null && now.getTime() < Date.parse(opensAt);
  return waits ? <Waiting token={token} opensAt={opensAt} /> : <Bench />;
}
