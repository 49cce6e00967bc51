import { hasBody, type Standing } from '../../../board/standing.ts';
import type { HardRule } from '../rule.ts';
import { pairsOfNodes } from './byPlace.ts';

/** As close as this a neighbour shuts a part in, in mm (common practice: about the width of a tip). */
const nearMm = 3;

/** The surface part in the middle goes before those that surround it (common practice). */
export const middleFirst: HardRule = {
  id: 'middle-first',
  pairs: (nodes, { standing }) => pairsOfNodes(nodes, surrounding(standing)),
  words: {
    before: 'It lies in the middle of {{others}}: once those are in, nothing gets at it any more.',
    after: 'It shuts in {{others}}, so the one in the middle comes first.',
    says: 'The part in the middle goes before what surrounds it.',
    wayOut: 'Leave more room between them on the Board page.',
  },
};

function* surrounding(standing: readonly Standing[]) {
  const surface = standing.filter((one) => hasBody(one) && one.mount === 'surface');
  const rings = new Map(surface.map((one) => [one, ringOf(one, surface)]));
  for (const [middle, ring] of rings) {
    for (const outer of ring ?? []) {
      // In a dense field everything surrounds everything: only what is free itself waits.
      if (rings.get(outer) === undefined) yield [middle, outer] as const;
    }
  }
}

/** The neighbours of a part, if there are some on all four sides; undefined where one side is open. */
function ringOf(middle: Standing, others: readonly Standing[]): Standing[] | undefined {
  const sides: Record<'left' | 'right' | 'above' | 'below', Standing[]> = {
    left: [],
    right: [],
    above: [],
    below: [],
  };
  const own = boxOf(middle);
  for (const other of others) {
    if (other === middle || other.side !== middle.side) continue;
    const box = boxOf(other);
    const sameRow = box.bottom < own.top && box.top > own.bottom;
    const sameColumn = box.left < own.right && box.right > own.left;
    if (sameRow && between(own.left - box.right)) sides.left.push(other);
    if (sameRow && between(box.left - own.right)) sides.right.push(other);
    if (sameColumn && between(own.bottom - box.top)) sides.below.push(other);
    if (sameColumn && between(box.bottom - own.top)) sides.above.push(other);
  }
  const all = Object.values(sides);
  return all.every((side) => side.length > 0) ? all.flat() : undefined;
}

const between = (gapMm: number) => gapMm >= 0 && gapMm <= nearMm;

function boxOf({ body }: Standing) {
  const [xs, ys] = [body.map(({ x }) => x), body.map(({ y }) => y)];
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    bottom: Math.min(...ys),
    top: Math.max(...ys),
  };
}
