import { type BandColour, definitionOf } from '../../../bands/colours.ts';
import { type BandCount, encodeBands } from '../../../bands/encode.ts';
import { rankReadings } from '../../../bands/rank.ts';
import { memo } from '../../../memo.ts';
import { familyOf } from '../../../parts/families/index.ts';
import { resistorAxial } from '../../../parts/families/resistors/resistor-axial.ts';
import { type SeriesId, series } from '../../../quantity/series.ts';
import { pick, type Random } from '../../../random.ts';
import type { PracticeKit } from '../drill.ts';

/** A resistor of an exercise. */
export interface BandedResistor {
  /** In reading order. */
  readonly bands: readonly BandColour[];
  readonly ohm: number;
  readonly tolerancePercent: number;
}

/** What resistors of so many bands usually are (common practice): series, powers of ten, tolerances. */
const usual: Readonly<
  Record<
    4 | 5 | 6,
    {
      readonly series: SeriesId;
      readonly powers: readonly number[];
      readonly tolerances: readonly number[];
    }
  >
> = {
  4: { series: 'E24', powers: [0, 1, 2, 3, 4, 5, 6], tolerances: [5, 5, 10, 2] },
  5: { series: 'E96', powers: [0, 1, 2, 3, 4, 5], tolerances: [1, 1, 2, 0.5] },
  6: { series: 'E96', powers: [0, 1, 2, 3, 4, 5], tolerances: [1, 0.5] },
};

/** The usual resistors of so many bands. */
interface Made {
  /** Their bands say one value only, whichever end is taken first; what is less likely does not count. */
  readonly plain: readonly BandedResistor[];
  /** Two values fit their bands equally well. */
  readonly twoFaced: readonly BandedResistor[];
}

/** All resistors of so many bands, each once; asked for with every exercise. */
export const resistorsOf = (count: 4 | 5 | 6): Made => made.of(count, () => everyResistorOf(count));

function everyResistorOf(count: 4 | 5 | 6): Made {
  const { series: id, powers, tolerances } = usual[count];
  const all = powers.flatMap((power) =>
    series[id].flatMap((mantissa) =>
      [...new Set(tolerances)].flatMap((tolerancePercent) =>
        banded(Number(`${mantissa}e${power}`), tolerancePercent, count),
      ),
    ),
  );
  return {
    plain: all.filter(isPlain),
    twoFaced: all.filter(({ bands }) => rankReadings(bands).needsMeter),
  };
}

const made = memo<BandCount, Made>({ name: 'resistors by number of bands', most: 4 });

function banded(ohm: number, tolerancePercent: number, count: BandCount): BandedResistor[] {
  const bands = encodeBands({ ohm, tolerancePercent, tempcoPpm: 100 }, count);
  return bands.ok ? [{ bands: bands.value, ohm, tolerancePercent }] : [];
}

/** The resistors of a kit that carry bands. */
export const resistorsIn = ({ parts }: PracticeKit): BandedResistor[] =>
  parts.flatMap((part) => {
    const bands = familyOf(part).bands?.(part) ?? [];
    const { value } = part;
    if (part.family !== resistorAxial.id || bands.length < 4 || value.kind !== 'amount') return [];
    const last = bands.at(-1);
    const tolerancePercent = last ? (definitionOf(last).tolerancePercent ?? 20) : 20;
    return [{ bands, ohm: value.amount, tolerancePercent }];
  });

/** How often an exercise is about a part of the learner's own kit, where one will do. */
const ownShare = 0.5;

/** Tries of one number of bands after another; how often each is met (common practice). */
const counts: readonly (4 | 5 | 6)[] = [4, 4, 4, 5, 5, 6];

/**
 * A resistor that suits and whose bands say one value only: of the kit as often as not, otherwise any that is usual.
 *
 * @param wish a name for what is wanted: the same name always has the same `suits`
 * @throws Error where no resistor at all suits
 */
export function resistorThat(
  wish: string,
  suits: (resistor: BandedResistor) => boolean,
  random: Random,
  kit: PracticeKit,
): BandedResistor {
  const own = resistorsIn(kit).filter((one) => suits(one) && isPlain(one));
  if (own.length > 0 && random() < ownShare) return pick(random, own);
  const first = pick(random, counts);
  const candidates = [first, ...counts.filter((count) => count !== first)]
    .map((count) => suitable(wish, count, suits))
    .find((found) => found.length > 0);
  return pick(random, candidates ?? []);
}

function suitable(
  wish: string,
  count: 4 | 5 | 6,
  suits: (resistor: BandedResistor) => boolean,
): readonly BandedResistor[] {
  return suiting.of(`${wish} ${count}`, () => resistorsOf(count).plain.filter(suits));
}

/** Of thousands of resistors, the few that an exercise asks for again and again. */
const suiting = memo<string, readonly BandedResistor[]>({
  name: 'resistors by wish',
  most: 200,
});

function isPlain({ bands, ohm }: BandedResistor): boolean {
  const { readings, needsMeter } = rankReadings(bands);
  return !needsMeter && readings[0]?.ohm === ohm;
}
