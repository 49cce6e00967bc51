import type { Step } from './step.ts';

/** Who has the iron at a step, and who holds and checks meanwhile. */
export interface Turn {
  readonly first: string;
  readonly other: string;
}

/**
 * The two who share one phone and one board: a seat that is called `Ada & Bo`, or `Ada + Bo`. Undefined of any other
 * name; whoever has three names has no turns here.
 */
export function twoAtOnePhone(name: string): readonly [string, string] | undefined {
  const [first = '', second = '', ...more] = name.split(/[&+]/).map((one) => one.trim());
  return first !== '' && second !== '' && more.length === 0 ? [first, second] : undefined;
}

/**
 * Who of two has the iron first at a step of soldering, where they share one: they take turns, step by step (common
 * practice). Null at a step that needs no iron.
 *
 * @param steps the plan, in order
 * @param pair whoever begins at the first step of soldering, and the other one
 */
export function ironTurn(
  steps: readonly Pick<Step, 'id' | 'kind'>[],
  stepId: string,
  [one, other]: readonly [string, string],
): Turn | null {
  const turn = steps.filter(({ kind }) => kind === 'solder').findIndex(({ id }) => id === stepId);
  if (turn < 0) return null;
  return turn % 2 === 0 ? { first: one, other } : { first: other, other: one };
}
