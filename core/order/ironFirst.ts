import type { Step } from './step.ts';

/**
 * Whether a learner has the iron first at a step of soldering, where two share one: they take turns, and whoever sits
 * at the lower number begins (common practice). Null at a step that needs no iron.
 *
 * @param steps the plan, in order
 * @param seat the number of the learner's seat
 * @param partner that of whoever works with them; another one
 */
export function hasIronFirst(
  steps: readonly Pick<Step, 'id' | 'kind'>[],
  stepId: string,
  seat: number,
  partner: number,
): boolean | null {
  const turn = steps.filter(({ kind }) => kind === 'solder').findIndex(({ id }) => id === stepId);
  return turn < 0 ? null : (turn % 2 === 0) === seat < partner;
}
