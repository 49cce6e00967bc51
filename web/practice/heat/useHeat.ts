import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { coldState, type Hands, type HeatSetup } from '#core/joint/heat/model';
import type { Try } from '#core/joint/heat/run';
import { useLatest } from '../../app/useLatest.ts';
import type { HeatApi, Shown } from './heat.worker.ts';

export const handsOff: Hands = { iron: 'away', feed: 'none' };

/** Joints under the iron: the model runs in a worker, the page shows where it is. */
export function useHeat(setups: readonly HeatSetup[]) {
  const api = useRef<Remote<HeatApi>>(null);
  const [shown, setShown] = useState<Shown>();
  const [hands, setHands] = useState<Hands>(handsOff);
  const latest = useLatest(setups);
  const key = JSON.stringify(setups);

  // biome-ignore lint/correctness/useExhaustiveDependencies: `key` stands for the setups
  const begin = useCallback(() => {
    setShown(undefined);
    setHands(handsOff);
    void api.current?.begin(latest.current, proxy(setShown));
  }, [key]);

  useEffect(() => {
    const worker = new Worker(new URL('./heat.worker.ts', import.meta.url), { type: 'module' });
    api.current = wrap<HeatApi>(worker);
    return () => worker.terminate();
  }, []);
  useEffect(begin, [begin]);

  const inHand = useLatest(hands);
  const use = useCallback(
    (change: Partial<Hands>) => {
      const next = { ...inHand.current, ...change };
      if (next.iron === inHand.current.iron && next.feed === inHand.current.feed) return;
      // Before it is drawn: the other hand may act in the same moment.
      inHand.current = next;
      setHands(next);
      void api.current?.use(next);
    },
    [inHand],
  );
  const look = useCallback(
    async (): Promise<readonly Try[]> => (await api.current?.look()) ?? [],
    [],
  );
  return {
    shown: shown ?? { ms: 0, states: setups.map(coldState) },
    hasBegun: shown !== undefined,
    hands,
    use,
    look,
    begin,
  };
}
