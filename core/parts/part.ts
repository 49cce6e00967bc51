import type { BandCount } from '../bands/encode.ts';
import type { UnitId } from '../quantity/unit.ts';

/** What tells one part of a family from another. */
export type PartValue =
  | {
      readonly kind: 'amount';
      readonly unit: UnitId;
      /** In the base unit: ohm, farad, henry … */
      readonly amount: number;
      readonly tolerancePercent?: number;
      /** Highest voltage the part may see. */
      readonly ratedVolt?: number;
      /** Where the list says how many bands are painted on; otherwise the usual number is drawn. */
      readonly bandCount?: BandCount;
    }
  | { readonly kind: 'type'; readonly print: string }
  | { readonly kind: 'colour'; readonly colour: LightColour }
  | { readonly kind: 'none' };

export type LightColour = 'red' | 'yellow' | 'green' | 'blue' | 'white' | 'orange';

/** One line of a parts list: equal parts that go to one or several places of the board. */
export interface Part {
  /** Place names on the board, in natural order; empty for what has no place of its own (screws, solder). */
  readonly designators: readonly string[];
  /** Pieces. Equal to the number of designators where there are any. */
  readonly quantity: number;
  /** Id of a family in families/index. */
  readonly family: string;
  readonly value: PartValue;
  /** Number of pins where the family comes in several sizes. */
  readonly pins?: number;
  /** What the parts list said, word for word. */
  readonly description: string;
  /** False for what the learner or the room must bring. */
  readonly inKit: boolean;
}
