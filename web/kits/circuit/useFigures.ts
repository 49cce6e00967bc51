import { useCallback, useEffect, useState } from 'react';
import { useRevalidator } from 'react-router';
import { type FiguresWork, getFiguresWork, stopFigures, workOutFigures } from '#contract/figures';
import type { Kit } from '#contract/kits';
import { call } from '../../app/call.ts';
import { useIsInstructor } from '../../app/staff.ts';

/** How often a page asks how far the work is, in milliseconds. */
const askEvery = 700;

/**
 * The working out of what a kit's boards show: begun by itself where an instructor looks and nothing is known yet, asked
 * about until it is done, and the kit read again then.
 */
export function useFigures({ id, figures }: Kit, isReadable: boolean) {
  const { revalidate } = useRevalidator();
  const isInstructor = useIsInstructor();
  const [work, setWork] = useState<FiguresWork>({ kind: 'idle' });
  const params = { kitId: id };

  const start = useCallback(async () => {
    setWork(await call(workOutFigures, { params: { kitId: id } }));
  }, [id]);
  const isMissing = isReadable && !figures && isInstructor;
  useEffect(() => {
    if (isMissing) void start();
  }, [isMissing, start]);

  useEffect(() => {
    if (work.kind !== 'working') return;
    const timer = setTimeout(async () => {
      const next = await call(getFiguresWork, { params: { kitId: id } });
      if (next.kind === 'idle') await revalidate();
      setWork(next);
    }, askEvery);
    return () => clearTimeout(timer);
  }, [work, id, revalidate]);

  const stop = async () => setWork(await call(stopFigures, { params }));
  return { work, start, stop };
}
