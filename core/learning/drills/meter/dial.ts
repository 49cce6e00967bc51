import type { MeterRange } from '../../../inspection/meter.ts';
import { meters } from '../../../inspection/meters.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';

/** A made-up hand meter: what its dial can be set to. */
export type Setting =
  | { readonly kind: 'range'; readonly range: MeterRange }
  | { readonly kind: 'diode' }
  | { readonly kind: 'continuity' };

const hand = meters.find(({ id }) => id === 'hand');

/** The settings in the order of the dial: resistance, capacitance, then the two tests. */
export const dial: readonly Setting[] = [
  ...(hand?.ranges ?? [])
    .filter(({ unit }) => unit === 'ohm' || unit === 'farad')
    .sort((a, b) => (a.unit === b.unit ? a.upTo - b.upTo : a.unit === 'ohm' ? -1 : 1))
    .map((range) => ({ kind: 'range' as const, range })),
  { kind: 'diode' },
  { kind: 'continuity' },
];

/** What stands at a setting. */
export function settingLabel(setting: Setting): string {
  if (setting.kind === 'diode') return '⏵|';
  if (setting.kind === 'continuity') return '•)))';
  const { unit, upTo } = setting.range;
  return formatQuantity(upTo, unit).replace(' ', '');
}

/** What the display shows where the range is too small. */
export const overRange = '1 .';

/** What the display shows for an amount, to the range's last digit. */
export function displayOf({ upTo, digit }: MeterRange, amount: number): string {
  if (amount > upTo) return overRange;
  const power = Math.floor(Math.log10(upTo) / 3 + 1e-9) * 3;
  const decimals = Math.max(0, Math.round(power - Math.log10(digit)));
  return ((Math.round(amount / digit) * digit) / 10 ** power).toFixed(decimals);
}

/** The reading that the display stands for, in the base unit. */
export const readingOf = ({ digit }: MeterRange, amount: number): number =>
  Math.round(amount / digit) * digit;

/** `kΩ`: the unit of what a range displays. */
export function displayUnit({ unit, upTo }: MeterRange): string {
  const power = Math.floor(Math.log10(upTo) / 3 + 1e-9) * 3;
  return formatQuantity(10 ** power, unit).replace(/^1 /, '');
}

/** Resistors are a little off; this one as much, well within any tolerance. */
const usualError = 0.004;

/** What the hand meter shows of a resistor on the smallest range that holds it. */
export function meterShows(ohm: number): string {
  const amount = ohm * (1 + usualError);
  const setting = dial.find(
    (one) => one.kind === 'range' && one.range.unit === 'ohm' && amount <= one.range.upTo,
  );
  return setting?.kind === 'range'
    ? `${displayOf(setting.range, amount)} ${displayUnit(setting.range)}`
    : formatQuantity(amount, 'ohm');
}
