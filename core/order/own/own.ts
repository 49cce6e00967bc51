import type { OwnText } from '../../words/ownText.ts';
import type { OwnMeasure, Repeat } from './measure.ts';
import type { StepPicture } from './pictures.ts';

/** What an instructor says of a step; what is absent is as computed. */
export interface OwnWords {
  readonly title?: OwnText;
  /** How it is done, a line each; in place of the computed lines. */
  readonly how?: OwnText;
  /** What to look at before going on. */
  readonly look?: OwnText;
  /** Said beside the computed cautions: those are never taken away. */
  readonly caution?: OwnText;
  /** Of a check: what is seen when all is right. */
  readonly expects?: OwnText;
  /** For instructors and helpers only. */
  readonly note?: OwnText;
  readonly minutes?: number;
  readonly pictures?: readonly StepPicture[];
  /** Decided by a reading of this in place of what is computed. */
  readonly measure?: OwnMeasure;
  readonly repeat?: Repeat;
}

export const ownTextFields = ['title', 'how', 'look', 'caution', 'expects', 'note'] as const;
export type OwnTextField = (typeof ownTextFields)[number];

/** Other words for what is computed. */
export interface ChangedStep {
  /** Something that is done in the step, as arrangements call it: the words follow it wherever it goes. */
  readonly at: string;
  readonly words: OwnWords;
  /** What the step was about when the words were written; see `basisOf`. */
  readonly basis: string;
}

export const ownSorts = ['work', 'check', 'talk', 'break'] as const;
/** What a step of the instructor’s own is for. */
export type OwnSort = (typeof ownSorts)[number];

export interface AddedStep {
  readonly id: string;
  readonly sort: OwnSort;
  /** What is done before it, as arrangements call it; null at the beginning. */
  readonly after: string | null;
  readonly words: OwnWords;
}

/** Something that is not done here, as arrangements call it; a step is left out where all that it does is. */
export interface HiddenStep {
  readonly at: string;
  readonly reason: string;
}

/** Everything of a plan that the instructor has in his own hand. */
export interface OwnSteps {
  readonly changed: readonly ChangedStep[];
  readonly added: readonly AddedStep[];
  readonly hidden: readonly HiddenStep[];
}

export const nothingOwn: OwnSteps = { changed: [], added: [], hidden: [] };

/** Hashes of all pictures that steps show. */
export const picturesShown = ({ changed, added }: OwnSteps): readonly string[] => [
  ...new Set(
    [...changed, ...added].flatMap(({ words }) => words.pictures?.map(({ hash }) => hash) ?? []),
  ),
];

/** What is the instructor’s own of one step. */
export interface OwnOfStep {
  readonly words: OwnWords;
  /** Where the whole step is his. */
  readonly sort?: OwnSort;
  /** What is computed has changed since the words were written. */
  readonly isStale?: true;
  /** Why it is not done here. */
  readonly hidden?: string;
}

/** Minutes of a step of one’s own where nobody has said how long it takes (common practice). */
export const usualMinutes: Readonly<Record<OwnSort, number>> = {
  work: 5,
  check: 2,
  talk: 5,
  break: 10,
};

export const addedKey = (id: string): string => `own-${id}`;
