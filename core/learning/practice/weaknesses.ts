import { type Build, stateOfBuild } from '../builds.ts';
import type { Slip } from '../drills/drill.ts';
import { drills } from '../drills/index.ts';
import type { Weakness } from './cards.ts';

/** A slip in a build, with its time. */
export interface TimedSlip extends Slip {
  /** ISO 8601. */
  readonly at: string;
}

/** What went wrong in a build, each with the part it happened to, or all of its step where nobody said which. */
export const slipsOf = (build: Pick<Build, 'steps' | 'events'>): TimedSlip[] =>
  stateOfBuild(build).mistakes.map(({ mistake, madeAtStepId, designator, foundAt }) => {
    const step = build.steps.find(({ id }) => id === madeAtStepId);
    const parts = step && step.kind !== 'check' ? step.parts : [];
    return {
      mistake,
      at: foundAt,
      parts: parts.filter(
        ({ designators }) => designator === undefined || designators.includes(designator),
      ),
    };
  });

/** The items that what went wrong in builds shows to be weak. */
export const weaknessesOf = (slips: readonly TimedSlip[]): Weakness[] =>
  slips.flatMap((slip) =>
    drills.flatMap((drill) =>
      drill.kinds.flatMap((kind) =>
        [...new Set(kind.raisedBy?.(slip) ?? [])].map((key) => ({
          item: `${drill.id}.${kind.id}.${key}`,
          at: slip.at,
        })),
      ),
    ),
  );
