import type { UnitId } from '../quantity/unit.ts';

/** One range of a meter, as its sheet gives it. */
export interface MeterRange {
  readonly unit: UnitId;
  /** Largest reading, in the base unit. */
  readonly upTo: number;
  /** What the last digit is worth, in the base unit. */
  readonly digit: number;
  /** Accuracy: per cent of the reading, and so many digits. */
  readonly percent: number;
  readonly digits: number;
}

export interface Meter {
  readonly id: string;
  readonly ranges: readonly MeterRange[];
}

/** The smallest range of the meter that holds a reading; undefined where none does. */
export function rangeFor(meter: Meter, unit: UnitId, reading: number): MeterRange | undefined {
  return meter.ranges
    .filter((range) => range.unit === unit && reading <= range.upTo)
    .sort((a, b) => a.upTo - b.upTo)[0];
}

/** How far the true value may lie from a reading, in the base unit. */
export const doubtOf = ({ percent, digits, digit }: MeterRange, reading: number): number =>
  (reading * percent) / 100 + digits * digit;
