import { type Random, seeded } from '../../random.ts';
import { sumUp } from '../learnt/learnPace.ts';
import {
  dot,
  type LearnerTimes,
  learnerGiven,
  type Posterior,
  posteriorOf,
  triangleOf,
} from '../learnt/posterior.ts';
import { kindVariation, paceFrom } from '../learnt/priors.ts';
import { isForAll, kindOfStep } from '../learnt/stepTimes.ts';
import { normalCdf, normalQuantile, quantileOf } from '../normal.ts';
import { kindTonight, tonightMoves } from './beliefs.ts';
import { type Crowding, crowdingOf, withoutWaiting } from './crowding.ts';
import type { Evening, SeatTonight } from './evening.ts';
import {
  type Activity,
  type Capacity,
  type JobResult,
  runRoom,
  type Shared,
  sharedThings,
} from './room.ts';
import { stepActivities, visitActivity } from './seatWork.ts';

/** Minutes from the start of the evening below which so much of what may happen lies. */
export interface Range {
  readonly p05: number;
  readonly p25: number;
  readonly p50: number;
  readonly p75: number;
  readonly p80: number;
  readonly p90: number;
  readonly p95: number;
}

export interface SeatForecast {
  readonly id: string;
  /** To be done by the end of the evening. */
  readonly chance: number;
  /** When the last step is done; of a seat that is done already, now. */
  readonly done: Range;
  /** Minutes from now to then, in the middle run. */
  readonly needed: number;
  /** The chance to have each step that is left done by the end, by its id. */
  readonly reaches: ReadonlyMap<string, number>;
}

export interface Forecast {
  readonly runs: number;
  /** That everybody is done by the end, and half the width of its 95 % interval. */
  readonly chance: number;
  readonly doubt: number;
  /** When the last one is done. */
  readonly last: Range;
  /** Share of the learners that are done by the end, on the average. */
  readonly shareDone: number;
  /** Minutes that one learner waits for each shared thing from now on, on the average. */
  readonly waits: Capacity;
  /** For each step: the share of runs in which everybody has done it by the end. */
  readonly reached: readonly number[];
  readonly seats: readonly SeatForecast[];
}

/**
 * Runs an evening many times from where it stands, each time with other hands.
 *
 * How long kinds of steps take and how fast people are is drawn together, as far as it is known: what tonight has shown
 * counts as well as what was known before. A step under way takes longer than it has; whoever has been at it for long is
 * more likely slow.
 *
 * @param seed the same seed gives the same hands at the same steps, also in a room with other tools and a minute later:
 *   differences are those of the room and of what has happened
 * @param onProgress told now and then, with the share that is done
 */
export function forecastEvening(
  evening: Evening,
  runs: number,
  seed: number,
  onProgress: (share: number) => void = () => undefined,
): Forecast {
  const { steps, conditions, lengthMinutes } = evening;
  const crowding = crowdingOf(steps, evening.seats.length, conditions.capacity);
  const believed = believedOf(evening, crowding);
  // Some of the time at the step under way went by in the queue for an iron.
  const seats = evening.seats.map((seat): SeatTonight => {
    const under = steps[seat.left[0] ?? -1]?.id ?? '';
    return { ...seat, elapsed: seat.elapsed / (crowding.get(under) ?? 1) };
  });
  const lasts: number[] = [];
  const ends: number[][] = seats.map(() => []);
  const inTime: number[][] = seats.map(() => steps.map(() => 0));
  let [allDone, done] = [0, 0];
  const waits: Record<Shared, number> = { iron: 0, meter: 0, desoldering: 0, helper: 0 };
  const reached = steps.map(() => 0);
  for (let run = 0; run < runs; run += 1) {
    const drawn = tonightDrawn(evening, believed, seeded(hash(seed, run, 0, 0)));
    const people = seats.map((seat, index) =>
      personOf(evening, believed, drawn, seat, index, (step) =>
        seeded(hash(seed, run, index + 1, step)),
      ),
    );
    const results = runRoom(
      people.map(({ job }) => job),
      conditions.capacity,
    );
    const everybody = steps.map(() => true);
    let last = evening.nowMinutes;
    let isAll = true;
    for (const [index, seat] of seats.entries()) {
      const result = results[index];
      const { endOf } = people[index] ?? { endOf: [] };
      if (!result) continue;
      const end = seat.left.length === 0 ? evening.nowMinutes : clockAt(result.finishedAt, evening);
      ends[index]?.push(end);
      const isDone = seat.left.length === 0 || end <= lengthMinutes;
      if (seat.left.length > 0) last = Math.max(last, end);
      if (isDone) done += 1;
      else isAll = false;
      for (const [place, step] of seat.left.entries()) {
        if (isDoneBy(result, endOf[place] ?? 0, evening)) bump(inTime[index], step);
        else everybody[step] = false;
      }
      for (const thing of sharedThings) waits[thing] += result.waited[thing];
    }
    lasts.push(last);
    if (isAll) allDone += 1;
    for (const [step, all] of everybody.entries()) if (all) bump(reached, step);
    if (run % 50 === 49) onProgress((run + 1) / runs);
  }
  const chance = allDone / runs;
  const perSeat = (sum: number) => sum / runs / Math.max(1, seats.length);
  return {
    runs,
    chance,
    // Normal approximation of the binomial; at the ends the rule of three.
    doubt: Math.max(1.96 * Math.sqrt((chance * (1 - chance)) / runs), 3 / runs),
    last: rangeOf(lasts),
    shareDone: perSeat(done),
    waits: {
      iron: perSeat(waits.iron),
      meter: perSeat(waits.meter),
      desoldering: perSeat(waits.desoldering),
      helper: perSeat(waits.helper),
    },
    reached: reached.map((count) => count / runs),
    seats: seats.map(({ id, left }, index): SeatForecast => {
      const counts = inTime[index] ?? [];
      const last = left.at(-1);
      const done = rangeOf(ends[index] ?? []);
      return {
        id,
        chance: last === undefined ? 1 : (counts[last] ?? 0) / runs,
        done,
        needed: Math.max(0, done.p50 - evening.nowMinutes),
        reaches: new Map(left.map((step) => [steps[step]?.id ?? '', (counts[step] ?? 0) / runs])),
      };
    }),
  };
}

/** What is believed tonight of kinds of steps and of people, together. */
interface Believed {
  readonly posterior: Posterior;
  readonly lower: readonly (readonly number[])[];
  /** The number of each step's kind, by the step's number. */
  readonly kindOf: readonly number[];
}

function believedOf({ steps, seats, beliefs }: Evening, crowding: Crowding): Believed {
  const kinds = [...new Set(steps.map(kindOfStep))].sort();
  const people = seats.map(({ id, before, times }): LearnerTimes => {
    const sums = sumUp(withoutWaiting(times, crowding));
    return { learner: id, before, sums };
  });
  const unseen = paceFrom(1, kindVariation);
  const posterior = posteriorOf(
    people,
    kinds,
    (kind) => kindTonight(beliefs.kinds.get(kind)?.pace ?? unseen),
    beliefs.spread.steps,
  );
  return {
    posterior,
    lower: triangleOf(posterior.covariance),
    kindOf: steps.map((step) => kinds.indexOf(kindOfStep(step))),
  };
}

/** The kinds of steps of one run, with what all share tonight. */
function tonightDrawn({ beliefs }: Evening, { posterior, lower }: Believed, random: Random) {
  const { widened } = beliefs;
  const z = posterior.kinds.map(() => normal(random));
  const room = widened * tonightMoves.room * normal(random);
  const kinds = posterior.kindMeans.map(
    (mean, index) => mean + widened * dot(lower[index] ?? [], z),
  );
  return { kinds, room };
}

/** Somebody's evening from now on, with the number of the activity that ends each step that is left. */
function personOf(
  evening: Evening,
  { posterior, kindOf }: Believed,
  { kinds, room: moved }: ReturnType<typeof tonightDrawn>,
  seat: SeatTonight,
  number: number,
  randomAt: (step: number) => Random,
) {
  const { steps, beliefs, conditions, nowMinutes } = evening;
  const row = posterior.learners[number];
  const own = randomAt(-1);
  const { logMean, logSd } = row ? learnerGiven(row, kinds) : { logMean: 0, logSd: 0 };
  const drawn = { own: own(), later: normal(own), isLate: own(), late: own() };
  const shareAt = (step: number, pace: number) => Math.exp((kinds[kindOf[step] ?? -1] ?? 0) + pace);
  const [first] = seat.left;
  const begun = first === undefined ? undefined : steps[first];
  const deviation = beliefs.widened * logSd;
  const z =
    begun && seat.elapsed > 0 && !isForAll(begun)
      ? slowerQuantile(
          drawn.own,
          Math.log(seat.elapsed / begun.minutes) +
            beliefs.spread.steps ** 2 / 2 -
            logMean -
            (kinds[kindOf[first ?? -1] ?? -1] ?? 0),
          deviation,
          beliefs.spread.steps,
        )
      : normalQuantile(bounded(drawn.own));
  const pace = logMean + deviation * z;
  const later = pace + moved + beliefs.widened * tonightMoves.learner * drawn.later;
  const activities: Activity[] = [];
  if (seat.breakLeft > 0) activities.push({ needs: null, minutes: seat.breakLeft });
  if (seat.waitsForSomebody) activities.push(visitActivity(beliefs.trouble, own));
  const endOf = seat.left.map((index, place) => {
    const step = steps[index];
    const hands = {
      share: shareAt(index, place === 0 ? pace : later),
      scatter: beliefs.spread.steps,
      trouble: beliefs.trouble,
    };
    if (step)
      activities.push(
        ...stepActivities(step, hands, randomAt(index), place === 0 ? seat.elapsed : 0),
      );
    return activities.length - 1;
  });
  // Who is not there yet and should be comes now, as far as anybody knows.
  const comesAt =
    !seat.isHere && drawn.isLate < conditions.late.percent / 100
      ? drawn.late * conditions.late.minutes
      : 0;
  return {
    job: { startsAt: Math.max(nowMinutes, conditions.welcomeMinutes, comesAt), activities },
    endOf,
  };
}

/** Deviations from the mean that are looked at; what lies outside weighs less than three in a thousand. */
const nodes = Array.from({ length: 25 }, (_, index) => (index - 12) / 4);

/**
 * How far from the mean somebody's pace lies, given that the step under way is not done yet: the normal distribution,
 * each place weighed by the chance that a step lasts so long there.
 *
 * @param share of the people that lies below
 * @param off how far above the mean of the logarithm the step is already, at the mean pace
 */
function slowerQuantile(share: number, off: number, deviation: number, scatter: number): number {
  const weights = nodes.map(
    (z) =>
      // The floor keeps a weight where no pace explains what is seen: then the slowest of them speaks.
      Math.exp((-z * z) / 2) *
      Math.max(1 - normalCdf((off - deviation * z) / scatter), 1e-9 * z + 1e-8),
  );
  const target = share * weights.reduce((sum, weight) => sum + weight, 0);
  let below = 0;
  for (const [index, weight] of weights.entries()) {
    if (below + weight >= target) {
      // Within a node evenly.
      return (nodes[index] ?? 0) + ((target - below) / weight - 0.5) / 4;
    }
    below += weight;
  }
  return nodes.at(-1) ?? 0;
}

const isDoneBy = ({ over }: JobResult, activity: number, evening: Evening): boolean =>
  clockAt(over[activity] ?? Number.POSITIVE_INFINITY, evening) <= evening.lengthMinutes;

/** Minutes of work as minutes of the clock: everybody stops in the breaks that are still to come. */
export function clockAt(
  worked: number,
  { conditions, nowMinutes }: Pick<Evening, 'conditions' | 'nowMinutes'>,
): number {
  return conditions.breaks
    .filter(({ at }) => at >= nowMinutes)
    .sort((a, b) => a.at - b.at)
    .reduce((clock, { at, minutes }) => (clock > at ? clock + minutes : clock), worked);
}

function rangeOf(numbers: number[]): Range {
  const sorted = numbers.sort((a, b) => a - b);
  const at = (share: number) => quantileOf(sorted, share);
  return {
    p05: at(0.05),
    p25: at(0.25),
    p50: at(0.5),
    p75: at(0.75),
    p80: at(0.8),
    p90: at(0.9),
    p95: at(0.95),
  };
}

const bump = (counts: number[] | undefined, index: number): void => {
  if (counts) counts[index] = (counts[index] ?? 0) + 1;
};

const bounded = (share: number): number => Math.min(1 - 1e-9, Math.max(1e-9, share));

const normal = (random: Random): number => normalQuantile(bounded(random()));

/** One number of several that has little to do with those beside it. */
function hash(...parts: readonly number[]): number {
  let mixed = 0x9e3779b9;
  for (const part of parts) {
    mixed = Math.imul(mixed ^ (part + 0x7f4a7c15), 0x85ebca6b);
    mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
    mixed ^= mixed >>> 16;
  }
  return mixed >>> 0;
}
