import type { BandColour } from '../bands/colours.ts';
import { rankReadings } from '../bands/rank.ts';
import { colourDifference, type Vision, visions } from '../bands/vision.ts';
import { memoOfObject, type ObjectMemo } from '../memo.ts';
import { familyOf } from '../parts/families/index.ts';
import { bandsOf } from '../parts/marks.ts';
import type { Part } from '../parts/part.ts';
import { type BandComparison, bandDifference, compareBands } from './bands.ts';
import { bodyLikeness, colourOf, formLikeness } from './body.ts';
import { printLikeness } from './print.ts';
import { type MarkKind, type Remedy, remediesFor } from './remedies.ts';
import { type Swap, swapOf } from './swap.ts';

export type Risk = 'high' | 'medium' | 'low';

/** Two lines of a kit that can be taken for one another. */
export interface MixUp {
  readonly a: Part;
  readonly b: Part;
  /** Chance-like figure from 0 to 1, for each way of seeing; only its order and the risk levels mean anything. */
  readonly likelihood: Readonly<Record<Vision, number>>;
  /** The way of seeing under which the two are most alike. */
  readonly worst: Vision;
  readonly difference: MarkDifference;
  readonly swap: Swap;
  readonly remedies: readonly Remedy[];
  readonly risk: Risk;
}

/** What tells the two apart. */
export type MarkDifference =
  | {
      readonly kind: 'bands';
      readonly a: readonly BandColour[];
      readonly b: readonly BandColour[];
      /** The second is more like the first when it lies the other way round. */
      readonly reversed: boolean;
      readonly differing: readonly {
        readonly band: number;
        readonly a: BandColour;
        readonly b: BandColour;
        /** CIEDE2000 for each way of seeing. */
        readonly difference: Readonly<Record<Vision, number>>;
      }[];
    }
  | { readonly kind: 'print'; readonly a: string; readonly b: string }
  | { readonly kind: 'colour'; readonly difference: Readonly<Record<Vision, number>> }
  | { readonly kind: 'none' };

/** A resistor whose bands are a value from either end. */
export interface TwoWayReading {
  readonly part: Part;
  readonly bands: readonly BandColour[];
  readonly otherOhm: number;
  /** The other reading is a value of this kit, so nobody will wonder. */
  readonly otherInKit: boolean;
}

export interface MixUps {
  /** Riskiest first. */
  readonly pairs: readonly MixUp[];
  readonly twoWays: readonly TwoWayReading[];
}

const severityWeight: Readonly<Record<Swap['severity'], number>> = { 1: 0.35, 2: 0.8, 3: 1 };
// From these products of likelihood and weight on; a pair below the last is not worth a learner's attention.
const riskFrom: readonly (readonly [Risk, number])[] = [
  ['high', 0.25],
  ['medium', 0.12],
  ['low', 0.04],
];

/**
 * The pairs of a kit that can be taken for one another, computed from what the parts are: same body and near size,
 * then their marks, for every way of seeing. Lines that are the same part are no pair.
 *
 * @param supplyVolt of the kit: what a swap does depends on it; null where nobody has said it
 */
export function findMixUps(parts: readonly Part[], supplyVolt: number | null = null): MixUps {
  const fitted = parts.filter(({ supply }) => supply !== 'spare');
  const pairs = fitted.flatMap((a, index) =>
    fitted.slice(index + 1).flatMap((b) => pairOf(a, b, supplyVolt) ?? []),
  );
  return {
    pairs: pairs.sort((x, y) => scoreOf(y, y.worst) - scoreOf(x, x.worst)),
    twoWays: twoWayReadings(fitted),
  };
}

/** How much a pair is to be feared under a way of seeing: likelihood, weighed by what the swap does. */
export const scoreOf = ({ likelihood, swap }: MixUp, vision: Vision): number =>
  likelihood[vision] * severityWeight[swap.severity];

/** Whether two parts are a pair of high risk, which must not be in one hand at one time. */
export function isHighRisk(a: Part, b: Part): boolean {
  // The order of soldering asks for the same pairs again and again.
  return risksOf
    .of(a, () => memoOfObject(`risks beside ${a.family}`))
    .of(b, () => couldBeHighRisk(a, b) && pairOf(a, b)?.risk === 'high');
}

const risksOf = memoOfObject<Part, ObjectMemo<Part, boolean>>('risks of pairs');

/** Marks can only make two parts less alike than their form is; to compare those takes longer. */
const couldBeHighRisk = (a: Part, b: Part): boolean =>
  formLikeness(a, b) > 0 &&
  formLikeness(a, b) * severityWeight[swapOf(a, b).severity] >= (riskFrom[0]?.[1] ?? 0);

export function pairOf(a: Part, b: Part, supplyVolt: number | null = null): MixUp | undefined {
  if (isSamePart(a, b) || formLikeness(a, b) === 0) return undefined;
  const compare = markOf(a, b);
  const likelihood = perVision((vision) => bodyLikeness(a, b, vision) * compare.likeness(vision));
  const worst = visions.reduce((x, y) => (likelihood[y] > likelihood[x] ? y : x));
  const swap = swapOf(a, b, supplyVolt);
  const score = likelihood[worst] * severityWeight[swap.severity];
  const risk = riskFrom.find(([, from]) => score >= from)?.[0];
  if (risk === undefined) return undefined;
  const difference = compare.difference(worst);
  const remedies = remediesFor(a, b, compare.kind);
  return { a, b, likelihood, worst, difference, swap, remedies, risk };
}

/** Same family, same value: whichever is fitted, it is right. A lot or a tolerance of its own does not part them. */
function isSamePart(a: Part, b: Part): boolean {
  if (a.family !== b.family || a.pins !== b.pins) return false;
  if (a.value.kind === 'amount' && b.value.kind === 'amount') {
    return (
      a.value.unit === b.value.unit &&
      a.value.amount === b.value.amount &&
      a.value.ratedVolt === b.value.ratedVolt
    );
  }
  return JSON.stringify(a.value) === JSON.stringify(b.value);
}

interface MarkComparison {
  readonly kind: MarkKind;
  readonly likeness: (vision: Vision) => number;
  readonly difference: (worst: Vision) => MarkDifference;
}

function markOf(a: Part, b: Part): MarkComparison {
  const bandsA = familyOf(a).bands?.(a) ?? [];
  const bandsB = familyOf(b).bands?.(b) ?? [];
  if (bandsA.length > 0 && bandsB.length > 0) return byBands(bandsA, bandsB);
  const printA = printOf(a);
  const printB = printOf(b);
  if (printA !== '' || printB !== '') return byPrint(printA, printB);
  if (familyOf(a).colourOf && familyOf(b).colourOf) return byColour(colourOf(a), colourOf(b));
  return { kind: 'none', likeness: () => 1, difference: () => ({ kind: 'none' }) };
}

function byBands(a: readonly BandColour[], b: readonly BandColour[]): MarkComparison {
  const compared = perVision((vision) => compareBands(a, b, vision));
  return {
    kind: 'bands',
    likeness: (vision) => compared[vision].likeness,
    difference: (worst) => ({ kind: 'bands', a, b, ...bandDifferences(compared[worst]) }),
  };
}

function bandDifferences({ differing, reversed }: BandComparison) {
  return {
    reversed,
    differing: differing.map((pair) => ({
      ...pair,
      difference: perVision((vision) => bandDifference(pair.a, pair.b, vision)),
    })),
  };
}

/** Print does not depend on colours; a part without any is told from one with some, but not by everybody. */
const oneIsBlank = 0.25;

function byPrint(a: string, b: string): MarkComparison {
  const likeness = a === '' || b === '' ? oneIsBlank : printLikeness(a, b);
  return { kind: 'print', likeness: () => likeness, difference: () => ({ kind: 'print', a, b }) };
}

/** The likeness is in the colour of the body already. */
const byColour = (a: string, b: string): MarkComparison => ({
  kind: 'colour',
  likeness: () => 1,
  difference: () => ({
    kind: 'colour',
    difference: perVision((vision) => colourDifference(a, b, vision)),
  }),
});

/** What a reader compares: the usual print, for cans with the voltage below it. */
function printOf(part: Part): string {
  const prints = familyOf(part).prints?.(part) ?? [];
  const [first] = prints;
  if (!first) return '';
  const volt = prints.find(({ code }) => code === 'volt');
  return volt && volt !== first ? `${first.text} ${volt.text}` : first.text;
}

function twoWayReadings(parts: readonly Part[]): TwoWayReading[] {
  const kitOhms = parts.flatMap(({ value }) =>
    value.kind === 'amount' && value.unit === 'ohm' ? [value.amount] : [],
  );
  return parts.flatMap((part) => {
    const { value } = part;
    if (value.kind !== 'amount' || value.unit !== 'ohm' || !familyOf(part).bands) return [];
    const bands = bandsOf(part);
    const ohm = value.amount;
    // What the kit holds is left out here: the learner does not know it yet.
    const { readings, needsMeter } = rankReadings(bands);
    const other = readings.find((reading) => Math.abs(reading.ohm / ohm - 1) > 1e-9);
    if (!needsMeter || other === undefined) return [];
    const otherInKit = kitOhms.some((known) => Math.abs(known / other.ohm - 1) < 1e-9);
    return [{ part, bands, otherOhm: other.ohm, otherInKit }];
  });
}

const perVision = <Value>(of: (vision: Vision) => Value): Record<Vision, Value> =>
  Object.fromEntries(visions.map((vision) => [vision, of(vision)])) as Record<Vision, Value>;
