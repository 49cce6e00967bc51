import type { FamilyId } from '../parts/families/ids.ts';

/** What is done to the parts of a step. */
export type WorkKind =
  /** Put through the board and soldered. */
  | 'solder'
  /** Pushed into its socket. */
  | 'insert'
  /** Screwed down. */
  | 'fasten'
  /** Cells put in. */
  | 'power'
  /** Something of the instructor's own. */
  | 'own';

/** Enough of a part to name it in a sentence. */
export interface Named {
  readonly designators: readonly string[];
  readonly family: FamilyId;
  readonly heightMm: number;
}
