import type { OrderSettings } from './settings.ts';
import type { Step } from './step.ts';

type Arrangement = NonNullable<OrderSettings['arrangement']>;

/** A step taken to another place, both counted from 0. */
export function moveStep(arrangement: Arrangement, from: number, to: number): Arrangement {
  const moved = arrangement[from];
  if (!moved || from === to) return arrangement;
  const rest = arrangement.filter((_, index) => index !== from);
  return [...rest.slice(0, to), moved, ...rest.slice(to)];
}

/** A step and the one after it as one. */
export function mergeWithNext(arrangement: Arrangement, index: number): Arrangement {
  const [step, next] = [arrangement[index], arrangement[index + 1]];
  if (!step || !next) return arrangement;
  return [...arrangement.slice(0, index), [...step, ...next], ...arrangement.slice(index + 2)];
}

/** A step as several, one for each of the given groups of its keys; what no group names stays together. */
export function splitStep(
  arrangement: Arrangement,
  index: number,
  groups: readonly (readonly string[])[],
): Arrangement {
  const step = arrangement[index];
  if (!step) return arrangement;
  const named = groups.map((group) => group.filter((key) => step.includes(key)));
  const left = step.filter((key) => !named.flat().includes(key));
  const parts = [...named, left].filter((group) => group.length > 0);
  return [...arrangement.slice(0, index), ...parts, ...arrangement.slice(index + 1)];
}

/** Whether two steps can be one: the same is done to their parts, and neither is a check. */
export const mayMerge = (step: Step, next: Step | undefined): boolean =>
  step.kind !== 'check' && step.kind === next?.kind;

/** How a step falls apart: value by value, and one value piece by piece; nothing for a check. */
export function partsToSplit(step: Step): readonly (readonly string[])[] {
  if (step.kind === 'check') return [];
  const values = step.parts.map(({ designators }) => designators).filter((one) => one.length > 0);
  return values.length > 1 ? values : (values[0] ?? []).map((place) => [place]);
}
