import { isRange, type MeasuredUnit } from '#core/order/checks/limits';
import { mostRepeats, type OwnMeasure, type Repeat } from '#core/order/own/measure';
import { withTongue } from '#core/words/ownText';

/** What is measured at a step as it stands in its fields; no unit where nothing is. */
export interface TypedMeasure {
  readonly unit: MeasuredUnit | '';
  readonly at: string;
  readonly least: string;
  readonly most: string;
}

/** How often a step is done as it stands in its fields; no times where it is done once. */
export interface TypedRepeat {
  readonly times: string;
  readonly jig: string;
  readonly minutesEach: string;
}

export const typedMeasure = (measure: OwnMeasure | undefined, tongue: string): TypedMeasure => ({
  unit: measure?.unit ?? '',
  at: measure?.at[tongue] ?? '',
  least: String(measure?.least ?? ''),
  most: String(measure?.most ?? ''),
});

export const typedRepeat = (repeat: Repeat | undefined, tongue: string): TypedRepeat => ({
  times: String(repeat?.times ?? ''),
  jig: repeat?.jig?.[tongue] ?? '',
  minutesEach: String(repeat?.minutesEach ?? ''),
});

/**
 * @param before what was measured until now: what it says in other languages stays
 * @returns undefined where nothing is measured, `wrong` where the fields do not say enough or what cannot be
 */
export function measureOf(
  { unit, at, least, most }: TypedMeasure,
  before: OwnMeasure | undefined,
  tongue: string,
): OwnMeasure | 'wrong' | undefined {
  if (unit === '') return undefined;
  const where = withTongue(before?.at, tongue, at);
  const limits = { ...numbered('least', least), ...numbered('most', most) };
  return where && areNumbers(limits) && isRange(limits) ? { unit, at: where, ...limits } : 'wrong';
}

/** @returns undefined where it is done once, `wrong` where the fields say what cannot be */
export function repeatOf(
  { times, jig, minutesEach }: TypedRepeat,
  before: Repeat | undefined,
  tongue: string,
): Repeat | 'wrong' | undefined {
  if (times.trim() === '') return undefined;
  const count = Number(times);
  const each = numbered('minutesEach', minutesEach);
  if (!Number.isInteger(count) || count < 2 || count > mostRepeats) return 'wrong';
  if (!areNumbers(each) || (each.minutesEach ?? 1) < 0.05 || (each.minutesEach ?? 1) > 480) {
    return 'wrong';
  }
  const on = withTongue(before?.jig, tongue, jig);
  return { times: count, ...(on ? { jig: on } : {}), ...each };
}

/** A field by its name, with a decimal comma or point; nothing where it is empty. */
const numbered = <Name extends string>(name: Name, text: string): { [N in Name]?: number } =>
  text.trim() === ''
    ? {}
    : ({ [name]: Number(text.replace(',', '.')) } as { [N in Name]?: number });

const areNumbers = (fields: object): boolean =>
  Object.values(fields).every((value) => Number.isFinite(value) && value >= 0);
