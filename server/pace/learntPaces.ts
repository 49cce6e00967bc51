import type { LearntPaces } from '#contract/pace';
import { judgedForecasts, type LookedBack } from '#core/pace/evening/lookBack';
import type { Learnt } from '#core/pace/learnt/learnPace';

/** What the workshops that are over have taught about kinds of steps and about learners, as it is sent. */
export function learntPaces({
  learnt,
  told,
  widened,
}: LookedBack): Omit<LearntPaces, 'conditions' | 'conditionsVersion'> {
  const { kinds, learners, spread, trouble, count } = learnt;
  return {
    workshops: told.size,
    count,
    kinds: listed(kinds),
    learners: listed(learners).filter(({ id }) => !id.startsWith('seat ')),
    spread,
    trouble,
    widened,
    judged: judgedForecasts(told.values()),
  };
}

const listed = (learnt: ReadonlyMap<string, Learnt>) =>
  [...learnt].map(([id, { pace, count }]) => ({ id, pace, count }));
