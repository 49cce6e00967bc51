import type { Samples } from './spice.ts';

/** What a voltage or a current does over time, after it has settled. */
export interface Course {
  readonly mean: number;
  readonly least: number;
  readonly most: number;
  /** Absent where it stands still, or has not repeated itself often enough to say. */
  readonly hertz?: number;
  /** Part of the time above its middle. */
  readonly duty?: number;
}

/** So often it must have gone round before a frequency is said. */
const leastRounds = 2;
const needleDuty = 0.002;

/**
 * Mean, ends and frequency of a course from `fromSeconds` on. Points may lie unevenly: the mean is by time (trapezia),
 * a round is from one rise through the middle to the next, counted only when it has been well below in between.
 *
 * @param still what moves by less than this stands still
 */
export function courseOf(
  time: Samples,
  values: Samples,
  fromSeconds: number,
  still: number,
): Course {
  const first = Math.max(
    0,
    time.findIndex((at) => at >= fromSeconds),
  );
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (let index = first; index < values.length; index += 1) {
    const value = values[index] ?? 0;
    if (value < least) least = value;
    if (value > most) most = value;
  }
  const last = values.length - 1;
  const mean = meanOf(time, values, first, last);
  if (most - least <= still) return { mean, least, most };
  const rises = risesThrough(time, values, first, least, most);
  const [one, end] = [rises[0], rises.at(-1)];
  if (rises.length <= leastRounds || one === undefined || end === undefined || end.at <= one.at) {
    return { mean, least, most };
  }
  const duty =
    timeAbove(time, values, one.index, end.index, (least + most) / 2) / (end.at - one.at);
  // Needles, as a supply has them where something flips, are no swing.
  if (duty < needleDuty || duty > 1 - needleDuty) return { mean, least, most };
  // Whole rounds only: a part of one would pull the mean to its side.
  return {
    mean: meanOf(time, values, one.index, end.index),
    least,
    most,
    hertz: (rises.length - 1) / (end.at - one.at),
    duty,
  };
}

function meanOf(time: Samples, values: Samples, from: number, to: number) {
  let area = 0;
  for (let index = from + 1; index <= to; index += 1) {
    const seconds = (time[index] ?? 0) - (time[index - 1] ?? 0);
    area += (seconds * ((values[index] ?? 0) + (values[index - 1] ?? 0))) / 2;
  }
  const whole = (time[to] ?? 0) - (time[from] ?? 0);
  return whole > 0 ? area / whole : (values[to] ?? 0);
}

function timeAbove(time: Samples, values: Samples, from: number, to: number, middle: number) {
  let above = 0;
  for (let index = from + 1; index <= to; index += 1) {
    const seconds = (time[index] ?? 0) - (time[index - 1] ?? 0);
    const [a, b] = [(values[index - 1] ?? 0) > middle, (values[index] ?? 0) > middle];
    above += a && b ? seconds : a || b ? seconds / 2 : 0;
  }
  return above;
}

function risesThrough(time: Samples, values: Samples, first: number, least: number, most: number) {
  const [low, middle] = [least + 0.3 * (most - least), (least + most) / 2];
  const rises: { readonly at: number; readonly index: number }[] = [];
  let wasLow = false;
  for (let index = first + 1; index < values.length; index += 1) {
    const [before, now] = [values[index - 1] ?? 0, values[index] ?? 0];
    if (before < low) wasLow = true;
    if (!wasLow || now < middle) continue;
    const part = now === before ? 0 : Math.min(1, Math.max(0, (middle - before) / (now - before)));
    const [t0, t1] = [time[index - 1] ?? 0, time[index] ?? 0];
    rises.push({ at: t0 + part * (t1 - t0), index });
    wasLow = false;
  }
  return rises;
}
