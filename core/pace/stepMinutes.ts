import { checkOf } from '../order/checks/index.ts';
import { usualMinutes } from '../order/own/own.ts';
import type { Holding, Step } from '../order/step.ts';
import { familyOf } from '../parts/families/index.ts';

/** A step with the minutes that the plan allows for it. */
export type PlannedStep = Step & { readonly minutes: number };

/**
 * Minutes a joint for somebody new, with turning the board, soldering and trimming. A 17-joint adapter takes a
 * beginner 10 to 20 minutes, 35 to 70 s a joint with everything (common practice); the parts' own handling is
 * counted apart, so this is the lower half.
 */
const minutesPerJoint = 0.6;

/** Minutes more for a joint on a plane or a large pad, with finding out that it does not flow (common practice). */
const minutesPerHotJoint = 0.3;

/** Minutes to read a step and find its bag (common practice). */
const minutesToRead = 1;

/** Minutes to tape, bend or tack one piece that would drop out otherwise (common practice). */
const minutesToHold = 0.3;

/**
 * The minutes planned for one step and one beginner.
 *
 * @returns minutes, to the next half; as the instructor says where he does
 */
export function stepMinutes(step: Step): number {
  const { words, sort } = step.own ?? {};
  if (words?.minutes !== undefined) return words.minutes;
  if (words?.repeat?.minutesEach !== undefined) {
    return Math.ceil(words.repeat.times * words.repeat.minutesEach * 2) / 2;
  }
  if (sort) return usualMinutes[sort];
  const minutes =
    step.kind === 'check'
      ? checkOf(step.check).minutes
      : minutesToRead +
        step.joints * minutesPerJoint +
        step.hotJoints * minutesPerHotJoint +
        heldPieces(step.holding) * minutesToHold +
        step.parts.reduce((sum, part) => sum + part.quantity * familyOf(part).prepareMinutes, 0);
  return Math.ceil(minutes * 2) / 2;
}

/** How many pieces are held; parts without a place name count as one. */
export const heldPieces = (holding: readonly Holding[]): number =>
  holding.reduce((sum, { places }) => sum + Math.max(1, places.length), 0);

export const withMinutes = (steps: readonly Step[]): PlannedStep[] =>
  steps.map((step) => ({ ...step, minutes: stepMinutes(step) }));

export const totalMinutes = (steps: readonly PlannedStep[]): number =>
  steps.reduce((sum, step) => sum + step.minutes, 0);
