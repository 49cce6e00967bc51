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
 */
export function fitOf(text: string, page: Grey, box: Box): Fit {
  const signs = [...text.replace(/\s+/g, '')];
  const ink = signsIn(page, box);
  if (signs.length === 0 || ink.length !== signs.length) return 'unknown';
  const differs = signs.some((sign, index) => {
    const counts = countsOf.get(sign);
    return counts !== undefined && !counts.includes(holesIn(page, ink[index] as Box));
  });
  return differs ? 'differs' : 'fits';
}
