import { quantileOf } from '../../pace/normal.ts';
import type { Range } from '../figures.ts';

/** Ends and middle of what many boards showed. */
export function rangeOf(values: readonly number[]): Range {
  const sorted = [...values].sort((a, b) => a - b);
  return {
    least: quantileOf(sorted, 0.05),
    usual: quantileOf(sorted, 0.5),
    most: quantileOf(sorted, 0.95),
  };
}
