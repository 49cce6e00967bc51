import type { BandColour } from '../bands/colours.ts';
import { encodeBands } from '../bands/encode.ts';
import { type Vision, visions } from '../bands/vision.ts';
import { bandsOf } from '../parts/marks.ts';
import type { Part } from '../parts/part.ts';
import { compareBands } from './bands.ts';
import type { RemedyId } from './remedyWords.ts';

export type Remedy =
  | { readonly id: Exclude<RemedyId, 'other-bands'> }
  | { readonly id: 'other-bands'; readonly part: Part; readonly bands: readonly BandColour[] };

/** What tells the two apart, by which the remedies are chosen. */
export type MarkKind = 'bands' | 'print' | 'colour' | 'none';

const byMark: Readonly<Record<MarkKind, readonly Exclude<RemedyId, 'other-bands'>[]>> = {
  bands: ['one-value-at-once', 'measure', 'separate-bags'],
  print: ['separate-bags', 'read-print', 'tape-label'],
  colour: ['light-up', 'separate-bags'],
  none: ['separate-bags', 'measure', 'tape-label'],
};

export function remediesFor(a: Part, b: Part, mark: MarkKind): Remedy[] {
  const remedies: Remedy[] = byMark[mark].map((id) => ({ id }));
  const other = mark === 'bands' ? (otherBands(b, a) ?? otherBands(a, b)) : undefined;
  return other ? [...remedies, other] : remedies;
}

/** A part of the same value, 1 % and five bands, which no eye takes for the other one. */
function otherBands(part: Part, beside: Part): Remedy | undefined {
  if (part.value.kind !== 'amount' || part.value.unit !== 'ohm') return undefined;
  const now = bandsOf(part);
  if (now.length !== 4) return undefined;
  const five = encodeBands({ ohm: part.value.amount, tolerancePercent: 1 }, 5);
  if (!five.ok) return undefined;
  const worst = (bands: readonly BandColour[]) =>
    Math.max(
      ...visions.map((vision: Vision) => compareBands(bandsOf(beside), bands, vision).likeness),
    );
  return worst(five.value) < worst(now)
    ? { id: 'other-bands', part, bands: five.value }
    : undefined;
}
