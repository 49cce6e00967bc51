import type { UnitId } from '../quantity/unit.ts';
import type { Meter, MeterRange } from './meter.ts';

/** Ranges of a display that ends at `counts`, from their largest readings. */
const ranges = (
  unit: UnitId,
  counts: number,
  percent: number,
  digits: number,
  ...upTo: readonly number[]
): MeterRange[] => upTo.map((top) => ({ unit, upTo: top, digit: top / counts, percent, digits }));

/**
 * Kinds of meters as they lie in workshops; the accuracy of each is in its sheet. A hand meter is about 0.8 % of the
 * reading and 2 digits on resistance (common practice); the others are from memory of such sheets.
 */
export const meters: readonly Meter[] = [
  {
    id: 'hand',
    ranges: [
      ...ranges('ohm', 2000, 0.8, 2, 200, 2e3, 20e3, 200e3, 2e6),
      ...ranges('ohm', 2000, 1.5, 5, 20e6),
      ...ranges('farad', 2000, 4, 5, 20e-9, 200e-9, 2e-6, 20e-6, 200e-6),
      ...ranges('volt', 2000, 0.5, 2, 2, 20, 200),
    ],
  },
  {
    id: 'bench',
    ranges: [
      ...ranges('ohm', 20_000, 0.1, 3, 200, 2e3, 20e3, 200e3, 2e6),
      ...ranges('ohm', 20_000, 0.5, 5, 20e6),
      ...ranges('farad', 20_000, 2, 10, 20e-9, 200e-9, 2e-6, 20e-6, 200e-6, 2e-3),
      ...ranges('volt', 20_000, 0.05, 3, 2, 20, 200),
    ],
  },
  {
    id: 'tester',
    ranges: [
      ...ranges('ohm', 5000, 1, 2, 500, 5e3, 50e3, 500e3, 5e6, 50e6),
      ...ranges('farad', 5000, 3, 3, 5e-9, 50e-9, 500e-9, 5e-6, 50e-6, 500e-6, 5e-3),
      ...ranges('henry', 5000, 5, 5, 5e-3, 50e-3, 500e-3, 5),
    ],
  },
];
