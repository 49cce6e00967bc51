/** Sides as the layout library names them. */
export type PortSide = 'NORTH' | 'SOUTH' | 'EAST' | 'WEST';

/** Where a pin of a symbol is joined. */
export interface Port {
  readonly pin: string;
  readonly x: number;
  readonly y: number;
  readonly side: PortSide;
}

/** A symbol as it is drawn, in units of a tenth of the usual grid; y down. */
export interface PartSymbol {
  readonly width: number;
  readonly height: number;
  readonly ports: readonly Port[];
  /** Lines, as the `d` of an SVG path. */
  readonly lines: string;
  /** What is filled. */
  readonly areas?: string;
  /** Words inside: pin numbers, letters. */
  readonly words?: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}

/** What of a part decides how its symbol stands. */
export interface Standing {
  /** Its two pins, the upper one first. */
  readonly upright: readonly [string, string];
  /** Of three pins: whether the middle one is nearest to plus. */
  readonly isMiddleAbove: boolean;
  /** Pins that are joined, by number. */
  readonly pins: readonly string[];
  readonly style: SymbolStyle;
}

/** Resistors as boxes (IEC 60617) or as zigzags. */
export const symbolStyles = ['box', 'zigzag'] as const;
export type SymbolStyle = (typeof symbolStyles)[number];
