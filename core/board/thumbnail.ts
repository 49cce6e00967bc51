import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import { roleOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import type { Board } from './board.ts';
import { shapePath, shapesOf } from './boardShape.ts';
import { bodyCorners } from './layout.ts';
import { partsByPlace } from './pads.ts';

/** A board small: its outline and the bodies of its parts on the component side, in mm. */
export interface Thumbnail {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Its edge and what is cut out of it, as path data (SVG 1.1, 8.3; even-odd). */
  readonly outline: string;
  readonly bodies: readonly {
    /** sRGB of most of it. */
    readonly colour: string;
    /** Corners in turn, x to the right and y down from the upper left corner, rounded to a tenth. */
    readonly corners: readonly (readonly [number, number])[];
  }[];
}

const tenth = (mm: number): number => Math.round(10 * mm) / 10;

/** What a card of a kit shows of its board; the lowest bodies first, so that tall ones lie over them. */
export function thumbnailOf(board: Board, parts: readonly Part[]): Thumbnail {
  const byPlace = partsByPlace(parts);
  const bodies = board.placements
    .filter(({ side }) => side === 'top')
    .flatMap((placement) => {
      const part = byPlace.get(placement.place);
      // Wires leave the board; what they go to is not on it.
      if (!part || roleOf(part) === 'off-board') return [];
      const { colour, heightMm } = bodyOf(familyOf(part), part);
      const corners = bodyCorners(placement, part).map(
        ({ x, y }) => [tenth(x), tenth(board.heightMm - y)] as const,
      );
      return [{ colour, heightMm, corners }];
    })
    .sort((a, b) => a.heightMm - b.heightMm)
    .map(({ colour, corners }) => ({ colour, corners }));
  const outline = shapesOf(board)
    .map((shape) => shapePath(shape, board.heightMm))
    .join('');
  return { widthMm: board.widthMm, heightMm: board.heightMm, outline, bodies };
}
