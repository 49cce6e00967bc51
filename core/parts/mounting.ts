/** How a part sits on the board, where that is not the way in which its kind usually does. */
export type Mounting =
  /** Its leads are bent, and it lies on the board. */
  | { readonly kind: 'bent-over' }
  /** It sits off the board: a display behind a panel, a hot resistor. */
  | { readonly kind: 'raised'; readonly mm: number }
  /** It hangs on wires, and only their ends are in the board: a battery box, a sounder behind a panel. */
  | {
      readonly kind: 'on-wires';
      /** Length of each wire. */
      readonly mm?: number;
      /** In the order of the leads; where nothing is said, red is plus and black is minus. */
      readonly colours?: readonly string[];
    }
  /** A screw, a tie, a foot: what it holds; place names where it is parts. */
  | { readonly kind: 'holds'; readonly what: Held };

export const heldKinds = ['board', 'case'] as const;
export type Held = (typeof heldKinds)[number] | readonly string[];

/** More parts than these no screw holds. */
export const mostHeld = 40;

/** How far a part can stand off on its own leads, in mm (common practice: more wants a spacer of its own). */
export const mostRaisedMm = 60;

/** Longer wires than a room has nobody solders to a kit. */
export const mostWireMm = 5000;
