import type { Hole } from '#core/board/board';
import type { Point } from '#core/board/transform';
import type { Tool } from './LayoutTools.tsx';

export interface LayoutMoment {
  readonly held: string | undefined;
  readonly tool: Tool;
  readonly linkFrom: Hole | undefined;
  readonly scaling: readonly Point[] | undefined;
  readonly chosen: readonly string[];
  /** How many parts are not on the board yet. */
  readonly waiting: number;
}

/** What to do next, in words. */
export function layoutHint({
  held,
  tool,
  linkFrom,
  scaling,
  chosen,
  waiting,
}: LayoutMoment): string {
  if (scaling)
    return `Click two points of the picture whose distance you know (${scaling.length} of 2).`;
  if (held) return `Click on the board where ${held} goes.`;
  if (tool === 'cut')
    return 'Click a hole to cut the strip there; click again to take the cut back.';
  if (tool === 'link') {
    return linkFrom ? 'Click the hole where the wire ends.' : 'Click the hole where a wire begins.';
  }
  if (chosen.length > 0) {
    return `${chosen.join(', ')}: drag, or move with the arrow keys; R turns, F puts it on the other side, Delete takes it off.`;
  }
  const first =
    waiting > 0
      ? 'Choose a part on the left, then click where it goes.'
      : 'Click a part to move it.';
  return `${first} Drag the board to move the view.`;
}
