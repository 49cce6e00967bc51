import type { PlannedStep } from '../stepMinutes.ts';
import type { Evening } from './evening.ts';
import { type Forecast, forecastEvening } from './forecast.ts';
import { type Shared, sharedThings } from './room.ts';

/** Most evenings: four of five (prior). */
export const mostEvenings = 0.8;

/** What an evening needs so that everybody is done in so many of them. */
export interface AskedBackwards {
  /** Minutes that four of five evenings, and nineteen of twenty, are over in. */
  readonly minutesFor: { readonly most: number; readonly nearlyAll: number };
  /**
   * How far everybody gets in four of five evenings: the number of the last check that is reached, from 0; null where it
   * is the end, or no check at all.
   */
  readonly upTo: number | null;
  /** So many first steps done beforehand would do; null where none need be, or where not even half of them would. */
  readonly prepare: { readonly steps: number; readonly chance: number } | null;
  /** What helps, the most first; what does not is left out. */
  readonly helps: readonly Help[];
}

/** One more of something, as many as still make a difference, and what comes of it. */
export interface Help {
  readonly id: Shared | 'half-hour';
  readonly more: number;
  readonly chance: number;
  /** When the last one is done, in the middle run. */
  readonly last: number;
}

/** A change that moves less than this is no help: of the chance, and of the minutes of the last one. */
const worthIt = { chance: 0.03, minutes: 3 };

/** More of one thing than this is not looked at. */
const mostMore = 3;

/**
 * What would do: the length, the steps, the tools.
 *
 * @param asPlanned the forecast of the same evening with the same seed
 */
export function askBackwards(
  evening: Evening,
  asPlanned: Forecast,
  runs: number,
  seed: number,
  onProgress: (share: number) => void = () => undefined,
): AskedBackwards {
  const asks = sharedThings.length + 1;
  const forecast = (changed: Evening) => forecastEvening(changed, runs, seed);
  const helps = sharedThings.flatMap((thing, index) => {
    onProgress(index / asks);
    return helpOf(evening, asPlanned, thing, forecast) ?? [];
  });
  const prepare = prepared(evening, asPlanned, forecast);
  onProgress(1);
  return {
    minutesFor: { most: asPlanned.last.p80, nearlyAll: asPlanned.last.p95 },
    upTo: upTo(evening.steps, asPlanned),
    prepare,
    helps: [...helps, ...halfAnHour(evening, asPlanned, forecast)].sort(
      (a, b) => b.chance - a.chance || a.last - b.last,
    ),
  };
}

const isWorthIt = (better: Forecast, than: Forecast): boolean =>
  better.chance - than.chance >= worthIt.chance ||
  than.last.p50 - better.last.p50 >= worthIt.minutes;

function helpOf(
  evening: Evening,
  asPlanned: Forecast,
  thing: Shared,
  forecast: (changed: Evening) => Forecast,
): Help | undefined {
  const { conditions, seats } = evening;
  let [more, best] = [0, asPlanned];
  while (more < mostMore && conditions.capacity[thing] + more < seats.length) {
    const capacity = { ...conditions.capacity, [thing]: conditions.capacity[thing] + more + 1 };
    const next = forecast({ ...evening, conditions: { ...conditions, capacity } });
    if (!isWorthIt(next, best)) break;
    more += 1;
    best = next;
  }
  return more === 0 ? undefined : { id: thing, more, chance: best.chance, last: best.last.p50 };
}

/** Half an hour more moves no hand: only the end. */
function halfAnHour(
  evening: Evening,
  asPlanned: Forecast,
  forecast: (changed: Evening) => Forecast,
): Help[] {
  const longer = forecast({ ...evening, lengthMinutes: evening.lengthMinutes + 30 });
  return longer.chance - asPlanned.chance < worthIt.chance
    ? []
    : [{ id: 'half-hour', more: 1, chance: longer.chance, last: longer.last.p50 }];
}

/** The fewest first steps that, done beforehand, make most evenings good; found by halving. */
function prepared(
  evening: Evening,
  asPlanned: Forecast,
  forecast: (changed: Evening) => Forecast,
): AskedBackwards['prepare'] {
  if (asPlanned.chance >= mostEvenings) return null;
  const without = (count: number) =>
    forecast({
      ...evening,
      seats: evening.seats.map((seat) => ({
        ...seat,
        left: seat.left.filter((step) => step >= count),
      })),
    });
  let [below, above] = [0, Math.floor(evening.steps.length / 2)];
  let best = without(above);
  if (best.chance < mostEvenings) return null;
  while (above - below > 1) {
    const middle = Math.floor((below + above) / 2);
    const tried = without(middle);
    if (tried.chance >= mostEvenings) [above, best] = [middle, tried];
    else below = middle;
  }
  return { steps: above, chance: best.chance };
}

/** Behind which check the rest is left for another time, so that most evenings get so far. */
function upTo(
  steps: readonly PlannedStep[],
  { reached }: Pick<Forecast, 'reached'>,
): number | null {
  if ((reached.at(-1) ?? 1) >= mostEvenings) return null;
  const check = steps.findLastIndex(
    (step, index) => step.kind === 'check' && (reached[index] ?? 0) >= mostEvenings,
  );
  return check < 0 ? null : check;
}
