import type { BodyShape } from '../body.ts';
import type { Shape } from '../drawing/drawing.ts';

/** A body as it is seen, from above or from the side, at rotation 0; y runs down. */
export interface SeenBody {
  readonly x: number;
  readonly y: number;
  readonly length: number;
  /** Across it: its width from above, its height from the side. */
  readonly width: number;
  readonly shape: BodyShape;
}

/** @param end 1 where the mark is at the end that the rule says, −1 where the lot has it at the other one */
export type DrawSign = (body: SeenBody, end: 1 | -1) => Shape[];

/**
 * A mark by which the way round is told: what it is called, where it is, what it looks like. Pages, papers, facings and
 * both views take it from here.
 */
export interface SignDefinition {
  /** English; other languages have it as `sign.<mark>`. */
  readonly word: string;
  /**
   * Towards which angle from the middle of the body it stands at rotation 0, in degrees, y up: minus and cathode at the
   * right end, pin 1 at the left. Null for a mark that points to no edge of the board.
   */
  readonly angle: number | null;
  /** `body`: its outline or its own lid shows it. `hidden`: it cannot be seen from there. */
  readonly above: DrawSign | 'body' | 'hidden';
  readonly side: DrawSign | 'body' | 'hidden';
}
