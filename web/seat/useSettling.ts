import { useEffect, useState } from 'react';

/** Longer than the pause between the two taps of a double tap. */
const settleMs = 600;

/**
 * Whether a step has only just come up. A double tap on “Done” would otherwise finish the next step, too, before
 * anybody has seen it.
 */
export function useSettling(stepId: string | null): boolean {
  const [settled, setSettled] = useState(stepId);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(stepId), settleMs);
    return () => clearTimeout(timer);
  }, [stepId]);
  return settled !== stepId;
}
