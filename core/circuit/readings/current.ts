import type { Random } from '../../random.ts';
import type { StageFigures } from '../figures.ts';
import { supplyCurrent } from '../netlist.ts';
import { readMilliampere } from './meter.ts';
import type { Shown } from './pieces.ts';
import { rangeOf } from './range.ts';

/** What many boards take, and where to set the limit. */
export function currentOf(
  shown: readonly Shown[],
  random: Random,
  isUnsure: boolean,
): Pick<StageFigures, 'milliampere' | 'limitMilliampere'> {
  if (isUnsure) return { milliampere: null, limitMilliampere: null };
  const courses = shown.map(({ course }) => course(supplyCurrent));
  const milliampere = rangeOf(courses.map(({ mean }) => readMilliampere(mean, random)));
  const peak = rangeOf(courses.map(({ least }) => Math.abs(least) * 1000)).most;
  return { milliampere, limitMilliampere: limitFor(Math.max(milliampere.most, peak)) };
}

/** Where bench supplies can be set, in mA; a good board must not trip it, a short must. */
const limitSteps = [10, 20, 30, 50, 70, 100, 150, 200, 300, 500, 700, 1000, 1500, 2000, 3000];

/** The next setting with half as much again as good boards take, and five milliamperes for the meter. */
export const limitFor = (mostMilliampere: number): number =>
  limitSteps.find((step) => step >= mostMilliampere * 1.5 + 5) ??
  Math.ceil((mostMilliampere * 1.5) / 1000) * 1000;
