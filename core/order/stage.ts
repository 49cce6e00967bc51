import type { Part } from '../parts/part.ts';
import type { Step } from './step.ts';

/** How far a board is built while a step is done. */
export interface Stage {
  /** Place names of what was fitted before. */
  readonly done: ReadonlySet<string>;
  /** Of what is fitted now. */
  readonly now: ReadonlySet<string>;
  /** What is handled now and has no place on the board: screws, cells, a case. */
  readonly loose: readonly Part[];
}

const partsOf = (step: Step): readonly Part[] => (step.kind === 'check' ? [] : step.parts);
const namesOf = (steps: readonly Step[]): ReadonlySet<string> =>
  new Set(steps.flatMap((step) => partsOf(step).flatMap(({ designators }) => designators)));

/**
 * @param places what has a place on the board
 * @returns undefined where no step has that id
 */
export function stageAt(
  steps: readonly Step[],
  stepId: string,
  places: ReadonlySet<string>,
): Stage | undefined {
  const at = steps.findIndex(({ id }) => id === stepId);
  const step = steps[at];
  if (!step) return undefined;
  return {
    done: namesOf(steps.slice(0, at)),
    now: new Set([...namesOf([step])].filter((name) => places.has(name))),
    loose: partsOf(step).filter(({ designators }) => !designators.some((name) => places.has(name))),
  };
}
