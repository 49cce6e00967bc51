import { type Said, said } from '../learning/said.ts';
import { formatQuantity } from '../quantity/formatQuantity.ts';
import { coarsestSeries, nearestPreferred } from '../quantity/series.ts';
import { familyOf } from './families/index.ts';
import type { Part } from './part.ts';

/** Something about a line that the instructor should look at. */
export interface Flag {
  readonly kind: 'no-value' | 'no-series';
  readonly says: Said;
}

/** What is odd about a part: it has no value, or one of no preferred series (IEC 60063, E3 to E192). */
export function flagsOf(part: Part): Flag[] {
  const { valueKind, alsoValues = [] } = familyOf(part);
  const { value } = part;
  if (value.kind === 'none') {
    if (valueKind === 'none' || valueKind === 'type') return [];
    return [
      { kind: 'no-value', says: said(valueKind === 'colour' ? 'flag.no-colour' : 'flag.no-value') },
    ];
  }
  if (value.kind !== 'amount' || !hasSeries.has(value.unit) || value.amount === 0) return [];
  if (coarsestSeries(value.amount) !== undefined) return [];
  const mantissa = Number(value.amount.toExponential().split('e')[0]);
  if (alsoValues.some((usual) => Math.abs(usual - mantissa) < 1e-9)) return [];
  const near = formatQuantity(nearestPreferred(value.amount, 'E24'), value.unit);
  return [
    {
      kind: 'no-series',
      says: said('flag.no-series', { value: formatQuantity(value.amount, value.unit), near }),
    },
  ];
}

const hasSeries: ReadonlySet<string> = new Set(['ohm', 'farad', 'henry']);
