import type { WorkNode } from '../node.ts';
import type { Situation } from '../situation.ts';
import type { StyleId } from './ids.ts';

/** A school of soldering order: what comes first where no hard rule decides. */
export interface Style<Id extends StyleId = StyleId> {
  readonly id: Id;
  /** Smaller comes first; parts with the same number are left to the next style. */
  readonly rank: (node: WorkNode, situation: Situation) => number;
  /** What belongs together is built and tested before the next begins. */
  readonly byBlocks: boolean;
  /** Its reason is the height: said as such, with the part that would hold the board up. */
  readonly isHeight: boolean;
  readonly words: {
    readonly name: string;
    /** Why people build like this, in one sentence. */
    readonly why: string;
    /** Why a step comes before those that rank later; `others` names the next of them. */
    readonly before: string;
    /** Why a step comes after those that rank earlier; `others` names the last of them. */
    readonly after: string;
  };
}
