import { colourDifference, type Vision } from '../bands/vision.ts';
import { type BodyShape, bodyLengthMm } from '../parts/body.ts';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';

/** Forms that are near each other in the hand, though not the same (common practice). */
const nearShapes: readonly (readonly [BodyShape, BodyShape, number])[] = [
  ['disc', 'drop', 0.8],
  ['disc', 'block', 0.4],
  ['disc', 'crystal-can', 0.4],
  ['block', 'crystal-can', 0.5],
  ['drop', 'block', 0.3],
  ['can', 'round-box', 0.3],
  ['rod', 'wire', 0.2],
];

// Up to here a difference of size is not noticed on the mat; from `tooFar` on nobody takes one for the other.
const near = 1.35;
const tooFar = 2.2;
// CIEDE2000 at which body colours have parted by a factor of e, and how often colour is not looked at at all.
const colourScale = 20;
const colourLapse = 0.12;

/** How alike two bodies are, 0 to 1, by form, size and colour; 0 where nobody would take one for the other. */
export function bodyLikeness(a: Part, b: Part, vision: Vision): number {
  return formLikeness(a, b) * colourLikeness(colourOf(a), colourOf(b), vision);
}

export function formLikeness(a: Part, b: Part): number {
  const one = familyOf(a);
  const two = familyOf(b);
  if (one.mount !== two.mount || one.mount === 'none' || one.mount === 'off-board') return 0;
  // Of what nobody has recognised no body is known.
  if (one.job === 'unknown' || two.job === 'unknown') return 0;
  // Legs are counted at a glance.
  if (a.pins !== undefined && b.pins !== undefined && a.pins !== b.pins) return 0;
  // A chip and its empty socket lie in the hand alike, but nobody fits one for the other.
  if ((one.role === 'socket') !== (two.role === 'socket')) return 0;
  const [bodyA, bodyB] = [bodyOf(one, a), bodyOf(two, b)];
  const shape =
    one.id === two.id && bodyA.shape === bodyB.shape ? 1 : shapeLikeness(bodyA.shape, bodyB.shape);
  if (shape === 0) return 0;
  const ratios = [
    ratio(bodyLengthMm(bodyA, a), bodyLengthMm(bodyB, b)),
    ratio(bodyA.widthMm, bodyB.widthMm),
    ratio(bodyA.heightMm, bodyB.heightMm),
  ];
  return ratios.reduce((product, r) => product * sizeLikeness(r), shape);
}

/** Forms that say little: two kinds of block need not look alike. */
const coarseShapes: ReadonlySet<BodyShape> = new Set(['block', 'round-box', 'flat', 'wire']);
const sameCoarse = 0.25;

function shapeLikeness(a: BodyShape, b: BodyShape): number {
  if (a === b) return coarseShapes.has(a) ? sameCoarse : 1;
  const pair = nearShapes.find(([x, y]) => (x === a && y === b) || (x === b && y === a));
  return pair?.[2] ?? 0;
}

const ratio = (a: number, b: number) => Math.max(a, b) / Math.min(a, b);
const sizeLikeness = (r: number) => (r <= near ? 1 : Math.max(0, (tooFar - r) / (tooFar - near)));

export const colourOf = (part: Part): string => {
  const family = familyOf(part);
  return family.colourOf?.(part) ?? bodyOf(family, part).colour;
};

export const colourLikeness = (a: string, b: string, vision: Vision): number =>
  colourLapse + (1 - colourLapse) * Math.exp(-colourDifference(a, b, vision) / colourScale);
