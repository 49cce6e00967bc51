import type { Side } from '../../../board/board.ts';
import { distanceToShape } from '../../../board/distance.ts';
import { hasBody, type Standing } from '../../../board/standing.ts';
import type { Access } from '../../settings.ts';
import type { HardRule } from '../rule.ts';
import { pairsOfNodes } from './byPlace.ts';

/** A pad beside a tall neighbour that leaves the iron no room is soldered before the neighbour comes (common practice). */
export const ironAccess: HardRule = {
  id: 'iron-access',
  pairs: (nodes, { standing, access }) => pairsOfNodes(nodes, inTheWay(standing, access)),
  words: {
    before: 'Its joints lie so close to {{others}} that the iron would not get in afterwards.',
    after: 'It stands so close to {{others}} that the iron would not get at those joints any more.',
    says: 'A pad is soldered before a tall neighbour takes away the room for the iron.',
    wayOut: 'Move one of the two on the Board page, or allow a narrower iron in the settings.',
  },
};

/** The side on which a part's pads are soldered: where it stands, or the other one for leads through the board. */
export const solderSide = ({ mount, side }: Pick<Standing, 'mount' | 'side'>): Side =>
  mount === 'surface' ? side : side === 'top' ? 'bottom' : 'top';

function* inTheWay(standing: readonly Standing[], { coneDegrees, clearanceMm }: Access) {
  const slope = Math.tan((coneDegrees * Math.PI) / 180);
  for (const tall of standing) {
    if (!hasBody(tall) || tall.role === 'chip') continue;
    for (const low of standing) {
      // On one side only a taller neighbour is in the way: the lower one stands below the tip.
      const isTaller = low.mount === 'surface' ? tall.heightMm > low.heightMm : true;
      if (low === tall || solderSide(low) !== tall.side || !isTaller) continue;
      const room = clearanceMm + tall.heightMm * slope;
      const close = low.pads.some(({ xMm, yMm, widthMm, heightMm }) => {
        const reach = room + Math.max(widthMm, heightMm) / 2;
        const toMiddle = Math.hypot(xMm - tall.middle.x, yMm - tall.middle.y);
        // Far from the body as a whole is far from all of it.
        if (toMiddle - tall.reachMm >= reach) return false;
        return distanceToShape({ x: xMm, y: yMm }, tall.body) < reach;
      });
      if (close) yield [low, tall] as const;
    }
  }
}
