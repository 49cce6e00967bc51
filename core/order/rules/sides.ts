import type { Side } from '../../board/board.ts';
import type { OrderNode, WorkNode } from '../node.ts';
import { piecesOf } from '../node.ts';
import type { HardRule, Pair } from './rule.ts';

/** From here on a part is too tall to work beside with tweezers, in mm (common practice). */
const tallMm = 2;

const stands = (node: OrderNode): node is WorkNode =>
  node.kind === 'solder' && (node.mount === 'through' || node.mount === 'surface');

/** Surface parts of a side before the tall parts of that side (common practice). */
export const surfaceBeforeTall: HardRule = {
  id: 'surface-before-tall',
  pairs: (nodes) =>
    pairsOf(
      nodes,
      ({ mount }) => mount === 'surface',
      (tall, flat) =>
        tall.side === flat.side && tall.heightMm >= tallMm && tall.heightMm > flat.heightMm,
    ),
  words: {
    before:
      'It lies flat on the board: beside {{others}} neither tweezers nor iron would get at it.',
    after: 'It stands tall, so {{others}} on this side came first.',
    says: 'Surface parts of a side come before the tall parts there.',
    wayOut: 'Fit the tall part from the other side, or see whether it is a surface part at all.',
  },
};

/** The side with fewer parts, when the other one is done (common practice). */
export const farSideLast: HardRule = {
  id: 'far-side-last',
  pairs: (nodes) => {
    const standing = nodes.filter(stands);
    const near = nearSide(standing);
    return pairsOf(
      nodes,
      ({ side }) => side === near,
      ({ side }) => side !== near,
    );
  },
  alwaysSaid: true,
  words: {
    after:
      'It sits on the other side of the board, which is begun when the first side is done: till then the board lies flat.',
    says: 'The far side is begun when the near side is done.',
    wayOut: 'Put the parts of this block on one side of the board.',
  },
};

/** The side with more pieces; the component side where both have as many. */
export function nearSide(standing: readonly WorkNode[]): Side {
  const count = (side: Side) =>
    standing.reduce((sum, node) => sum + (node.side === side ? piecesOf(node) : 0), 0);
  return count('bottom') > count('top') ? 'bottom' : 'top';
}

function pairsOf(
  nodes: readonly OrderNode[],
  isFirst: (node: WorkNode) => boolean,
  waits: (late: WorkNode, early: WorkNode) => boolean,
): Pair[] {
  const standing = nodes.filter(stands);
  return standing
    .filter(isFirst)
    .flatMap((early) =>
      standing
        .filter((late) => late !== early && waits(late, early))
        .map((late) => [early, late] as const),
    );
}
