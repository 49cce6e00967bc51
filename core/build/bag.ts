import type { Step } from '../order/step.ts';
import type { Part } from '../parts/part.ts';

/** A line of what a learner finds in the bag. */
export interface BagLine {
  readonly part: Part;
  readonly pieces: number;
  /** The first step that needs it: what is missing is told there. */
  readonly stepId: string;
}

/** What is in the bag for the steps of a build: equal lines of several steps together, in the order in which they are needed. */
export function bagOf(steps: readonly Step[]): BagLine[] {
  const lines = new Map<string, BagLine>();
  for (const step of steps) {
    if (step.kind === 'check') continue;
    for (const part of step.parts) {
      if (part.supply !== 'in-kit') continue;
      const { designators, quantity, ...kind } = part;
      const key = JSON.stringify(kind);
      const before = lines.get(key);
      lines.set(
        key,
        before
          ? { ...before, pieces: before.pieces + quantity, part: together(before.part, part) }
          : { part, pieces: quantity, stepId: step.id },
      );
    }
  }
  return [...lines.values()];
}

const together = (one: Part, other: Part): Part => ({
  ...one,
  quantity: one.quantity + other.quantity,
  designators: [...one.designators, ...other.designators],
});
