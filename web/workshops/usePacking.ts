import { useEffect, useState } from 'react';
import { bookPacking, getPacking, type Packing, returnBags, tickPacking } from '#contract/packing';
import { CallProblem, call } from '../app/call.ts';

/** So often it is asked what others have ticked. */
const askEveryMs = 4000;

/** How far the packing is, with what others tick meanwhile. */
export function usePacking(workshopId: string, loaded: Packing) {
  const [packing, setPacking] = useState(loaded);
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    const timer = setInterval(() => {
      call(getPacking, { params: { workshopId } }).then(setPacking, (error: unknown) => {
        // The next question may be answered again.
        if (!(error instanceof CallProblem)) throw error;
      });
    }, askEveryMs);
    return () => clearInterval(timer);
  }, [workshopId]);

  const told = async (work: () => Promise<Packing>) => {
    try {
      setPacking(await work());
      setProblem(undefined);
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      setProblem(error.message);
    }
  };
  return {
    packing,
    problem,
    tick: (key: string, ticked: boolean) => {
      // The hand is on the next bag before the server has answered.
      setPacking((now) => ({
        ...now,
        ticked: [...now.ticked.filter((one) => one !== key), ...(ticked ? [key] : [])],
      }));
      void told(() => call(tickPacking, { params: { workshopId }, body: { key, ticked } }));
    },
    giveBack: (unopened: number) =>
      void told(() => call(returnBags, { params: { workshopId }, body: { unopened } })),
    book: (booked: boolean) =>
      void told(() => call(bookPacking, { params: { workshopId }, body: { booked } })),
  };
}
