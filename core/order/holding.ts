import type { Board } from '../board/board.ts';
import type { Standing } from '../board/standing.ts';
import type { Point } from '../board/transform.ts';
import { familyOf } from '../parts/families/index.ts';
import type { HoldMethod } from '../parts/family.ts';
import { placesOf, type WorkNode } from './node.ts';
import { levelRest, type RestingBoard, restingBoard, type Top } from './rest.ts';
import type { Holding } from './step.ts';

/** Less than this is hardly seen, and the joint takes it up (common practice). */
export const looseMm = 0.3;

/** The tops on one side of a board, as part after part is put in. */
export class Tops {
  readonly #board: Board | null;
  readonly #standing: ReadonlyMap<string, Standing>;
  readonly #heights: number[] = [];
  readonly #tops: Top[] = [];
  #everywhere = true;

  constructor(board: Board | null, standing: ReadonlyMap<string, Standing>) {
    this.#board = board;
    this.#standing = standing;
  }

  add(node: WorkNode): void {
    if (node.kind !== 'solder' || node.role === 'off-board' || node.mount === 'none') return;
    this.#heights.push(node.heightMm);
    for (const place of placesOf(node)) {
      const spot = this.#standing.get(place);
      if (spot) this.#tops.push({ ...spot.middle, heightMm: node.heightMm });
      else this.#everywhere = false;
    }
  }

  /** How the board lies on them: on three of them where all have a position, level on the tallest else. */
  rest(): RestingBoard {
    return this.#board && this.#everywhere && this.#tops.length > 0
      ? restingBoard(this.#board, this.#tops)
      : levelRest(this.#heights);
  }

  middleOf(place: string): Point {
    return this.#standing.get(place)?.middle ?? { x: 0, y: 0 };
  }
}

/**
 * What of a turn of the board hangs loose: a lower part beside a taller one that rests on the mat drops until it
 * lies on the mat too.
 *
 * @param fitted the nodes that are put in for this turn; surface parts and wires are not turned over
 * @param tops everything that is in on their side, these too
 * @returns one entry for each way of holding
 */
export function looseParts(fitted: readonly WorkNode[], tops: Tops): Holding[] {
  if (!fitted.some(canDrop)) return [];
  const rest = tops.rest();
  const drops = fitted.filter(canDrop).flatMap((node) =>
    node.parts.flatMap((part) =>
      (part.designators.length > 0 ? part.designators : ['']).map((place) => ({
        place,
        method: familyOf(part).hold,
        dropMm: rest(tops.middleOf(place)) - node.heightMm,
      })),
    ),
  );
  const methods = new Map<HoldMethod, { places: string[]; dropMm: number }>();
  for (const { place, method, dropMm } of drops) {
    if (dropMm <= looseMm) continue;
    const held = methods.get(method) ?? { places: [], dropMm: 0 };
    if (place !== '') held.places.push(place);
    held.dropMm = Math.max(held.dropMm, dropMm);
    methods.set(method, held);
  }
  return [...methods].map(([method, { places, dropMm }]) => ({
    method,
    places,
    dropMm: Math.round(dropMm * 10) / 10,
  }));
}

/** Put through the board and soldered from the other side. */
export const canDrop = (node: WorkNode): boolean =>
  node.kind === 'solder' && node.mount === 'through';
