import type { BuildEvent } from '../../build/event.ts';
import { foldSeat } from '../../build/foldSeat.ts';
import type { LearntPace } from '../learnt/learnPace.ts';
import { type SeatSeen, Seen } from '../learnt/seen.ts';
import { stepTimes } from '../learnt/stepTimes.ts';
import type { TroubleSeen } from '../learnt/trouble.ts';
import { normalQuantile } from '../normal.ts';
import { crps } from '../scores.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { type Beliefs, learnerBefore } from './beliefs.ts';
import type { Conditions } from './conditions.ts';
import { crowdingOf, withoutWaiting } from './crowding.ts';
import { seatNow } from './evening.ts';
import { type Forecast, forecastEvening, type Range } from './forecast.ts';

/** An evening that is over, with all of its logs. */
export interface EveningBehind {
  readonly id: string;
  /** ISO 8601. */
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly conditions: Conditions;
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly SeatBehind[];
}

export interface SeatBehind extends Omit<SeatSeen, 'steps'> {
  readonly id: string;
  readonly events: readonly BuildEvent[];
}

/** What would have been told of a seat at half time, and what came of it. */
export interface ToldOfSeat {
  readonly seatId: string;
  readonly chance: number;
  readonly done: Range;
  /** Minutes from the start; null where the log ends before. */
  readonly finished: number | null;
  readonly inTime: boolean;
}

export interface LookedBack {
  readonly learnt: LearntPace & { readonly trouble: TroubleSeen };
  readonly widened: number;
  /** By the evening's id. */
  readonly told: ReadonlyMap<string, readonly ToldOfSeat[]>;
}

/** Runs of one evening that is looked back at: enough to place what came. */
const runs = 120;
/** So many of the latest evenings are looked back at; the ones before only teach (a limit of time, not of worth). */
const mostLookedAt = 24;
const seed = 1;

/** As if so many forecasts had been right before any was looked at; and never wider than so many times (priors). */
const rightBefore = 30;
const widestTimes = 2.5;

/**
 * What evenings have taught, and whether the forecasts that they would have been given were any good: each at half time,
 * from its log as it was then and from the evenings before it. Where they were too sure of themselves, the next are
 * widened.
 *
 * @param evenings in the order of time
 * @param toldOf the forecast of one evening at half time; a caller may remember it
 */
export function lookBack(
  evenings: readonly EveningBehind[],
  toldOf: typeof toldAtHalf = toldAtHalf,
): LookedBack {
  const seen = new Seen();
  const told = new Map<string, readonly ToldOfSeat[]>();
  let [squares, count, widened] = [rightBefore, rightBefore, 1];
  for (const [index, evening] of evenings.entries()) {
    const isLookedAt = index >= evenings.length - mostLookedAt;
    const ofSeats = isLookedAt ? toldAfter(seen, evening, widened, toldOf) : [];
    told.set(evening.id, ofSeats);
    for (const one of ofSeats) {
      const off = deviationsOff(one);
      if (off === null) continue;
      squares += (off * widened) ** 2;
      count += 1;
    }
    // Wider only: that forecasts were lucky for some evenings makes the next no surer.
    widened = Math.min(widestTimes, Math.max(1, Math.sqrt(squares / count)));
    const { steps, seats, conditions } = evening;
    const crowding = crowdingOf(steps, seats.length, conditions.capacity);
    for (const seat of seats)
      seen.add({ ...seat, steps, times: withoutWaiting(seat.times, crowding) });
  }
  return { learnt: seen.learnt(), widened, told };
}

/** What would have been told of an evening after those that were seen before it. */
function toldAfter(
  seen: Seen,
  evening: EveningBehind,
  widened: number,
  toldOf: typeof toldAtHalf,
): readonly ToldOfSeat[] {
  const { kinds, learners, spread, trouble } = seen.learnt();
  return toldOf(evening, { kinds, spread, trouble, widened }, learners);
}

/** Forecasts against what came. */
export interface JudgedForecasts {
  readonly count: number;
  /** Within the range of nine in ten, and within that of one in two. */
  readonly inRange: number;
  readonly inHalf: number;
  /** How far off, with praise for being narrow (CRPS), in minutes; null where nothing came. */
  readonly minutesOff: number | null;
}

/** Of those who were seen to finish. */
export function judgedForecasts(told: Iterable<readonly ToldOfSeat[]>): JudgedForecasts {
  const finished = [...told]
    .flat()
    .flatMap(({ done, finished }) => (finished === null ? [] : [{ done, finished }]));
  const within = (low: keyof Range, high: keyof Range) =>
    finished.filter(({ done, finished }) => finished >= done[low] && finished <= done[high]).length;
  const off = finished.map(({ done: { p05, p25, p50, p75, p95 }, finished }) =>
    crps([p05, p25, p50, p75, p95], finished),
  );
  return {
    count: finished.length,
    inRange: within('p05', 'p95'),
    inHalf: within('p25', 'p75'),
    minutesOff: off.length === 0 ? null : off.reduce((sum, one) => sum + one, 0) / off.length,
  };
}

/** How many deviations what came lies from the middle, by the ranges told; null where it was not seen any more. */
function deviationsOff({ done, finished }: ToldOfSeat): number | null {
  if (finished === null || done.p95 <= done.p05) return null;
  const half = finished > done.p50 ? done.p95 - done.p50 : done.p50 - done.p05;
  return ((finished - done.p50) / Math.max(half, 0.5)) * normalQuantile(0.95);
}

/** What would have been told at half time of everybody who was not done. */
export function toldAtHalf(
  evening: EveningBehind,
  beliefs: Beliefs,
  learners: LearntPace['learners'],
): readonly ToldOfSeat[] {
  const { lengthMinutes, startsAt, seats } = evening;
  const startMs = Date.parse(startsAt);
  const forecast = forecastAt(evening, lengthMinutes / 2, beliefs, learners, runs);
  return forecast.seats.flatMap(({ id, chance, done }): ToldOfSeat[] => {
    const finishedAt = seats.find((seat) => seat.id === id)?.state.finishedAt ?? null;
    const finished = finishedAt === null ? null : (Date.parse(finishedAt) - startMs) / 60_000;
    if (finished !== null && finished <= lengthMinutes / 2) return [];
    const inTime = finished !== null && finished <= lengthMinutes;
    return [{ seatId: id, chance, done, finished, inTime }];
  });
}

/** The forecast of an evening as it was at a minute of it. */
export function forecastAt(
  { steps, seats, startsAt, lengthMinutes, conditions }: EveningBehind,
  minute: number,
  beliefs: Beliefs,
  learners: LearntPace['learners'],
  times: number,
): Forecast {
  const now = new Date(Date.parse(startsAt) + minute * 60_000);
  const stepIds = steps.map(({ id }) => id);
  return forecastEvening(
    {
      steps,
      lengthMinutes,
      nowMinutes: minute,
      conditions,
      beliefs,
      seats: seats.map(({ id, learner, experience, events }) => {
        const till = events.filter(({ at }) => at <= now.toISOString());
        const state = foldSeat(stepIds, till);
        const before = learnerBefore(learners.get(learner), experience, beliefs.spread);
        const seen = stepTimes(steps, till, state);
        return seatNow(id, before, steps, state, seen, startsAt, conditions.welcomeMinutes, now);
      }),
    },
    times,
    seed,
  );
}
