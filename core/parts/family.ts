import type { BandColour } from '../bands/colours.ts';
import type { UnitId } from '../quantity/unit.ts';
import type { Drawing } from './drawing/drawing.ts';
import type { Part } from './part.ts';

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
  /** Above the board, as soldered, in mm. */
  readonly heightMm: number;
  /** Where the height and the drawn body come from. */
  readonly bodySource: string;
  /** Soldered joints of one piece. */
  readonly joints: (part: Pick<Part, 'pins'>) => number;
  /**
   * `polarised`: works one way round only. `keyed`: electrically indifferent, but fits or faces one way.
   * `free`: both ways are right.
   */
  readonly polarity: 'polarised' | 'keyed' | 'free';
  /** What the value of such a part is, so that an import knows what to look for. */
  readonly valueKind: 'type' | 'colour' | 'none' | { readonly unit: UnitId };
  /** Spoiled by too long heat, or by a static charge. */
  readonly heatSensitive: boolean;
  readonly staticSensitive: boolean;
  /** Minutes to find, bend and insert one piece, for somebody new (prior from common practice). */
  readonly prepareMinutes: number;
  /** How an import recognises it in free text. */
  readonly recognise: {
    /** Words in several languages, lower case, without accents. */
    readonly words: readonly string[];
    /** Type numbers that belong to no other family. */
    readonly types?: readonly RegExp[];
  };
  readonly words: FamilyWords;
  /** The bands painted on it, in reading order; only for families that carry their value in bands. */
  readonly bands?: (part: Part) => readonly BandColour[];
  /** The part as it lies on the mat, in mm. */
  readonly draw: (part: Part) => Drawing;
  /** What is printed on the board where it goes; only where the way round matters. */
  readonly drawBoardMark?: (part: Part) => Drawing;
}

/** English; other languages replace these by key in the catalogue. */
export interface FamilyWords {
  readonly one: string;
  readonly many: string;
  /** How to fit it: one short sentence a line. */
  readonly fit: readonly string[];
  /** How to tell which way round. */
  readonly wayRound?: string;
  /** What happens otherwise. */
  readonly backwards?: string;
}
