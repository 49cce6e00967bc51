import type { OwnText } from '../../words/ownText.ts';
import type { Limits, MeasuredUnit } from '../checks/limits.ts';

/** Something that is measured at a step: right from `least` to `most`, both in the unit; one of them may be open. */
export interface OwnMeasure extends Limits {
  readonly unit: MeasuredUnit;
  /** Where the probes go. */
  readonly at: OwnText;
}

/** The same thing done many times: beads on a jig, sixty-four bent LEDs. */
export interface Repeat {
  readonly times: number;
  /** What it is done on or with. */
  readonly jig?: OwnText;
  /** For one piece. */
  readonly minutesEach?: number;
}

/** Pieces of one repeated step, at most. */
export const mostRepeats = 1000;
