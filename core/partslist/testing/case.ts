import type { FamilyId } from '../../parts/families/ids.ts';
import type { Doubt } from '../confidence.ts';

/** What a practised reader takes a line for; common practice and data sheets from memory, unless a group says more. */
export interface Case {
  readonly text: string;
  readonly place: string;
  readonly family: FamilyId;
  /** As core/parts/label says it; '' for none. */
  readonly value: string;
  /** The name of its body, where the line or the type tells it. */
  readonly body?: string;
  readonly pins?: number;
  readonly volt?: number;
  /** What must be said to be doubtful: nothing, where the line is clear. */
  readonly doubts?: readonly Doubt[];
}

type More = Omit<Case, 'text' | 'place' | 'family' | 'value'>;
/** A case; `more` is what the line tells beside kind and value. */
export const c = (
  text: string,
  place: string,
  family: FamilyId,
  value = '',
  more: More = {},
): Case => ({
  text,
  place,
  family,
  value,
  ...more,
});
