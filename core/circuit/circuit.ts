import type { PinName } from '../board/pinNames.ts';
import type { Part } from '../parts/part.ts';
import type { SaidPart } from './notes.ts';

/** What is joined on a board, and the parts that it joins. */
export interface Circuit {
  readonly nets: readonly Net[];
  readonly devices: readonly Device[];
}

/** Copper that is one conductor. */
export interface Net {
  /** Short and safe for a netlist: `n1`. */
  readonly id: string;
  /** As the pad list calls it; else by one of its pins. */
  readonly name: string;
  readonly pins: readonly PinName[];
}

/** A part with at least one lead on the board. */
export interface Device {
  readonly place: string;
  readonly part: Part;
  /** The net at each of its pins; a pin that is joined to nothing is absent. */
  readonly netAt: Readonly<Record<string, string>>;
  /** How it behaves, where the instructor has said it. */
  readonly said?: SaidPart;
}

/** Where the supply comes in. */
export interface SupplyAt {
  /** The part by which it comes in; undefined where only the names of nets tell. */
  readonly place?: string;
  readonly plus: string;
  readonly minus: string;
}
