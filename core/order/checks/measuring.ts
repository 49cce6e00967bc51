import type { OwnMeasure } from '../own/measure.ts';
import type { Step } from '../step.ts';
import type { Finding } from './definition.ts';
import { checkOf } from './index.ts';
import type { Limits, MeasuredUnit } from './limits.ts';

/** What is read off a meter at a step, and what a reading means there. */
export interface Measuring {
  readonly unit: MeasuredUnit;
  readonly limits: Limits;
  readonly judge: (amount: number) => Finding;
  /** Where the instructor says what is measured; absent where it is the check’s own. */
  readonly own?: OwnMeasure;
}

/**
 * What decides a step by a reading: what the instructor says, else what the check says.
 *
 * @returns null for a step that no meter decides
 */
export function measuringOf(step: Step): Measuring | null {
  const form = step.kind === 'check' ? checkOf(step.check).form : null;
  const own = step.own?.words.measure;
  const computed = (amount: number) =>
    step.kind === 'check' && form ? form.judge(amount, step) : 'right';
  if (!own) {
    return step.kind === 'check' && form
      ? { unit: form.unit, limits: form.limits(step), judge: computed }
      : null;
  }
  return {
    unit: own.unit,
    limits: own,
    own,
    judge: (amount) => {
      const finding =
        own.least !== undefined && amount < own.least
          ? 'too-low'
          : own.most !== undefined && amount > own.most
            ? 'too-high'
            : 'right';
      if (finding === 'right' || form?.unit !== own.unit) return finding;
      // A check that knows what is wrong says more than that it is wrong.
      const known = computed(amount);
      return known === 'right' ? finding : known;
    },
  };
}
