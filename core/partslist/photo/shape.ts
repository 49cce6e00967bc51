import { holesIn, signsIn } from '../../picture/holes.ts';
import type { Box, Grey } from '../../picture/raster.ts';

/** Signs by how many holes they have, in the faces of print; some have one more in some faces (a 0 with a stroke). */
const holes: readonly (readonly [signs: string, counts: readonly number[]])[] = [
  ['ADOPRabdeopq69Ø', [1]],
  ['0', [1, 2]],
  ['Q', [1, 2]],
  ['4', [0, 1]],
  ['g', [1, 2]],
  ['B8', [2]],
  ['CEFGHIJKLMNSTUVWXYZcfhijklmnrstuvwxyz12357ΩµμIl|,.-+()/', [0]],
];
const countsOf = new Map(
  holes.flatMap(([signs, counts]) => [...signs].map((sign) => [sign, counts])),
);

/** Whether ink can be a text: the same number of signs, each with the holes that it must have. */
export type Fit = 'fits' | 'differs' | 'unknown';

/**
 * A look at the ink that knows nothing of letters: it tells a 0 from an Ω and a p from a µ, which readers of print
 * take for each other.
 *
 * @returns whether the ink in the box can be a text
 */
export function shapeOf(page: Grey, box: Box): (text: string) => Fit {
  const ink = signsIn(page, box).map((sign) => holesIn(page, sign));
  return (text) => {
    const signs = [...text.replace(/\s+/g, '')];
    if (signs.length === 0 || ink.length === 0) return 'unknown';
    const differs = (sign: string, found: number | undefined) =>
      found !== undefined && countsOf.get(sign)?.includes(found) === false;
    if (ink.length === signs.length) {
      return signs.some((sign, index) => differs(sign, ink[index])) ? 'differs' : 'fits';
    }
    // Where signs touch, the last one still tells whether it is closed: an Ω is not.
    const isOpen = ink.at(-1) === 0;
    return isOpen && differs(signs.at(-1) ?? '', 0) ? 'differs' : 'unknown';
  };
}
