import type { Point } from '../board/transform.ts';

/** A top that touches the mat, or could, when the board is turned over. */
export interface Top extends Point {
  readonly heightMm: number;
}

/** Height of the board above the mat at a point, in mm. */
export type RestingBoard = (at: Point) => number;

/** Nothing has a position: the board is held level by the tallest part. */
export const levelRest = (heights: readonly number[]): RestingBoard => {
  const level = Math.max(0, ...heights);
  return () => level;
};

/**
 * How a board rests upside down on the tops of its parts: as low as its middle can go, on three tops that have the
 * middle between them (its corners count as tops of no height).
 *
 * A linear program in three unknowns (the plane's two slopes and its height), solved by the simplex method on its dual:
 * from three corners on, the top that the plane cuts into most takes the place of one of the three.
 *
 * @param board width and height in mm; its weight counts as in the middle
 * @returns the height of the board above the mat at any point
 */
export function restingBoard(
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  tops: readonly Top[],
): RestingBoard {
  // A hair beside the middle, so that it never lies exactly on the line between two tops.
  const middle = { x: widthMm * 0.5003, y: heightMm * 0.4996 };
  const [a, b, c, d] = [
    { x: 0, y: 0, heightMm: 0 },
    { x: widthMm, y: 0, heightMm: 0 },
    { x: widthMm, y: heightMm, heightMm: 0 },
    { x: 0, y: heightMm, heightMm: 0 },
  ] as const;
  const all: Top[] = [a, b, c, d, ...tops];
  let feet: Triple = [a, b, d];
  if (!weightsAt(middle, feet).every((weight) => weight >= 0)) feet = [b, c, d];
  // Each exchange raises the board's middle; there are finitely many triples.
  for (let exchange = 0; exchange < 50 + all.length; exchange += 1) {
    const plane = planeThrough(feet);
    let deepest: Top | undefined;
    let depth = 1e-9;
    for (const top of all) {
      const into = top.heightMm - plane(top);
      if (into > depth) {
        depth = into;
        deepest = top;
      }
    }
    if (!deepest) return plane;
    feet = exchanged(feet, deepest, middle);
  }
  return planeThrough(feet);
}

type Triple = readonly [Top, Top, Top];

/** The triple with one foot given up for another, so that the middle stays between the three. */
function exchanged(feet: Triple, coming: Top, middle: Point): Triple {
  const candidates: Triple[] = [
    [coming, feet[1], feet[2]],
    [feet[0], coming, feet[2]],
    [feet[0], feet[1], coming],
  ];
  // Of those that hold the middle, the one that holds it best: the others may be flat.
  return candidates
    .map((triple) => ({ triple, least: Math.min(...weightsAt(middle, triple)) }))
    .reduce((best, one) => (one.least > best.least ? one : best)).triple;
}

/** How the weight at a point is shared between three feet (barycentric coordinates); not a number where they are in line. */
function weightsAt(at: Point, [a, b, c]: Triple): [number, number, number] {
  const area = (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
  if (Math.abs(area) < 1e-9) return [-Infinity, -Infinity, -Infinity];
  const onB = ((at.x - a.x) * (c.y - a.y) - (c.x - a.x) * (at.y - a.y)) / area;
  const onC = ((b.x - a.x) * (at.y - a.y) - (at.x - a.x) * (b.y - a.y)) / area;
  return [1 - onB - onC, onB, onC];
}

function planeThrough([a, b, c]: Triple): RestingBoard {
  const area = (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
  const [riseB, riseC] = [b.heightMm - a.heightMm, c.heightMm - a.heightMm];
  const alongX = (riseB * (c.y - a.y) - riseC * (b.y - a.y)) / area;
  const alongY = (riseC * (b.x - a.x) - riseB * (c.x - a.x)) / area;
  return ({ x, y }) => a.heightMm + alongX * (x - a.x) + alongY * (y - a.y);
}
