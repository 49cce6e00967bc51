import type { Board } from '../../board/board.ts';
import type { Step } from '../../order/step.ts';
import type { StyleId } from '../../order/styles/ids.ts';
import type { PracticeKit } from '../drills/drill.ts';

/**
 * The kit that a plan builds, as exercises are made from it. A round of a whole class has no board, so that every page
 * that knows the plan makes the same exercise.
 */
export const kitOfSteps = (
  { steps, styles }: { readonly steps: readonly Step[]; readonly styles: readonly StyleId[] },
  board: Board | null = null,
): PracticeKit => ({
  parts: steps.flatMap((step) => (step.kind === 'check' ? [] : step.parts)),
  board,
  styles,
});
