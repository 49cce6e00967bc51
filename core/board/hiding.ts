import { distanceToShape } from './distance.ts';
import { overlap } from './layout.ts';
import { hasBody, type Standing } from './standing.ts';

/** Of two parts the one that is hidden, and the one that hides it. */
export type Hidden = readonly [hidden: Standing, by: Standing];

/** Whose joints lie under whose body, on the side of that body. */
export function* hiddenJoints(standing: readonly Standing[]): Generator<Hidden> {
  for (const cover of standing) {
    if (!hasBody(cover)) continue;
    for (const hidden of standing) {
      if (hidden === cover || isOneSpot(hidden, cover)) continue;
      const lies = hidden.pads.some(
        ({ xMm, yMm, side }) =>
          (side === 'both' || side === cover.side) &&
          Math.hypot(xMm - cover.middle.x, yMm - cover.middle.y) <= cover.reachMm &&
          distanceToShape({ x: xMm, y: yMm }, cover.body) === 0,
      );
      if (lies) yield [hidden, cover] as const;
    }
  }
}

/** A chip and its socket. */
const isOneSpot = (a: Standing, b: Standing) =>
  [a.role, b.role].includes('chip') && [a.role, b.role].includes('socket');

/** Which body lies under which taller one. */
export function* hiddenBodies(standing: readonly Standing[]): Generator<Hidden> {
  const bodies = standing.filter((one) => hasBody(one) && one.role !== 'chip');
  for (const low of bodies) {
    for (const high of bodies) {
      if (low.side !== high.side || low.heightMm >= high.heightMm) continue;
      if (isFar(low, high)) continue;
      if (overlap(low.body, high.body)) yield [low, high] as const;
    }
  }
}

/** Told without looking at their outlines: of a hundred bodies nearly all pairs are. */
const isFar = (a: Standing, b: Standing) =>
  Math.hypot(a.middle.x - b.middle.x, a.middle.y - b.middle.y) > a.reachMm + b.reachMm;
