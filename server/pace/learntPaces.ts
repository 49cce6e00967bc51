import type { LearntPaces } from '#contract/pace';
import type { LookedBack } from '#core/pace/evening/lookBack';
import type { Learnt } from '#core/pace/learnt/learnPace';

/** What the workshops that are over have taught about kinds of steps and about learners, as it is sent. */
export function learntPaces({
  learnt,
  told,
  widened,
}: LookedBack): Omit<LearntPaces, 'conditions' | 'conditionsVersion'> {
  const { kinds, learners, spread, trouble, count } = learnt;
  const finished = [...told.values()]
    .flat()
    .flatMap(({ done, finished }) => (finished === null ? [] : [{ done, finished }]));
  return {
    workshops: told.size,
    count,
    kinds: listed(kinds),
    learners: listed(learners).filter(({ id }) => !id.startsWith('seat ')),
    spread,
    trouble,
    widened,
    judged: {
      count: finished.length,
      inRange: finished.filter(({ done, finished }) => finished >= done.p05 && finished <= done.p95)
        .length,
    },
  };
}

const listed = (learnt: ReadonlyMap<string, Learnt>) =>
  [...learnt].map(([id, { pace, count }]) => ({ id, pace, count }));
