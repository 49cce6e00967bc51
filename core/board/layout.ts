import { bodyLengthMm } from '../parts/body.ts';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import { mountOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import { type Board, type Placement, pitchMm } from './board.ts';
import { distanceToBoard, shapesOf } from './boardShape.ts';
import { footprintOf } from './footprint.ts';
import { nearestHole } from './holes.ts';
import { padsOf } from './pads.ts';
import { onBoard, type Point } from './transform.ts';

/** Something about a layout that cannot be, or should be looked at. */
export interface LayoutProblem {
  readonly kind: 'not-placed' | 'outside' | 'pads-touch' | 'bodies-overlap' | 'beside-hole';
  readonly places: readonly string[];
}

/** The corners of a placed part, seen from the component side: body and leads. */
export function cornersOf(placement: Placement, part: Part): Point[] {
  const { widthMm, heightMm } = footprintOf(part, placement.spanMm);
  const [x, y] = [widthMm / 2, heightMm / 2];
  return [
    { x: -x, y: -y },
    { x, y: -y },
    { x, y },
    { x: -x, y },
  ].map((corner) => onBoard(placement, corner));
}

/** Places of the list that should have a spot on the board and have none yet. */
export const unplacedOf = (
  board: Pick<Board, 'placements' | 'nowhere'>,
  parts: ReadonlyMap<string, Part>,
): string[] =>
  [...parts]
    .filter(
      ([place, part]) =>
        needsPlace(part) &&
        !board.placements.some((one) => one.place === place) &&
        !board.nowhere?.includes(place),
    )
    .map(([place]) => place);

/** Whether a part has a spot on the board at all: cells, screws and the board itself have none. */
export const needsPlace = (part: Part): boolean =>
  mountOf(part) !== 'none' && part.supply !== 'spare' && part.designators.length > 0;

// A body that is let over the edge on purpose: jacks and terminals whose openings look outwards.
const overEdgeMm = 3;
/** Bodies may touch; this much they may overlap by rounding. */
const slackMm = 0.15;

/** What is wrong with a layout: parts without a spot, over the edge, on top of one another, beside the holes. */
export function layoutProblems(board: Board, parts: ReadonlyMap<string, Part>): LayoutProblem[] {
  const placed = board.placements.flatMap((placement) => {
    const part = parts.get(placement.place);
    return part ? [{ placement, part, corners: cornersOf(placement, part) }] : [];
  });
  const problems: LayoutProblem[] = [];
  const missing = unplacedOf(board, parts);
  if (missing.length > 0) problems.push({ kind: 'not-placed', places: missing });
  const shapes = shapesOf(board);
  for (const { placement, corners } of placed) {
    const isOut = corners.some((corner) =>
      shapes.every((shape) => distanceToBoard(shape, corner) > overEdgeMm),
    );
    if (isOut) problems.push({ kind: 'outside', places: [placement.place] });
  }
  const pads = padsOf(board, parts);
  const touching = new Set<string>();
  for (const [index, a] of pads.entries()) {
    for (const b of pads.slice(index + 1)) {
      if (a.place === b.place || (a.side !== 'both' && b.side !== 'both' && a.side !== b.side))
        continue;
      const reach = (Math.min(a.widthMm, a.heightMm) + Math.min(b.widthMm, b.heightMm)) / 2;
      if (Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm) >= reach - slackMm) continue;
      touching.add([a.place, b.place].sort().join(' '));
    }
  }
  for (const pair of touching) problems.push({ kind: 'pads-touch', places: pair.split(' ') });
  for (const [index, a] of placed.entries()) {
    for (const b of placed.slice(index + 1)) {
      if (a.placement.side !== b.placement.side || isStack(a.part, b.part)) continue;
      if (overlap(bodyCorners(a.placement, a.part), bodyCorners(b.placement, b.part))) {
        problems.push({ kind: 'bodies-overlap', places: [a.placement.place, b.placement.place] });
      }
    }
  }
  if (board.kind !== 'printed') {
    const beside = pads.filter(
      ({ xMm, yMm }) => nearestHole(board, { x: xMm, y: yMm }).offMm > pitchMm / 5,
    );
    for (const place of new Set(beside.map((pad) => pad.place))) {
      problems.push({ kind: 'beside-hole', places: [place] });
    }
  }
  return problems;
}

/** A chip in its socket, and what hangs off the board by wires. */
const isStack = (a: Part, b: Part) => {
  const roles = [familyOf(a).role, familyOf(b).role];
  return (
    (roles.includes('chip') && roles.includes('socket')) ||
    [a, b].some((part) => mountOf(part) === 'off-board' || familyOf(part).role === 'link')
  );
};

/** The corners of the body alone. */
export function bodyCorners(placement: Placement, part: Part): Point[] {
  const body = bodyOf(familyOf(part), part);
  const [x, y] = [bodyLengthMm(body, part) / 2, body.widthMm / 2];
  return [
    { x: -x, y: -y },
    { x, y: -y },
    { x, y },
    { x: -x, y },
  ].map((corner) => onBoard(placement, corner));
}

/** Whether two convex shapes overlap by more than the slack (separating axis theorem). */
export function overlap(a: readonly Point[], b: readonly Point[]): boolean {
  return ![...axesOf(a), ...axesOf(b)].some((axis) => {
    const [lowA, highA] = spanOn(axis, a);
    const [lowB, highB] = spanOn(axis, b);
    return highA - slackMm <= lowB || highB - slackMm <= lowA;
  });
}

const axesOf = (shape: readonly Point[]): Point[] =>
  shape.map((from, index) => {
    const to = shape[(index + 1) % shape.length] ?? from;
    const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    return { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
  });

function spanOn(axis: Point, shape: readonly Point[]): [number, number] {
  const along = shape.map(({ x, y }) => x * axis.x + y * axis.y);
  return [Math.min(...along), Math.max(...along)];
}
