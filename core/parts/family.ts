import type { BandColour } from '../bands/colours.ts';
import type { UnitId } from '../quantity/unit.ts';
import type { Body } from './body.ts';
import type { Drawing } from './drawing/drawing.ts';
import type { DrawLid } from './drawing/lids.ts';
import type { FamilyId } from './families/ids.ts';
import type { Print } from './marks.ts';
import type { Part } from './part.ts';
import type { Sign } from './sign.ts';
import type { TypeKind } from './types/type.ts';

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
  /** Pushed into its holder when that is soldered: hot solder would melt it. */
  | 'in-holder'
  /** Holds a part, the board or the case: core/parts/holds.ts tells which. */
  | 'screw'
  /** Tied or stuck on when what it holds is soldered. */
  | 'tie'
  /** The board stands on it; it goes on when all is soldered. */
  | 'foot'
  /** Nobody has said what it is, and the board names no place for it. */
  | 'unplaced'
  /** What the finished board goes into, and what goes on that: lids, knobs. */
  | 'case'
  /** Screwed to a power part before that is soldered. */
  | 'heat-sink'
  /** Brings power. */
  | 'battery'
  /** Hangs off the board by a wire. */
  | 'off-board'
  /** In the bag but not fitted: the board itself. */
  | 'carrier';

/** What a part does in a circuit, whatever body it has; rules that speak of parts alike in this use it. */
export type Job =
  | 'resistor'
  | 'capacitor'
  | 'inductor'
  /** Crystals and resonators: they beat the time. */
  | 'timebase'
  | 'diode'
  | 'light'
  | 'display'
  | 'transistor'
  | 'regulator'
  | 'chip'
  | 'socket'
  | 'switch'
  | 'connector'
  | 'sound'
  | 'supply'
  | 'wire'
  | 'mechanical'
  | 'unknown';

/** How a part behaves in a circuit, where its job and its type do not tell; `unknown`: nobody has said. */
export type Acts =
  | 'sliding'
  | 'by-light'
  | 'by-heat'
  | 'network'
  | 'bridge'
  | 'infrared-led'
  | 'power-led'
  | 'two-colour-led'
  | 'three-colour-led'
  | 'filament'
  | 'sounder'
  | 'voice-coil'
  | 'piezo'
  | 'electret'
  | 'row-of-switches'
  | 'encoder'
  | 'rotor'
  | 'coil-and-contacts'
  | 'light-switch'
  | 'coupled'
  /** The middle of three goes to one side or the other. */
  | 'changeover'
  | 'button'
  /** Two ends that meet, or do not. */
  | 'contact'
  | 'fusible'
  | 'link'
  /** Takes nothing at the voltages of a kit. */
  | 'open'
  | 'unknown';

/** How a part is kept in place while the board is turned over. */
export type HoldMethod = 'bent-leads' | 'tape' | 'putty' | 'tack-one-pin';

/**
 * How the pads of its joints lie, at rotation 0. `row`: in one row along the length. `two-rows`: the pins of a chip,
 * counted round. `triangle`: two below, one above. `corners`: two on either side, whatever the number of its contacts.
 */
export type PadPattern = 'row' | 'two-rows' | 'triangle' | 'corners';

/** Families of one kin do the same job with the same value (common practice). */
export type Kin = 'small-capacitor' | 'large-capacitor' | 'round-led';

/** What of a part can hurt somebody; core/safety has the sentences. */
export const hazardIds = [
  'can-burst',
  'button-cell',
  'lithium',
  'high-voltage',
  'laser',
  'mercury',
  'bright',
] as const;
export type Hazard =
  /** Bursts when it is the wrong way round at the first power. */
  | 'can-burst'
  | 'button-cell'
  /** Burns when it is shorted, pierced, or charged unwatched. */
  | 'lithium'
  /** Has, or makes, a voltage that can hurt, whatever the supply is. */
  | 'high-voltage'
  | 'laser'
  /** May hold mercury. */
  | 'mercury'
  /** Too bright to look into. */
  | 'bright';

/**
 * Everything that is known of a kind of part. What some rule, picture or page needs to know of families is a trait
 * here, required, so that a new family does not compile until it has said it.
 */
export interface PartFamily<Id extends FamilyId = FamilyId> {
  readonly id: Id;
  readonly job: Job;
  readonly acts?: Acts;
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
  readonly pads: PadPattern;
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
  /** What such parts have where a list gives no tolerance, in per cent (common practice); null where none is usual. */
  readonly usualTolerancePercent: number | null;
  /** Hands push and pull at it when the board is used: plugs, switches, knobs, cells. */
  readonly bearsForce: boolean;
  readonly hold: HoldMethod;
  /** Null where nothing but its own family may stand in for it. */
  readonly kin: Kin | null;
  /** Its leads have other jobs in other types: what stands in for it needs its pinout compared. */
  readonly pinoutMatters: boolean;
  /** What it takes at the most when it is on, in mA, where that is far from what others of its job take. */
  readonly mostMilliampere?: number;
  /** `feeds-board`: the supply comes in by it; `cells`: the cells themselves. Either can make the board live. */
  readonly power: 'none' | 'feeds-board' | 'cells';
  /**
   * What its cells have when fresh and when tired, as parts of their nominal voltage, their inner resistance, and what
   * they hold at some milliamperes.
   */
  readonly cells?: {
    readonly fresh: number;
    readonly tired: number;
    readonly ohmPerVolt: number;
    readonly milliampereHours: number;
  };
  /** Closed or in place, the supply goes on behind it: all of it, or less what a diode takes, from plus on. */
  readonly passesSupply?: 'freely' | 'forward';
  readonly hazards: readonly Hazard[];
  /** Spoiled by too long heat, or by a static charge. */
  readonly heatSensitive: boolean;
  readonly staticSensitive: boolean;
  /** Minutes to find, bend and insert one piece, for somebody new (prior from common practice). */
  readonly prepareMinutes: number;
  /** What of the catalogue of types it takes, in a body of its own shape; see core/parts/types. */
  readonly kinds?: readonly TypeKind[];
  readonly words: FamilyWords;
  /** The bands painted on it, in reading order; only for families that carry their value in bands. */
  readonly bands?: (part: Part) => readonly BandColour[];
  /** What is printed on it, usual print first; leave out where nothing is. */
  readonly prints?: (part: Part) => readonly Print[];
  /** Colour of the body where it depends on the value (LEDs); otherwise the body's own. */
  readonly colourOf?: (part: Part) => string;
  /** Where a wrong value may still do, and where never (common practice); see core/inspection/verdict. */
  readonly usable?: UsableHere;
  /** The part as it lies on the mat, in mm. */
  readonly draw: (part: Part) => Drawing;
  /** What is to be seen on its body from above; the outline and the marks of its rule are drawn anyway. */
  readonly drawLid?: DrawLid;
  /** What is printed on the board where it goes; only where the way round matters. */
  readonly drawBoardMark?: (part: Part) => Drawing;
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
