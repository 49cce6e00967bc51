import { type Random, seeded } from '../../random.ts';
import type { Pace } from '../learnt/priors.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { paceFor } from './distributions.ts';
import {
  type Capacity,
  type Job,
  type JobResult,
  runRoom,
  type Shared,
  sharedThings,
} from './room.ts';
import { stepActivities } from './seatWork.ts';

export interface Evening {
  readonly steps: readonly PlannedStep[];
  /** What is believed of each learner's pace. */
  readonly seats: readonly Pace[];
  readonly capacity: Capacity;
  readonly lengthMinutes: number;
  /** Said before anybody begins. */
  readonly welcomeMinutes: number;
  /** When everybody stops, from the start, and for how long. */
  readonly breaks: readonly { readonly at: number; readonly minutes: number }[];
  /** One learner in so many parts comes late, by up to so many minutes. */
  readonly late: { readonly share: number; readonly minutes: number };
}

export interface Forecast {
  readonly runs: number;
  /** That everybody is done by the end, and half the width of its 95 % interval. */
  readonly chance: number;
  readonly doubt: number;
  /** When the last one is done, minutes from the start: in the middle run, and in nine of ten. */
  readonly lastDone: { readonly median: number; readonly late: number };
  /** Share of the learners that are done by the end, on the average. */
  readonly shareDone: number;
  /** Minutes that one learner waits for each shared thing, on the average. */
  readonly waits: Capacity;
  /** For each step: the share of runs in which everybody has done it by the end. */
  readonly reached: readonly number[];
}

/**
 * Runs an evening many times, each time with other hands.
 *
 * @param seed the same seed gives the same evenings, also in a room with other tools: differences are the room's
 * @param onProgress told now and then, with the share that is done
 */
export function forecastEvening(
  evening: Evening,
  runs: number,
  seed: number,
  onProgress: (share: number) => void = () => undefined,
): Forecast {
  const { steps, seats, capacity, lengthMinutes } = evening;
  const lasts: number[] = [];
  let [allDone, done] = [0, 0];
  const waits: Record<Shared, number> = { iron: 0, meter: 0, desoldering: 0, helper: 0 };
  const reached = steps.map(() => 0);
  for (let run = 0; run < runs; run += 1) {
    const people = seats.map((pace, seat) =>
      personOf(evening, pace, seeded(seed + run * 1009 + seat * 9176 + 1)),
    );
    const results = runRoom(
      people.map(({ job }) => job),
      capacity,
    );
    const ends = results.map(({ finishedAt }) => clockAt(finishedAt, evening));
    const last = Math.max(0, ...ends);
    lasts.push(last);
    if (last <= lengthMinutes) allDone += 1;
    done += ends.filter((end) => end <= lengthMinutes).length;
    for (const { waited } of results)
      for (const thing of sharedThings) waits[thing] += waited[thing];
    for (const step of steps.keys()) {
      const everybody = results.every((result, seat) =>
        isDoneBy(result, people[seat]?.endOf[step] ?? 0, evening),
      );
      if (everybody) reached[step] = (reached[step] ?? 0) + 1;
    }
    if (run % 50 === 49) onProgress((run + 1) / runs);
  }
  lasts.sort((a, b) => a - b);
  const chance = allDone / runs;
  const perSeat = (sum: number) => sum / runs / Math.max(1, seats.length);
  return {
    runs,
    chance,
    // Normal approximation of the binomial; at the ends the rule of three.
    doubt: Math.max(1.96 * Math.sqrt((chance * (1 - chance)) / runs), 3 / runs),
    lastDone: {
      median: lasts[Math.floor(runs / 2)] ?? 0,
      late: lasts[Math.floor(runs * 0.9)] ?? 0,
    },
    shareDone: perSeat(done),
    waits: {
      iron: perSeat(waits.iron),
      meter: perSeat(waits.meter),
      desoldering: perSeat(waits.desoldering),
      helper: perSeat(waits.helper),
    },
    reached: reached.map((count) => count / runs),
  };
}

/** Somebody's evening, with the number of the activity that ends each step. */
function personOf(evening: Evening, believed: Pace, random: Random) {
  const pace = paceFor(random, believed);
  const { late, welcomeMinutes, steps } = evening;
  const comesAt = random() < late.share ? random() * late.minutes : 0;
  const activities: Job['activities'][number][] = [];
  const endOf = steps.map((step) => {
    activities.push(...stepActivities(step, pace, random));
    return activities.length - 1;
  });
  return { job: { startsAt: Math.max(welcomeMinutes, comesAt), activities }, endOf };
}

const isDoneBy = ({ over }: JobResult, activity: number, evening: Evening): boolean =>
  clockAt(over[activity] ?? Number.POSITIVE_INFINITY, evening) <= evening.lengthMinutes;

/** Minutes of work as minutes of the clock: everybody stops in the breaks. */
export function clockAt(worked: number, { breaks }: Pick<Evening, 'breaks'>): number {
  return [...breaks]
    .sort((a, b) => a.at - b.at)
    .reduce((clock, { at, minutes }) => (clock > at ? clock + minutes : clock), worked);
}

/** What one more of something would change. */
export interface Change {
  readonly id: 'iron' | 'helper' | 'meter' | 'desoldering' | 'half-hour';
  readonly evening: Evening;
}

/** One more of everything that is scarce, and half an hour more. */
export function changesOf(evening: Evening): Change[] {
  const more = (thing: Shared): Change => ({
    id: thing,
    evening: {
      ...evening,
      capacity: { ...evening.capacity, [thing]: evening.capacity[thing] + 1 },
    },
  });
  return [
    ...sharedThings
      .filter((thing) => evening.capacity[thing] < evening.seats.length)
      .map((thing) => more(thing)),
    { id: 'half-hour', evening: { ...evening, lengthMinutes: evening.lengthMinutes + 30 } },
  ];
}

/** Good enough to plan on: everybody gets so far in nine evenings of ten. */
const sureEnough = 0.9;

/**
 * Where to cut or split the kit: behind the last check that everybody reaches in nine evenings of ten.
 *
 * @returns the step's number from 0; null where everybody gets to the end, or not even to a check
 */
export function splitAt(
  steps: readonly PlannedStep[],
  { reached }: Pick<Forecast, 'reached'>,
): number | null {
  if ((reached.at(-1) ?? 1) >= sureEnough) return null;
  const check = steps.findLastIndex(
    (step, index) => step.kind === 'check' && (reached[index] ?? 0) >= sureEnough,
  );
  return check < 0 ? null : check;
}
