import { useEffect, useState } from 'react';
import { queueOfSeat } from '#contract/seats';
import { call } from '../app/call.ts';

/** How often the list is asked for while somebody waits, in ms: helpers move on every minute or so. */
const askedEveryMs = 8000;

/**
 * The place of a seat among those that wait for help, from 1; undefined where the server does not say.
 *
 * @param call what the seat waits with; a new one is asked about at once
 */
export function useQueuePlace(token: string, waitsWith: string): number | undefined {
  const [place, setPlace] = useState<number>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: another call has another place
  useEffect(() => {
    let isWanted = true;
    const ask = () =>
      call(queueOfSeat, { params: { token } }).then(
        ({ number }) => isWanted && setPlace(number ?? undefined),
        // Without network nobody knows.
        () => isWanted && setPlace(undefined),
      );
    void ask();
    const again = setInterval(ask, askedEveryMs);
    return () => {
      isWanted = false;
      clearInterval(again);
    };
  }, [token, waitsWith]);
  return place;
}
