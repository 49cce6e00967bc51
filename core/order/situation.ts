import type { Standing } from '../board/standing.ts';
import type { Block } from './block.ts';
import type { Access } from './settings.ts';

/** What the rules look at beside the parts: where they stand, how much room an iron needs, what belongs together. */
export interface Situation {
  /** Parts that have a spot on the board; none where the kit has no layout. */
  readonly standing: readonly Standing[];
  readonly access: Access;
  readonly blocks: readonly Block[];
}
