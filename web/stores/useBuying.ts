import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { BuyingProblem, BuyingProgress } from '#core/stores/buying';
import type { BuyingResult, BuyingWorker } from './buying.worker.ts';

export type BuyingState =
  | { readonly state: 'idle' }
  | { readonly state: 'working'; readonly progress: BuyingProgress | undefined }
  | { readonly state: 'done'; readonly result: BuyingResult; readonly milliseconds: number }
  | { readonly state: 'failed'; readonly message: string };

/** Solves a buying problem in a worker; starting anew or leaving the page ends what is under way. */
export function useBuying() {
  const [state, setState] = useState<BuyingState>({ state: 'idle' });
  const worker = useRef<Worker>(null);

  const cancel = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setState({ state: 'idle' });
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const solve = useCallback(
    async (problem: BuyingProblem) => {
      cancel();
      const mine = new Worker(new URL('./buying.worker.ts', import.meta.url), { type: 'module' });
      worker.current = mine;
      setState({ state: 'working', progress: undefined });
      const start = performance.now();
      const current = () => worker.current === mine;
      mine.onerror = () =>
        current() &&
        setState({
          state: 'failed',
          message: 'The solver did not start. Load the page again and try once more.',
        });
      try {
        const result = await wrap<BuyingWorker>(mine).solve(
          problem,
          proxy((progress: BuyingProgress) => {
            if (current()) setState({ state: 'working', progress });
          }),
        );
        if (!current()) return;
        // Progress comes over a channel of its own and may be late: from here on it does not count.
        worker.current = null;
        setState({ state: 'done', result, milliseconds: performance.now() - start });
      } catch (error) {
        if (current()) setState({ state: 'failed', message: String(error) });
      }
      mine.terminate();
    },
    [cancel],
  );

  return { state, solve, cancel };
}
