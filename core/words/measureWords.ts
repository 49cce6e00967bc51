import type { TFunction } from 'i18next';
import type { Limits, MeasuredUnit } from '../order/checks/limits.ts';
import type { Measuring } from '../order/checks/measuring.ts';
import { openOhm } from '../order/checks/readings.ts';
import type { Repeat } from '../order/own/measure.ts';
import { formatQuantity } from '../quantity/formatQuantity.ts';
import { withDecimals } from './decimals.ts';
import { ownWords } from './ownText.ts';

/** `4.7 kΩ`, `12 mA`, `open`: what a meter shows. */
export function amountWords(t: TFunction, unit: MeasuredUnit, amount: number): string {
  if (unit === 'ohm' && amount >= openOhm) return t('checkForm.reading.open');
  // As the display shows it; kilohms and megohms in one number would have to be counted off.
  if (unit === 'ohm' && amount >= 1000) {
    return withDecimals(formatQuantity(amount, 'ohm'), t('step.tongue'));
  }
  return t(`checkForm.reading.${unit}`, { amount });
}

/** `4.8 V to 5.2 V`, `10 Ω or more`, `100 mA or less`: what is right. */
export function rangeWords(t: TFunction, unit: MeasuredUnit, { least, most }: Limits): string {
  const end = (amount: number) => amountWords(t, unit, amount);
  if (least === undefined) return t('checkForm.range.most', { most: end(most ?? 0) });
  if (most === undefined) return t('checkForm.range.least', { least: end(least) });
  return t('checkForm.range.both', { least: end(least), most: end(most) });
}

/** Where the instructor has the probes put, and what is right there; undefined for a check’s own measurement. */
export const ownMeasureSentence = (
  t: TFunction,
  { own, unit, limits }: Measuring,
): string | undefined =>
  own && t('checkForm.measureAt', { at: ownWords(t, own.at), range: rangeWords(t, unit, limits) });

/** `64 times, on: two strips of wood`. */
export const repeatSentence = (t: TFunction, { times, jig }: Repeat): string =>
  jig
    ? t('step.repeat.onJig', { times, jig: ownWords(t, jig) })
    : t('step.repeat.times', { times });
