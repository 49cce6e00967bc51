import type { Revision } from '#contract/kits';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { PicturesByHash } from './stepPictures.ts';

/** A kit and the steps it is built by: its own plan, or the one that a workshop's seats follow. */
export interface PlannedRevision extends Revision {
  readonly steps: readonly PlannedStep[];
  /** What the steps show, where a paper prints it. */
  readonly stepPictures: PicturesByHash;
  /** What its faults show; absent where nobody has worked it out. */
  readonly faults?: FaultDictionary | null;
}
