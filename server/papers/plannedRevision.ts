import type { Revision } from '#contract/kits';
import type { PlannedStep } from '#core/pace/stepMinutes';

/** A kit and the steps it is built by: its own plan, or the one that a workshop's seats follow. */
export interface PlannedRevision extends Revision {
  readonly steps: readonly PlannedStep[];
}
