import type { BandColour } from '../bands/colours.ts';
import type { UnitId } from '../quantity/unit.ts';
import type { Body } from './body.ts';
import type { Drawing } from './drawing/drawing.ts';
import type { DrawLid } from './drawing/lids.ts';
import type { Print } from './marks.ts';
import type { Part } from './part.ts';
import type { Sign } from './sign.ts';

/** What a part is for the soldering order; the rules of core/order speak of these, never of single families. */
export type OrderRole =
  /** Soldered to the board and stays as it is. */
  | 'board-part'
  /** A bare wire on the board that other parts may have to lie over. */
  | 'link'
  /** Soldered empty; its chip goes in later. */
  | 'socket'
  /** A chip: pushed into a socket where the kit has one for it, soldered otherwise. */
  | 'chip'
  /** Screwed to the board and soldered; bears force. */
  | 'holder'
  /** Holds a holder or a stand-off. */
  | 'screw'
  /** Screwed to a power part before that is soldered. */
  | 'heat-sink'
  /** Brings power. */
  | 'battery'
  /** Hangs off the board by a wire. */
  | 'off-board'
  /** In the bag but not fitted: the board itself. */
  | 'carrier';

export interface PartFamily {
  readonly id: string;
  /** The letters that usually stand before the number in its place names (IEC 60617 and common practice). */
  readonly letters: readonly string[];
  readonly role: OrderRole;
  /** How it is fixed: through the board, on its surface, by its wires, or not soldered at all. */
  readonly mount: 'through' | 'surface' | 'off-board' | 'none';
  readonly body: Body;
  /** Comes in several sizes, told by a code like 0805 in the list; see bodyOf. */
  readonly comesInSizes?: true;
  /** The marks that tell which way round, by the family's rule; a lot can differ. */
  readonly signs: readonly Sign[];
  /** Soldered joints of one piece. */
  readonly joints: (part: Pick<Part, 'pins'>) => number;
  /**
   * `polarised`: works one way round only. `keyed`: electrically indifferent, but fits or faces one way.
   * `free`: both ways are right.
   */
  readonly polarity: 'polarised' | 'keyed' | 'free';
  /** What the value of such a part is, so that an import knows what to look for. */
  readonly valueKind: 'type' | 'colour' | 'none' | { readonly unit: UnitId };
  /** What such a part usually is, where its value kind alone does not tell: the guide and the trainers draw it. */
  readonly example?: Partial<Pick<Part, 'value' | 'pins'>>;
  /** Values from 1 to below 10 that such parts have besides the preferred series (trimmers: 1, 2, 5). */
  readonly alsoValues?: readonly number[];
  /** With it on the board, the board can be live. */
  readonly bringsPower?: true;
  /** Spoiled by too long heat, or by a static charge. */
  readonly heatSensitive: boolean;
  readonly staticSensitive: boolean;
  /** Minutes to find, bend and insert one piece, for somebody new (prior from common practice). */
  readonly prepareMinutes: number;
  readonly recognise: RecognisedBy;
  readonly words: FamilyWords;
  /** The bands painted on it, in reading order; only for families that carry their value in bands. */
  readonly bands?: (part: Part) => readonly BandColour[];
  /** What is printed on it, usual print first; leave out where nothing is. */
  readonly prints?: (part: Part) => readonly Print[];
  /** Colour of the body where it depends on the value (LEDs); otherwise the body's own. */
  readonly colourOf?: (part: Part) => string;
  /** Where a wrong value may still do, and where never (common practice); see core/checking/verdict. */
  readonly usable?: UsableHere;
  /** The part as it lies on the mat, in mm. */
  readonly draw: (part: Part) => Drawing;
  /** What is to be seen on its body from above; the outline and the marks of its rule are drawn anyway. */
  readonly drawLid?: DrawLid;
  /** What is printed on the board where it goes; only where the way round matters. */
  readonly drawBoardMark?: (part: Part) => Drawing;
}

/** How an import recognises a family in free text. */
export interface RecognisedBy {
  /** Words in several languages, lower case, without accents. */
  readonly words: readonly string[];
  /** Type numbers that belong to no other family. */
  readonly types?: readonly RegExp[];
  /** Without this in the text (plain: lower case, no accents) it is another family: the package of a chip part, say. */
  readonly needs?: RegExp;
  /** With this in the text it is another family. */
  readonly not?: RegExp;
}

export interface UsableHere {
  /** Reading over nominal value. */
  readonly fromFactor: number;
  readonly toFactor: number;
  readonly words: { readonly for: string; readonly never: string };
}

/** English; other languages replace these by key in the catalogue. */
export interface FamilyWords {
  readonly one: string;
  readonly many: string;
  /** How to fit it: one short sentence a line. */
  readonly fit: readonly string[];
  /** How it is kept from falling out while it is soldered. */
  readonly hold: string;
  /** What beginners do wrong with it. */
  readonly mistakes: readonly string[];
  /** How to tell which way round. */
  readonly wayRound?: string;
  /** What happens otherwise. */
  readonly backwards?: string;
}
