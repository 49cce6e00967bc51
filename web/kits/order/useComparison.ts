import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { StyleReport } from '#core/order/compareStyles';
import type { KitToPlan } from '#core/order/planKit';
import type { CompareWorker } from './compare.worker.ts';

export type ComparisonState =
  | { readonly state: 'idle' }
  | { readonly state: 'working'; readonly share: number }
  | { readonly state: 'done'; readonly reports: readonly StyleReport[] }
  | { readonly state: 'failed' };

/** Compares the styles in a worker; starting anew or leaving the page ends what is under way. */
export function useComparison() {
  const [state, setState] = useState<ComparisonState>({ state: 'idle' });
  const worker = useRef<Worker>(null);

  const cancel = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setState({ state: 'idle' });
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const compare = useCallback(
    async (kit: KitToPlan) => {
      cancel();
      const mine = new Worker(new URL('./compare.worker.ts', import.meta.url), { type: 'module' });
      worker.current = mine;
      setState({ state: 'working', share: 0 });
      const current = () => worker.current === mine;
      mine.onerror = () => current() && setState({ state: 'failed' });
      try {
        const reports = await wrap<CompareWorker>(mine).compare(
          kit,
          proxy((share: number) => {
            if (current()) setState({ state: 'working', share });
          }),
        );
        if (!current()) return;
        worker.current = null;
        setState({ state: 'done', reports });
      } catch {
        if (current()) setState({ state: 'failed' });
      }
      mine.terminate();
    },
    [cancel],
  );

  return { state, compare, cancel };
}
