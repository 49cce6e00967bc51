import type { BandCount } from '../bands/encode.ts';
import type { UnitId } from '../quantity/unit.ts';
import type { FamilyId } from './families/ids.ts';
import type { Mounting } from './mounting.ts';
import type { SignMark } from './sign.ts';

/** What tells one part of a family from another. */
export type PartValue =
  | {
      readonly kind: 'amount';
      readonly unit: UnitId;
      /** In the base unit: ohm, farad, henry … */
      readonly amount: number;
      readonly tolerancePercent?: number;
      /** Below the value, where it differs from above it: −20 / +80 %. */
      readonly minusPercent?: number;
      /** Highest voltage the part may see. */
      readonly ratedVolt?: number;
      /** Where the list says how many bands are painted on; otherwise the usual number is drawn. */
      readonly bandCount?: BandCount;
    }
  | { readonly kind: 'type'; readonly print: string }
  | { readonly kind: 'colour'; readonly colour: LightColour }
  | { readonly kind: 'none' };

export const lightColours = ['red', 'yellow', 'green', 'blue', 'white', 'orange'] as const;
export type LightColour = (typeof lightColours)[number];

/** Who brings a line's pieces, and whether they are fitted. */
export const supplies = [
  /** In the bag, and fitted. */
  'in-kit',
  /** In the bag as a spare: nothing of the board waits for it. */
  'spare',
  /** The learner or the room must bring it. */
  'not-in-kit',
] as const;
export type Supply = (typeof supplies)[number];

/**
 * What is different about the lot in the bag: it overrides the rule of the family. A meter's diode test before
 * soldering settles it (common practice).
 */
export interface LotNote {
  /** In the instructor's words; learners read it in place of the family's rule. */
  readonly text: string;
  /** Marks that stand at the other end than the family's rule says. */
  readonly turned?: readonly SignMark[];
  /** Names of the leads from left to right, flat face and print to the reader, leads down. */
  readonly pinout?: readonly string[];
}

/** One line of a parts list: equal parts that go to one or several places of the board. */
export interface Part {
  /** Place names on the board, in natural order; empty for what has no place of its own (screws, spares). */
  readonly designators: readonly string[];
  /** Pieces. Equal to the number of designators where there are any. */
  readonly quantity: number;
  readonly family: FamilyId;
  readonly value: PartValue;
  /** Number of pins where the family comes in several sizes. */
  readonly pins?: number;
  /** What the parts list said, word for word. */
  readonly description: string;
  /** The body, where somebody wrote it or a column of the list has it: `DO-41`, `6.3x11`; see core/parts/packages. */
  readonly package?: string;
  /** What else the list says of it, word for word. */
  readonly remarks?: string;
  /** Learners read the remarks at its step. */
  readonly showRemarks?: boolean;
  readonly supply: Supply;
  /** Where it sits on the board in another way than its kind usually does. */
  readonly mounting?: Mounting;
  /** What is different about the lot in the bag. */
  readonly lotNote?: LotNote;
}
