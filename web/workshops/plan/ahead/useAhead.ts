import { useEffect, useRef } from 'react';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import { eveningAhead } from '#core/pace/evening/ahead';
import type { Conditions } from '#core/pace/evening/conditions';
import { useWorkerTask } from '../../../app/useWorkerTask.ts';
import { aheadTask } from '../../forecast/forecastTask.ts';
import { beliefsOf, learnersOf } from '../../learnt.ts';

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
  const isFirst = useRef(true);
  const again = () =>
    conditions &&
    void start(eveningAhead(workshop, conditions, beliefsOf(paces), learnersOf(paces)));
  // biome-ignore lint/correctness/useExhaustiveDependencies: the text says whether anything has changed
  useEffect(() => {
    const timer = setTimeout(again, isFirst.current ? 0 : typingMs);
    isFirst.current = false;
    return () => clearTimeout(timer);
  }, [from]);
  return { state, cancel, again };
}

export type AheadState = ReturnType<typeof useAhead>['state'];
