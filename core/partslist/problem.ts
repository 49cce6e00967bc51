import type { Filling, Said } from '../learning/said.ts';

/** Something about a cell that a person must put right (`error`) or should look at (`warning`). */
export interface CellProblem {
  readonly severity: 'error' | 'warning';
  /** Line of the file; null where the whole list is meant. */
  readonly line: number | null;
  /** The heading of the column as the file has it, or the meaning that no column has. */
  readonly column: Filling;
  /** What is wrong and what to write instead. */
  readonly message: Said;
}

/** Whether a list can be taken over: nothing of it must be put right first. */
export const isClean = ({ problems }: { readonly problems: readonly CellProblem[] }): boolean =>
  !problems.some(({ severity }) => severity === 'error');
