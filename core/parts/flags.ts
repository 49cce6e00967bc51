import { formatQuantity } from '../quantity/formatQuantity.ts';
import { coarsestSeries, nearestPreferred } from '../quantity/series.ts';
import { familyOf } from './families/index.ts';
import type { Part } from './part.ts';

/** Something about a line that the instructor should look at. */
export interface Flag {
  readonly kind: 'no-value' | 'no-series';
  readonly message: string;
}

/** What is odd about a part: it has no value, or one of no preferred series (IEC 60063, E3 to E192). */
export function flagsOf(part: Part): Flag[] {
  const { valueKind, alsoValues = [], words } = familyOf(part);
  const { value } = part;
  if (value.kind === 'none') {
    if (valueKind === 'none' || valueKind === 'type') return [];
    const what = valueKind === 'colour' ? 'colour' : 'value';
    return [{ kind: 'no-value', message: `No ${what} is given for this ${words.one}.` }];
  }
  if (value.kind !== 'amount' || !hasSeries.has(value.unit) || value.amount === 0) return [];
  if (coarsestSeries(value.amount) !== undefined) return [];
  const mantissa = Number(value.amount.toExponential().split('e')[0]);
  if (alsoValues.some((usual) => Math.abs(usual - mantissa) < 1e-9)) return [];
  const near = formatQuantity(nearestPreferred(value.amount, 'E24'), value.unit);
  return [
    {
      kind: 'no-series',
      message: `${formatQuantity(value.amount, value.unit)} is in no preferred series (E3 to E192); the nearest of E24 is ${near}. Is it a typing error?`,
    },
  ];
}

const hasSeries: ReadonlySet<string> = new Set(['ohm', 'farad', 'henry']);
