import type { SkillId } from '../skills.ts';
import type { MistakeId } from './ids.ts';

/** What a step must have for a mistake to be possible there. */
export type Needs = 'value' | 'polarity' | 'part' | 'joint' | 'insertion' | 'check';

export interface MistakeDefinition<Id extends MistakeId = MistakeId> {
  readonly id: Id;
  readonly needs: Needs;
  /** The piece is gone: another must be taken from the stores. */
  readonly usesUpPart?: true;
  readonly class: MistakeClass;
  /** What somebody lacks who makes it. */
  readonly skill: SkillId;
  /** 1 is a nuisance, 2 costs a part or much time, 3 can destroy the board or hurt. */
  readonly severity: 1 | 2 | 3;
  /** Minutes that it costs when it is found at once, and when it is found at a later step (priors, common practice). */
  readonly costs: { readonly atOnce: number; readonly later: number };
  readonly words: {
    readonly name: string;
    /** What it most often comes from. */
    readonly cause: string;
    /** The remedy, as said to the learner. */
    readonly whatNow: string;
  };
}

/** What kind of slip a mistake is. */
export type MistakeClass = 'part' | 'orientation' | 'placement' | 'joint' | 'damage' | 'check';
