import type { LearntPaces } from '#contract/pace';
import type { Learnt } from '#core/pace/learnt/learnPace';
import type { StepKind } from '#core/pace/learnt/stepTimes';

/** What is known of kinds of steps, by kind. */
export const kindsOf = ({ kinds }: LearntPaces): ReadonlyMap<StepKind, Learnt> =>
  new Map(kinds.map(({ id, pace, count }) => [id, { pace, count }]));
