import type { TFunction } from 'i18next';
import type { Range } from '../circuit/figures.ts';
import { pinSaid } from '../circuit/pinSaid.ts';
import { openFromOhm } from '../order/checks/limits.ts';
import type { Part } from '../parts/part.ts';
import { withDecimals } from './decimals.ts';
import { saying } from './sayings.ts';

/** So many decimals that the larger end has two figures: both ends are told alike. */
const decimalsFor = (size: number): number =>
  size > 0 ? Math.min(6, Math.max(0, 1 - Math.floor(Math.log10(size)))) : 0;

const decimal = (t: TFunction, value: number, decimals: number): string =>
  withDecimals(value.toFixed(decimals).replace('-', '−'), t('step.tongue'));

/** What of a unit a range is told in, and how. */
interface Scale {
  readonly unit: string;
  readonly times: number;
}

const scales: Readonly<Record<Unit, (size: number) => Scale>> = {
  V: () => ({ unit: 'V', times: 1 }),
  mA: (size) => (size < 0.1 ? { unit: 'µA', times: 1000 } : { unit: 'mA', times: 1 }),
  Hz: (size) => (size >= 1000 ? { unit: 'kHz', times: 1e-3 } : { unit: 'Hz', times: 1 }),
  Ω: (size) =>
    size >= 1e6
      ? { unit: 'MΩ', times: 1e-6 }
      : size >= 1000
        ? { unit: 'kΩ', times: 1e-3 }
        : { unit: 'Ω', times: 1 },
  '°C': () => ({ unit: '°C', times: 1 }),
};

export type Unit = 'V' | 'mA' | 'Hz' | 'Ω' | '°C';

/** Less than this a meter does not tell from nothing. */
const nothing: Readonly<Record<Unit, number>> = { V: 0.03, mA: 0.001, Hz: 0, Ω: 0, '°C': 0 };

const isOpen = (unit: Unit, value: number) => unit === 'Ω' && value >= openFromOhm;

/** `4.6 V`: one figure, told as the larger end of a range is. */
export function amountText(t: TFunction, value: number, unit: Unit): string {
  if (isOpen(unit, value)) return t('figure.range.open');
  const size = Math.abs(value);
  // The end of a swing: a simulator overshoots by some hundredths of a volt.
  if (size < (unit === 'V' ? 0.1 : nothing[unit])) return `0 ${unit}`;
  const scale = scales[unit](size);
  return `${decimal(t, value * scale.times, decimalsOf(unit, size * scale.times))} ${scale.unit}`;
}

const decimalsOf = (unit: Unit, larger: number): number =>
  unit === 'V' ? (larger >= 10 ? 1 : 2) : unit === '°C' ? 0 : decimalsFor(larger);

/** `2.2 to 2.6 V`, `about 5 V`, `0 V`, `3.1 kΩ or more`, `open`: what nineteen of twenty good boards show. */
export function rangeText(t: TFunction, { least, usual, most }: Range, unit: Unit): string {
  if (isOpen(unit, least)) return t('figure.range.open');
  const size = Math.max(Math.abs(least), isOpen(unit, most) ? 0 : Math.abs(most));
  if (size < nothing[unit]) return `0 ${unit}`;
  const scale = scales[unit](isOpen(unit, most) ? least : size);
  const larger = (isOpen(unit, most) ? least : size) * scale.times;
  const decimals = decimalsOf(unit, larger);
  const text = (value: number) => {
    const shown = decimal(t, value * scale.times, decimals);
    // A minus before nothing is of no use to anybody.
    return Number((value * scale.times).toFixed(decimals)) === 0 ? decimal(t, 0, decimals) : shown;
  };
  const end = (value: number) => `${text(value)} ${scale.unit}`;
  if (isOpen(unit, most)) return t('figure.range.orMore', { least: end(least) });
  if (text(least) === text(most)) return t('figure.range.about', { usual: end(usual) });
  return t('figure.range.both', { least: text(least), most: end(most) });
}

/** `D1 (+)`, `R1, pin 2`: where a probe goes. */
export const pinText = (t: TFunction, pin: string, parts: ReadonlyMap<string, Part>): string =>
  saying(t, pinSaid(pin, parts));
