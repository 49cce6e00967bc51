import type { LearntPaces } from '#contract/pace';
import type { Seat } from '#contract/workshops';
import type { Learnt } from '#core/pace/learnt/learnPace';
import { type Pace, paceBefore } from '#core/pace/learnt/priors';
import type { StepKind } from '#core/pace/learnt/stepTimes';

/** What is known of kinds of steps, by kind. */
export const kindsOf = ({ kinds }: LearntPaces): ReadonlyMap<StepKind, Learnt> =>
  new Map(kinds.map(({ id, pace, count }) => [id, { pace, count }]));

/** What is believed of a learner: the own pace where it is known, else what the experience says. */
export const paceOfSeat = (seat: Seat, paces: LearntPaces): Pace =>
  paces.learners.find(({ id, count }) => id === seat.learnerId && count > 0)?.pace ??
  paceBefore(seat.experience);
