import type { FamilyId } from '../parts/families/ids.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part, PartValue } from '../parts/part.ts';
import { doubtOf, type MeterRange } from './meter.ts';

export type Amount = Extract<PartValue, { readonly kind: 'amount' }>;

/** What a reading says about a part that ought to be in the bag. */
export type Verdict =
  /** Within the part's tolerance, widened by the doubt of the meter. */
  | { readonly kind: 'right'; readonly limits: Limits }
  /** Outside, but good enough for some places; `family` names them, see `usable` there. */
  | { readonly kind: 'usable'; readonly limits: Limits; readonly family: FamilyId }
  /** Another part, perhaps one of this kit. */
  | { readonly kind: 'not-this'; readonly limits: Limits; readonly itIs: Part | null };

/** In the base unit. */
export interface Limits {
  readonly low: number;
  readonly high: number;
  readonly nominal: number;
  readonly tolerancePercent: number;
  /** Below the value, where it differs from above it. */
  readonly minusPercent: number;
  /** The doubt of the meter at this reading. */
  readonly doubt: number;
}

/** Where neither the line nor the family knows: wide enough that a good part is not turned away (assumed). */
const doubtfulPercent = 10;

/** The tolerance of a part in per cent: of its line, else what such parts usually have. */
export const toleranceOf = (part: Part): number =>
  (part.value.kind === 'amount' ? part.value.tolerancePercent : undefined) ??
  familyOf(part).usualTolerancePercent ??
  doubtfulPercent;

/**
 * Judges one reading (common practice, see the worked readings of the tests).
 *
 * A reading that another part of the kit fits comes before “usable here”: a mixed-up bag is likelier than a part that
 * strays that far.
 *
 * @param part has an amount for its value
 * @param reading in the base unit
 * @param kit the other parts that it could be
 */
export function judge(
  part: Part & { readonly value: Amount },
  reading: number,
  range: MeterRange,
  kit: readonly Part[],
): Verdict {
  const limits = limitsOf(part, reading, range);
  if (within(limits, reading)) return { kind: 'right', limits };
  const itIs = kit.find(
    (other) =>
      hasAmount(other) &&
      other.value.unit === part.value.unit &&
      other.value.amount !== part.value.amount &&
      within(limitsOf(other, reading, range), reading),
  );
  if (itIs) return { kind: 'not-this', limits, itIs };
  const { usable } = familyOf(part);
  const factor = reading / part.value.amount;
  if (usable && factor >= usable.fromFactor && factor <= usable.toFactor) {
    return { kind: 'usable', limits, family: part.family };
  }
  return { kind: 'not-this', limits, itIs: null };
}

/** Whether a part is of the kind that a meter can check: it has an amount. */
export const hasAmount = (part: Part): part is Part & { readonly value: Amount } =>
  part.value.kind === 'amount' && part.value.amount > 0;

function limitsOf(
  part: Part & { readonly value: Amount },
  reading: number,
  range: MeterRange,
): Limits {
  const nominal = part.value.amount;
  const tolerancePercent = toleranceOf(part);
  const minusPercent = part.value.minusPercent ?? tolerancePercent;
  const doubt = doubtOf(range, reading);
  return {
    low: nominal * (1 - minusPercent / 100) - doubt,
    high: nominal * (1 + tolerancePercent / 100) + doubt,
    nominal,
    tolerancePercent,
    minusPercent,
    doubt,
  };
}

// A hair more than the limits, so that a reading right on them is not lost to rounding.
const within = ({ low, high }: Limits, reading: number) =>
  reading >= low * (1 - 1e-9) && reading <= high * (1 + 1e-9);
