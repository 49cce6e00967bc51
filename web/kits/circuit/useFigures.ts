import { useMemo } from 'react';
import { useRevalidator } from 'react-router';
import { getFiguresWork, stopFigures, workOutFigures } from '#contract/figures';
import type { Kit } from '#contract/kits';
import { call } from '../../app/call.ts';
import { useIsInstructor } from '../../app/staff.ts';
import { useKitWork } from '../useKitWork.ts';

/**
 * The working out of what a kit's boards show: begun by itself where an instructor looks and nothing is known yet, and
 * the kit read again when it is done.
 */
export function useFigures({ id, figures }: Kit, isReadable: boolean) {
  const { revalidate } = useRevalidator();
  const isInstructor = useIsInstructor();
  const calls = useMemo(() => {
    const params = { kitId: id };
    return {
      begin: () => call(workOutFigures, { params }),
      ask: () => call(getFiguresWork, { params }),
      end: () => call(stopFigures, { params }),
      whenDone: revalidate,
    };
  }, [id, revalidate]);
  return useKitWork({ ...calls, begins: isReadable && !figures && isInstructor });
}
