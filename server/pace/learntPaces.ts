import type { LearntPaces } from '#contract/pace';
import { timesOfBuild } from '#core/learning/builds';
import {
  type LearnerTimes,
  type Learnt,
  type LearntPace,
  learnPace,
  sumUp,
} from '#core/pace/learnt/learnPace';
import { paceBefore } from '#core/pace/learnt/priors';
import type { StoredBuild } from '../builds/queries.ts';

/** Whether the evening of a build is behind. */
export const isOver = ({ startsAt, lengthMinutes }: StoredBuild, now: Date): boolean =>
  Date.parse(startsAt) + lengthMinutes * 60_000 < now.getTime();

/** Collects the step times of learners, evening by evening. */
export class TimesSeen {
  readonly #people = new Map<string, LearnerTimes>();

  add(build: StoredBuild): void {
    const { learnerId, seatId, experience } = build;
    const learner = learnerId ?? `seat ${seatId}`;
    const known = this.#people.get(learner);
    this.#people.set(learner, {
      learner,
      // What was said at the first workshop is the prior; from then on the times speak.
      before: known?.before ?? paceBefore(experience),
      sums: sumUp(timesOfBuild(build), known?.sums),
    });
  }

  learnt(): LearntPace {
    return learnPace([...this.#people.values()]);
  }
}

/**
 * What the workshops that are over have taught about kinds of steps and about learners.
 *
 * @param builds in the order of the workshops
 */
export function learntPaces(builds: readonly StoredBuild[], now: Date): LearntPaces {
  const seen = new TimesSeen();
  const over = builds.filter((build) => isOver(build, now));
  for (const build of over) seen.add(build);
  const { kinds, learners, count } = seen.learnt();
  return {
    workshops: new Set(over.map(({ workshopId }) => workshopId)).size,
    count,
    kinds: listed(kinds),
    learners: listed(learners).filter(({ id }) => !id.startsWith('seat ')),
  };
}

const listed = (learnt: ReadonlyMap<string, Learnt>) =>
  [...learnt].map(([id, { pace, count }]) => ({ id, pace, count }));
