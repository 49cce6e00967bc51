/** A hole in a panel of the case: its middle is measured from the edges that the panel names. */
export interface DrillHole {
  readonly xMm: number;
  readonly yMm: number;
  readonly diameterMm: number;
  /** What goes through it. */
  readonly what: string;
}

/** A flat piece of a case, seen from outside. */
export interface Panel {
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** The edges from which holes are measured. */
  readonly fromX: 'left' | 'right';
  readonly fromY: 'top' | 'bottom';
  readonly holes: readonly DrillHole[];
}

export const mostPanels = 12;
export const mostHoles = 100;
/** Larger ones are not drilled by hand. */
export const mostPanelMm = 1000;

/** The middle of a hole from the left and from the top edge, as a picture has it. */
export const middleOf = (
  { widthMm, heightMm, fromX, fromY }: Panel,
  { xMm, yMm }: DrillHole,
): { readonly x: number; readonly y: number } => ({
  x: fromX === 'left' ? xMm : widthMm - xMm,
  y: fromY === 'top' ? yMm : heightMm - yMm,
});

/** Something about a panel that should be looked at before anybody drills; holes are counted from 1. */
export type PanelProblem =
  | { readonly kind: 'outside'; readonly hole: number }
  | {
      readonly kind: 'too-near';
      readonly hole: number;
      readonly other: number;
      readonly leftMm: number;
    }
  | { readonly kind: 'near-edge'; readonly hole: number; readonly leftMm: number };

/** Less is left of sheet metal or plastic than holds (common practice). */
const leastWebMm = 1.5;

const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** Holes that hang over the edge, break out of it, or into one another. */
export function panelProblems(panel: Panel): readonly PanelProblem[] {
  const round = panel.holes.map((hole) => ({
    ...middleOf(panel, hole),
    radius: hole.diameterMm / 2,
  }));
  return round.flatMap(({ x, y, radius }, index): PanelProblem[] => {
    const hole = index + 1;
    const left = Math.min(x, y, panel.widthMm - x, panel.heightMm - y) - radius;
    const atEdge: PanelProblem[] =
      left < 0
        ? [{ kind: 'outside', hole }]
        : left < leastWebMm
          ? [{ kind: 'near-edge', hole, leftMm: tenth(left) }]
          : [];
    const near = round.slice(0, index).flatMap((one, at): PanelProblem[] => {
      const between = Math.hypot(one.x - x, one.y - y) - one.radius - radius;
      return between < leastWebMm
        ? [{ kind: 'too-near', hole, other: at + 1, leftMm: tenth(Math.max(0, between)) }]
        : [];
    });
    return [...atEdge, ...near];
  });
}
