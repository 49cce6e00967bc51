import type { LearntPaces } from '#contract/pace';
import type { Seat, Workshop } from '#contract/workshops';
import { type Beliefs, learnerBefore } from '#core/pace/evening/beliefs';
import { type Conditions, usualConditionsOf } from '#core/pace/evening/conditions';
import type { Learnt } from '#core/pace/learnt/learnPace';
import type { Pace } from '#core/pace/learnt/priors';
import type { StepKind } from '#core/pace/learnt/stepTimes';

/** What is known of kinds of steps, by kind. */
export const kindsOf = ({ kinds }: Pick<LearntPaces, 'kinds'>): ReadonlyMap<StepKind, Learnt> =>
  new Map(kinds.map(({ id, pace, count }) => [id, { pace, count }]));

/** What is known of learners, by their ids. */
export const learnersOf = ({ learners }: LearntPaces): ReadonlyMap<string, Learnt> =>
  new Map(learners.map(({ id, pace, count }) => [id, { pace, count }]));

/** What is believed of a learner: the own pace where it is known, else what the experience says. */
export const paceOfSeat = (seat: Seat, { learners, spread }: LearntPaces): Pace =>
  learnerBefore(
    learners.find(({ id }) => id === seat.learnerId),
    seat.experience,
    spread,
  );

export const beliefsOf = (paces: LearntPaces): Beliefs => ({
  kinds: kindsOf(paces),
  spread: paces.spread,
  trouble: paces.trouble,
  widened: paces.widened,
});

/** As the instructor has said, else as rooms usually are. */
export const conditionsOf = (
  { seats }: Pick<Workshop, 'seats'>,
  { conditions }: LearntPaces,
): Conditions => conditions ?? usualConditionsOf(seats);
