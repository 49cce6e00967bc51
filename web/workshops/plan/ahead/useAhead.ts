import { useEffect } from 'react';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import type { Conditions } from '#core/pace/evening/conditions';
import { useWorkerTask } from '../../../app/useWorkerTask.ts';
import { aheadTask } from '../../forecast/forecastTask.ts';
import { eveningAhead } from './conditionFields.ts';

/** Whoever types a number is not done with its first digit. */
const typingMs = 400;

/** What will be of a workshop under such conditions, worked out anew when they change. */
export function useAhead(
  workshop: Workshop,
  paces: LearntPaces,
  conditions: Conditions | undefined,
) {
  const { state, start, cancel } = useWorkerTask(aheadTask);
  const { steps, seats, lengthMinutes } = workshop;
  const from = JSON.stringify([conditions, steps, seats, lengthMinutes]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the text says whether anything has changed
  useEffect(() => {
    if (!conditions) return;
    const timer = setTimeout(
      () => void start(eveningAhead(workshop, paces, conditions)),
      state.state === 'idle' ? 0 : typingMs,
    );
    return () => clearTimeout(timer);
  }, [from, start]);
  return { state, cancel };
}

export type AheadState = ReturnType<typeof useAhead>['state'];
