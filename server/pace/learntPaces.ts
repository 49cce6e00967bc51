import type { LearntPaces } from '#contract/pace';
import type { BuildEvent } from '#core/build/event';
import { type LearnerTimes, type Learnt, learnPace } from '#core/pace/learnt/learnPace';
import { paceBefore } from '#core/pace/learnt/priors';
import { type StepTime, stepTimes } from '#core/pace/learnt/stepTimes';
import type { Queryable } from '../db/database.ts';
import { selectDeedsOfAll } from '../events/queries.ts';
import { selectFinished, selectSeated } from './queries.ts';

/** The deeds that say how long something took. */
const timed = [
  'step-done',
  'step-reopened',
  'help-asked',
  'help-withdrawn',
  'visit',
  'undo',
] as const;

/** What all workshops that are over have taught about kinds of steps and about learners. */
export async function learntPaces(db: Queryable, now: Date): Promise<LearntPaces> {
  const finished = await selectFinished(db, now);
  const stepsOf = new Map(finished.map(({ id, steps }) => [id, steps]));
  const logs = bySeat(await selectDeedsOfAll(db, timed));
  const people = new Map<
    string,
    { -readonly [Field in keyof LearnerTimes]: LearnerTimes[Field] }
  >();
  for (const { workshopId, seatId, learnerId, experience } of await selectSeated(db)) {
    const steps = stepsOf.get(workshopId);
    if (!steps) continue;
    const times: StepTime[] = stepTimes(steps, logs.get(seatId) ?? []);
    const learner = learnerId ?? `seat ${seatId}`;
    const known = people.get(learner);
    // What was said at the first workshop is the prior; from then on the times speak.
    if (known) known.times = [...known.times, ...times];
    else people.set(learner, { learner, before: paceBefore(experience), times });
  }
  const { kinds, learners, count } = learnPace([...people.values()]);
  return {
    workshops: finished.length,
    count,
    kinds: listed(kinds),
    learners: listed(learners).filter(({ id }) => !id.startsWith('seat ')),
  };
}

function bySeat(byWorkshop: ReadonlyMap<string, readonly BuildEvent[]>): Map<string, BuildEvent[]> {
  const logs = new Map<string, BuildEvent[]>();
  for (const event of [...byWorkshop.values()].flat()) {
    const log = logs.get(event.seatId);
    if (log) log.push(event);
    else logs.set(event.seatId, [event]);
  }
  return logs;
}

const listed = (learnt: ReadonlyMap<string, Learnt>) =>
  [...learnt].map(([id, { pace, count }]) => ({ id, pace, count }));
