import type { Step } from '../order/step.ts';
import type { FamilyId } from '../parts/families/ids.ts';
import type { SeatState } from './foldSeat.ts';

/** What a learner has built, and how much of it somebody has seen. */
export interface Built {
  /** Pieces of each kind of part in done steps, in the order of the steps. */
  readonly parts: readonly { readonly family: FamilyId; readonly pieces: number }[];
  readonly joints: number;
  /** Checks that are done. */
  readonly checks: number;
  /** Soldering steps that staff have looked at and found good. */
  readonly checked: number;
  /** Soldering steps that are done, by what the learner says. */
  readonly claimed: number;
}

export function builtOf(steps: readonly Step[], state: SeatState): Built {
  const done = steps.filter(({ id }) => id in state.doneAt);
  const soldered = done.filter(({ kind }) => kind === 'solder');
  const parts = new Map<FamilyId, number>();
  for (const step of done) {
    if (step.kind === 'check') continue;
    for (const { family, quantity } of step.parts)
      parts.set(family, (parts.get(family) ?? 0) + quantity);
  }
  return {
    parts: [...parts].map(([family, pieces]) => ({ family, pieces })),
    joints: soldered.reduce((sum, step) => sum + ('joints' in step ? step.joints : 0), 0),
    checks: done.filter(({ kind }) => kind === 'check').length,
    checked: soldered.filter(({ id }) => state.checkedGood.some(({ stepId }) => stepId === id))
      .length,
    claimed: soldered.length,
  };
}
