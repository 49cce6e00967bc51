/** How a part sits on the board, where that is not the way in which its kind usually does. */
export type Mounting =
  /** Its leads are bent, and it lies on the board. */
  | { readonly kind: 'bent-over' }
  /** It sits off the board: a display behind a panel, a hot resistor. */
  | { readonly kind: 'raised'; readonly mm: number };

/** How far a part can stand off on its own leads, in mm (common practice: more wants a spacer of its own). */
export const mostRaisedMm = 60;
