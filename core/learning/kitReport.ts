import { type MixUp, pairOf } from '../mixups/findMixUps.ts';
import type { PlannedStep } from '../pace/stepMinutes.ts';
import type { Part } from '../parts/part.ts';
import { type Build, hasBegun, stateOfBuild, timesOfBuild } from './builds.ts';
import { wrongValue } from './mistakes/fitting.ts';
import type { MistakeId } from './mistakes/ids.ts';
import { type Share, shareOfCount } from './shares.ts';

/** Where something was logged. */
export interface AtSeat {
  readonly workshopId: string;
  readonly workshopTitle: string;
  readonly seatNumber: number;
}

/** Where a figure comes from: one entry of a seat's log. */
export interface Entry extends AtSeat {
  readonly eventId: string;
  /** ISO 8601. */
  readonly at: string;
  readonly mistake: MistakeId;
  readonly designator?: string | undefined;
  /** Of a wrong value: a place of the part that was fitted instead. */
  readonly instead?: string | undefined;
  readonly stepId: string;
  /** It was found at another step than it was made. */
  readonly foundLater: boolean;
}

export interface StepReport {
  readonly step: PlannedStep;
  /** From 1, in the latest plan. */
  readonly number: number;
  /** Builds in which something went wrong at this step, of those that did it. */
  readonly stumbled: Share;
  readonly entries: readonly Entry[];
  /** Times taken over times planned; null where none was seen. */
  readonly pace: Pace | null;
}

export interface Pace {
  /** The middle of the shares (geometric mean), and the interval that it lies in nineteen times of twenty. */
  readonly share: number;
  readonly low: number;
  readonly high: number;
  readonly count: number;
}

/** A pair that is feared by what it looks like, and what has happened to it. */
export interface PairReport {
  readonly pair: MixUp;
  readonly mixedUp: Share;
  readonly entries: readonly Entry[];
}

/** A build, and when it was finished. */
export interface BuiltOne extends AtSeat {
  readonly startsAt: string;
  readonly finishedAt: string | null;
}

export interface KitReport {
  readonly workshops: number;
  readonly builds: number;
  readonly finished: Share;
  /** Every build that was counted. */
  readonly built: readonly BuiltOne[];
  readonly steps: readonly StepReport[];
  /** Pairs that were mixed up in fact, the most often first. */
  readonly pairs: readonly PairReport[];
  /** Every mistake, the latest first. */
  readonly entries: readonly Entry[];
}

/**
 * What the workshops of a kit say about it.
 *
 * Steps are matched by id, which is made of what is done to which parts; numbers and words are those of the latest plan.
 *
 * @param parts of the kit as it is now
 * @param builds of all its workshops that have begun, the earliest first
 */
export function kitReport(parts: readonly Part[], builds: readonly Build[]): KitReport {
  const begun = builds.filter(hasBegun);
  const states = begun.map((build) => ({ build, state: stateOfBuild(build) }));
  const entries = states.flatMap(({ build, state }) =>
    state.mistakes.map(
      (mistake): Entry => ({
        eventId: mistake.eventId,
        workshopId: build.workshopId,
        workshopTitle: build.workshopTitle,
        seatNumber: build.seatNumber,
        at: mistake.foundAt,
        mistake: mistake.mistake,
        designator: mistake.designator,
        instead: mistake.instead,
        stepId: mistake.madeAtStepId,
        foundLater: mistake.foundAtStepId !== mistake.madeAtStepId,
      }),
    ),
  );
  const times = begun.flatMap(timesOfBuild);
  const logShares = new Map<string, number[]>();
  for (const { stepIds, minutes, planned } of times) {
    const [only] = stepIds;
    if (stepIds.length > 1 || only === undefined) continue;
    logShares.set(only, [...(logShares.get(only) ?? []), Math.log(minutes / planned)]);
  }
  const latest = begun.at(-1)?.steps ?? [];
  return {
    workshops: new Set(begun.map(({ workshopId }) => workshopId)).size,
    builds: begun.length,
    built: states.map(({ build, state }) => ({
      workshopId: build.workshopId,
      workshopTitle: build.workshopTitle,
      seatNumber: build.seatNumber,
      startsAt: build.startsAt,
      finishedAt: state.finishedAt,
    })),
    finished: shareOfCount(
      states.filter(({ state }) => state.currentStepId === null).length,
      begun.length,
    ),
    steps: latest.map((step, index): StepReport => {
      const ofStep = entries.filter(({ stepId }) => stepId === step.id);
      const did = states.filter(({ state }) => step.id in state.doneAt).length;
      return {
        step,
        number: index + 1,
        stumbled: shareOfCount(Math.min(buildsOf(ofStep), did), did),
        entries: ofStep,
        pace: paceOf(logShares.get(step.id) ?? []),
      };
    }),
    pairs: mixedUpPairs(parts, entries, begun.length),
    entries: entries.sort((a, b) => (a.at < b.at ? 1 : -1)),
  };
}

/**
 * The pairs of parts that look alike of which one was fitted for the other. Each mistake counts for one pair: that of
 * the value that was fitted instead, where somebody said it, or the pair that is most easily mixed up.
 */
function mixedUpPairs(
  parts: readonly Part[],
  entries: readonly Entry[],
  builds: number,
): PairReport[] {
  const fitted = parts.filter(({ supply }) => supply !== 'spare');
  const at = (place: string) => fitted.findIndex(({ designators }) => designators.includes(place));
  const pairs = new Map<string, { readonly pair: MixUp; readonly entries: Entry[] }>();
  for (const entry of entries) {
    if (entry.mistake !== wrongValue.id || entry.designator === undefined) continue;
    const own = at(entry.designator);
    if (own < 0) continue;
    const others =
      entry.instead === undefined ? fitted.map((_, index) => index) : [at(entry.instead)];
    const [best] = others
      .flatMap((other) => {
        const [a, b] = [fitted[Math.min(own, other)], fitted[Math.max(own, other)]];
        const pair = own !== other && a && b ? pairOf(a, b) : undefined;
        return pair ? [pair] : [];
      })
      .sort((one, two) => two.likelihood[two.worst] - one.likelihood[one.worst]);
    if (!best) continue;
    const key = `${fitted.indexOf(best.a)} ${fitted.indexOf(best.b)}`;
    const known = pairs.get(key) ?? { pair: best, entries: [] };
    known.entries.push(entry);
    pairs.set(key, known);
  }
  return [...pairs.values()]
    .map(({ pair, entries: found }) => ({
      pair,
      entries: found,
      mixedUp: shareOfCount(buildsOf(found), builds),
    }))
    .sort((a, b) => b.mixedUp.count - a.mixedUp.count);
}

/** One time that a step took, as the pace counts it. */
export interface TakenTime extends AtSeat {
  /** ISO 8601: the tap that ended the step. */
  readonly at: string;
  readonly minutes: number;
  readonly planned: number;
}

/** The times behind the pace of a step, the slowest first. */
export const timesOfStep = (builds: readonly Build[], stepId: string): TakenTime[] =>
  builds
    .flatMap((build) =>
      timesOfBuild(build)
        .filter(({ stepIds }) => stepIds.length === 1 && stepIds[0] === stepId)
        .map(({ minutes, planned, endedAt }) => ({
          workshopId: build.workshopId,
          workshopTitle: build.workshopTitle,
          seatNumber: build.seatNumber,
          at: endedAt,
          minutes,
          planned,
        })),
    )
    .sort((a, b) => b.minutes - a.minutes);

/** In how many builds some entries were made. */
const buildsOf = (entries: readonly Entry[]): number =>
  new Set(entries.map(({ workshopId, seatNumber }) => `${workshopId} ${seatNumber}`)).size;

/** 95 % of the normal distribution lie within so many deviations. */
const deviations = 1.96;

function paceOf(logs: readonly number[]): Pace | null {
  const count = logs.length;
  if (count === 0) return null;
  const mean = logs.reduce((sum, log) => sum + log, 0) / count;
  const variance = logs.reduce((sum, log) => sum + (log - mean) ** 2, 0) / Math.max(1, count - 1);
  // A single time says nothing of the scatter: that of all steps is assumed (prior).
  const sd = count === 1 ? scatter : Math.sqrt(variance);
  const half = (deviations * sd) / Math.sqrt(count);
  return {
    share: Math.exp(mean),
    low: Math.exp(mean - half),
    high: Math.exp(mean + half),
    count,
  };
}

const scatter = 0.35;
