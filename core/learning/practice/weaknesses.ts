import type { Slip } from '../drills/drill.ts';
import { drills } from '../drills/index.ts';
import type { Weakness } from './cards.ts';

/** A slip in a build, with its time. */
export interface TimedSlip extends Slip {
  /** ISO 8601. */
  readonly at: string;
}

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
