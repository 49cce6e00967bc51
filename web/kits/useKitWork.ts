import { useCallback, useEffect, useState } from 'react';
import type { FiguresWork } from '#contract/figures';

/** How often a page asks how far the work is, in milliseconds. */
const askEvery = 700;

interface KitWork {
  /** Nothing is known yet, and whoever looks may begin it: then it begins by itself. */
  readonly begins: boolean;
  readonly begin: () => Promise<FiguresWork>;
  readonly ask: () => Promise<FiguresWork>;
  readonly end: () => Promise<FiguresWork>;
  readonly whenDone: () => Promise<unknown>;
}

const idle: FiguresWork = { kind: 'idle' };
/** Begun by itself, and not answered yet: a button to begin it would vanish under the finger. */
const beginning: FiguresWork = { kind: 'working', done: 0 };

/** Something that the server works out of a kit: asked about until it is done. The functions must stay the same. */
export function useKitWork({ begins, begin, ask, end, whenDone }: KitWork) {
  const [work, setWork] = useState<FiguresWork>();

  const start = useCallback(async () => {
    try {
      setWork(await begin());
    } catch (error) {
      setWork(idle);
      throw error;
    }
  }, [begin]);
  useEffect(() => {
    if (begins) void start();
  }, [begins, start]);

  useEffect(() => {
    if (work?.kind !== 'working') return;
    const timer = setTimeout(async () => {
      const next = await ask();
      if (next.kind === 'idle') await whenDone();
      setWork(next);
    }, askEvery);
    return () => clearTimeout(timer);
  }, [work, ask, whenDone]);

  const stop = async () => setWork(await end());
  return { work: work ?? (begins ? beginning : idle), start, stop };
}
