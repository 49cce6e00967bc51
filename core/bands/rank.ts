import { coarsestSeries, isPreferred, type SeriesId } from '../quantity/series.ts';
import type { BandColour } from './colours.ts';
import type { BandCount, Resistance } from './encode.ts';
import { readBands } from './read.ts';

export interface RankedReading extends Resistance {
  readonly direction: 'forward' | 'reversed';
  /** Higher is likelier; only the order and equality mean anything. */
  readonly likelihood: number;
}

export interface EitherWayReading {
  /** Likeliest first; none where neither direction is a value. A reading that is the same both ways stands once. */
  readonly readings: readonly RankedReading[];
  /** Two different values are equally likely: only a meter tells. */
  readonly needsMeter: boolean;
}

// How ordinary a value of the series is in a kit; E24 is the usual series (common practice).
const seriesWeight: Readonly<Record<SeriesId, number>> = {
  E3: 4,
  E6: 4,
  E12: 4,
  E24: 4,
  E48: 3,
  E96: 3,
  E192: 1,
};

/** From here on a reading is one that is made, or is in the kit. */
const made = 10;

// Tolerances that resistors of so many bands usually have (common practice).
const usualTolerances: Readonly<Record<BandCount, readonly number[]>> = {
  3: [20],
  4: [5, 10, 2],
  5: [1, 2, 0.5, 0.25, 0.1],
  6: [1, 2, 0.5, 0.25, 0.1],
};

/**
 * Reads bands from both ends and ranks what they can mean: by what the kit holds, then by preferred series and by
 * how usual the tolerance is.
 *
 * @param bands as they lie, left to right
 * @param kitOhms values in the kit, in ohms; leave empty where the kit is not known
 */
export function rankReadings(
  bands: readonly BandColour[],
  kitOhms: readonly number[] = [],
): EitherWayReading {
  const forward = rank(bands, 'forward', kitOhms);
  const reversed = rank([...bands].reverse(), 'reversed', kitOhms);
  const sameBothWays =
    forward !== undefined &&
    reversed !== undefined &&
    forward.ohm === reversed.ohm &&
    forward.tolerancePercent === reversed.tolerancePercent;
  const both = [forward, sameBothWays ? undefined : reversed]
    .filter((reading) => reading !== undefined)
    .sort((a, b) => b.likelihood - a.likelihood);
  // A second reading counts only where such a resistor is made, or lies in the kit.
  const likely = both.filter(({ likelihood }) => likelihood >= made);
  const readings = likely.length > 0 ? likely : both;
  const [first, second] = readings;
  return {
    readings,
    needsMeter:
      second !== undefined && first?.likelihood === second.likelihood && first.ohm !== second.ohm,
  };
}

/** What resistors are made as: from a tenth of an ohm to 22 MΩ, or a link (common practice). */
const [leastOhm, mostOhm] = [0.1, 22e6];

/** The series in which resistors of a tolerance are made (IEC 60063, and common practice for the finer ones). */
const seriesOf = (tolerancePercent: number): readonly SeriesId[] => {
  if (tolerancePercent >= 20) return ['E3', 'E6', 'E12', 'E24'];
  if (tolerancePercent >= 5) return ['E3', 'E6', 'E12', 'E24'];
  if (tolerancePercent >= 2) return ['E3', 'E6', 'E12', 'E24', 'E48'];
  if (tolerancePercent >= 1) return ['E3', 'E6', 'E12', 'E24', 'E48', 'E96'];
  return ['E3', 'E6', 'E12', 'E24', 'E48', 'E96', 'E192'];
};

/** Whether anybody makes such a resistor. */
function isMade(ohm: number, tolerancePercent: number): boolean {
  if (ohm === 0) return true;
  return (
    ohm >= leastOhm &&
    ohm <= mostOhm &&
    seriesOf(tolerancePercent).some((id) => isPreferred(ohm, id))
  );
}

function rank(
  bands: readonly BandColour[],
  direction: 'forward' | 'reversed',
  kitOhms: readonly number[],
): RankedReading | undefined {
  const reading = readBands(bands);
  if (!reading.ok) return undefined;
  const { ohm, tolerancePercent } = reading.value;
  const series = ohm === 0 ? 'E3' : coarsestSeries(ohm);
  const inKit = kitOhms.some((kit) => Math.abs(kit - ohm) <= 1e-9 * kit);
  const usual = usualTolerances[bands.length as BandCount]?.indexOf(tolerancePercent) ?? 0;
  const exists = isMade(ohm, tolerancePercent);
  const likelihood =
    (inKit ? 100 : 0) +
    (exists && series ? seriesWeight[series] : 0) +
    // 1 % is far commoner in five bands than the finer grades.
    (usual === 0 ? 3 : usual === 1 ? 2 : usual > 1 ? 1 : 0) +
    (exists ? made : 0);
  return { ...reading.value, direction, likelihood };
}
