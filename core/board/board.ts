import type { Panel } from '../housing/panel.ts';
import type { Cable } from '../wiring/cable.ts';

/**
 * A board seen from its component side: x to the right from the left edge, y up from the lower edge, both in mm;
 * rotations in degrees, counter-clockwise (as pad lists and placement files have them).
 */
export interface Board {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly kind: BoardKind;
  /**
   * Where it is no rectangle, or where a kit has several boards, side by side as they are drawn: then width and height
   * are those of all together.
   */
  readonly shapes?: readonly BoardShape[];
  /** Where the origin lies that the files of its board program share; the lower left corner where nothing is said. */
  readonly origin?: { readonly xMm: number; readonly yMm: number };
  readonly placements: readonly Placement[];
  /** Pads of a pad list; a part that has some here does not get them from its footprint. */
  readonly pads: readonly Pad[];
  /** Nets whose copper is a plane: their joints take more heat. */
  readonly planes: readonly string[];
  /** Strip board: where the strip is cut, and bare wires from hole to hole. */
  readonly cuts: readonly Hole[];
  readonly links: readonly Link[];
  /** Records of a pad list that say nothing about pads: kept, and written back. */
  readonly otherRecords: readonly string[];
  /** What of the case is drilled for it; none where nothing is said. */
  readonly panels?: readonly Panel[];
  readonly cables?: readonly Cable[];
  /** Of a printed board; green where nothing is said. */
  readonly colour?: BoardColour;
  /** What pin 1 of diodes and LEDs is in the files that it came from; as here, the anode, where nothing is said. */
  readonly diodePinOne?: DiodePinOne;
  /** Place names of what is in the case or at a cable, and on no board. */
  readonly nowhere?: readonly string[];
  readonly pictures?: readonly BoardPicture[];
}

/**
 * Which end of diodes and LEDs is pin 1 in the files of a board. Most board programs number the cathode 1 and turn the
 * part by it (IPC-7351B, zero orientations; from memory); others, and boards that are laid out here, the anode. Plus of
 * a capacitor is pin 1 in either.
 */
export const diodePinOnes = ['cathode', 'anode'] as const;
export type DiodePinOne = (typeof diodePinOnes)[number];

/** Printed; or holes at 2.54 mm, each for itself or joined by strips along the rows. */
export type BoardKind = 'printed' | 'strip' | 'perf';

export const boardColours = ['green', 'blue', 'red', 'black', 'white', 'yellow', 'purple'] as const;
export type BoardColour = (typeof boardColours)[number];

export type Side = 'top' | 'bottom';

/** A corner of a closed line in mm; where it has a radius, an arc that touches both sides takes its place. */
export interface LineCorner {
  readonly xMm: number;
  readonly yMm: number;
  readonly radiusMm?: number;
}

/** A closed line, corner after corner, either way round. */
export type ClosedLine = readonly LineCorner[];

/** A board that is no rectangle, or one of several of a kit: its edge, and what is cut out of it. */
export interface BoardShape {
  /** Empty where there is only one. */
  readonly name: string;
  readonly edge: ClosedLine;
  readonly cutOuts: readonly ClosedLine[];
}

export interface Placement {
  /** Place name, such as R1. */
  readonly place: string;
  /** Middle of the part. */
  readonly xMm: number;
  readonly yMm: number;
  readonly rotation: number;
  readonly side: Side;
  /** Distance of the leads where they are bent to another one than usual. */
  readonly spanMm?: number;
}

export interface Pad {
  /** Place name of its part; of a via or a fixing hole the word of the pad list. */
  readonly place: string;
  readonly pin: string;
  /** Null where nothing is connected. */
  readonly net: string | null;
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly rotation: number;
  /** Through the board, or on one side. */
  readonly side: Side | 'both';
  readonly drillMm: number | null;
  readonly plated: boolean;
  /** Marks pin 1 or plus. */
  readonly square: boolean;
}

/** A hole of a hand-wired board: column and row, counted from 1, from the left and from the top of the component side. */
export interface Hole {
  readonly column: number;
  readonly row: number;
}

export interface Link {
  readonly from: Hole;
  readonly to: Hole;
}

export const pictureSorts = ['photo', 'print', 'copper'] as const;
/** A photo as one sees the side; what is printed on it, and its copper, as the layers of its files draw them. */
export type PictureSort = (typeof pictureSorts)[number];

/** A picture of one side of the board, at most one of each sort. */
export interface BoardPicture {
  readonly side: Side;
  readonly what: PictureSort;
  /** SHA-256 of its bytes, hexadecimal. */
  readonly hash: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly mmPerPx: number;
  /** The rectangle that it fills, by the corner that is the lower left one seen from the component side. */
  readonly xMm: number;
  readonly yMm: number;
}

export const pictureOf = (
  { pictures }: Pick<Board, 'pictures'>,
  side: Side,
  what: PictureSort,
): BoardPicture | undefined => pictures?.find((one) => one.side === side && one.what === what);

/** Whether a board tells what is joined on it: by the names of a pad list, by its strips, or by its wires. */
export const tellsNets = ({ kind, pads, links }: Board): boolean =>
  kind === 'strip' ||
  links.length > 0 ||
  (kind === 'printed' && pads.some(({ net }) => net !== null));

/** Distance of holes: a tenth of an inch. */
export const pitchMm = 2.54;

export const emptyBoard = (widthMm: number, heightMm: number, kind: BoardKind): Board => ({
  widthMm,
  heightMm,
  kind,
  placements: [],
  pads: [],
  planes: [],
  cuts: [],
  links: [],
  otherRecords: [],
});
