import { isScrewedToSink } from '../../parts/body.ts';
import { familyOf } from '../../parts/families/index.ts';
import type { OrderRole } from '../../parts/family.ts';
import { holdsFuses } from '../../parts/goesInto.ts';
import { checkOf } from '../checks/index.ts';
import { isWhole } from '../checks/pairs.ts';
import { type OrderNode, placesOf } from '../node.ts';
import { eachPair, type HardRule, type Pair } from './rule.ts';

const isRole =
  (...roles: string[]) =>
  (node: OrderNode) =>
    node.kind !== 'check' && roles.includes(node.role);
const provesSupply = (node: OrderNode) => node.kind === 'check' && checkOf(node.check).provesSupply;
/** Looked at or measured as a whole, before the first power or after it. */
const looksAtWhole = (node: OrderNode) =>
  node.kind === 'check' && isWhole(node) && checkOf(node.check).stands === 'early';
/** Has bare metal that a heat sink can be screwed to. */
const isOnTab = (node: OrderNode) =>
  node.kind === 'solder' && node.parts.some((part) => isScrewedToSink(familyOf(part).body));
const isSoldered = (node: OrderNode) => node.kind === 'solder';

export const linksFirst: HardRule = {
  id: 'links-first',
  pairs: eachPair(isRole('link'), (node) => isSoldered(node) && !isRole('link')(node)),
  enoughToPutInFirst: true,
  words: {
    before:
      'A wire link lies flat on the board, and other parts may go over it. So it comes before {{others}}.',
    after: 'It may lie over a wire link, so {{others}} comes first.',
    says: 'Wire links come before what may lie over them.',
    wayOut: 'Take the link off the list, or say that it is an off-board wire.',
  },
};

export const socketBeforeChip: HardRule = {
  id: 'socket-before-chip',
  pairs: eachPair(isRole('socket'), (node) => node.kind === 'insert'),
  words: {
    before: 'The chip goes into its socket, so the socket is soldered first, empty.',
    after: 'It goes into the socket, so the socket comes first.',
    says: 'A socket comes before its chip.',
    wayOut: 'See whether the chip has a socket at all.',
  },
};

/** Pairs of what holds parts, and the parts it holds; all that is soldered where nobody said which. */
const heldPairs =
  (role: OrderRole, order: (fixing: OrderNode, held: OrderNode) => Pair): HardRule['pairs'] =>
  (nodes) =>
    nodes
      .filter((node) => node.kind !== 'check' && node.role === role)
      .flatMap((fixing) =>
        nodes
          .filter((node) => isSoldered(node) && isHeldBy(fixing, node))
          .map((held) => order(fixing, held)),
      );

function isHeldBy(fixing: OrderNode, node: OrderNode): boolean {
  if (fixing.kind === 'check') return false;
  // A screw that nothing tells of is no reason to screw everything first; glue waits for everything.
  if (!fixing.holds) return fixing.role === 'tie';
  return placesOf(node).some((place) => fixing.holds?.includes(place));
}

/** The rules that what a part is for decides, wherever it stands on the board (common practice). */
export const roleRules: readonly HardRule[] = [
  linksFirst,
  socketBeforeChip,
  {
    id: 'clips-before-fuse',
    pairs: eachPair(
      (node) => node.kind === 'solder' && node.parts.some(holdsFuses),
      isRole('in-holder'),
    ),
    words: {
      before: 'The fuse goes in when its clips are soldered: hot solder would melt it.',
      after: 'Its clips are soldered, so it is pushed in cold.',
      says: 'The clips come before their fuse.',
      wayOut: 'Solder the clips first.',
    },
  },
  {
    id: 'fuse-before-power',
    pairs: eachPair(isRole('in-holder'), (node) => provesSupply(node) || looksAtWhole(node)),
    words: {
      before: 'Without its fuse nothing gets any power, so it is in before the supply is measured.',
      after: 'The fuse is in, so the supply reaches the board.',
      says: 'The fuse is in before the supply is measured.',
      wayOut: 'Put it in first.',
    },
  },
  {
    id: 'screws-before-solder',
    pairs: heldPairs('screw', (fixing, held) => [fixing, held]),
    words: {
      before:
        'The screws pull {{others}} down flat. Tightened after soldering they would tear at the joints.',
      after: 'It is held by its screws now, so its joints bear no force.',
      says: 'The screws of a part come before its solder.',
      wayOut: 'Screw it down first.',
    },
  },
  {
    id: 'ties-after-solder',
    pairs: heldPairs('tie', (tie, held) => [held, tie]),
    words: {
      after:
        'Glue and ties get in the way of the iron, and melt: they come when what they hold is soldered.',
      says: 'What is tied or stuck comes after the solder of what it holds.',
      wayOut: 'Solder the part first.',
    },
  },
  {
    id: 'sink-before-its-part',
    pairs: eachPair(isRole('heat-sink'), isOnTab),
    words: {
      before:
        'It is screwed to {{others}} before that is soldered: screwed on later it would pull at the joints.',
      after: 'It is screwed to its heat sink, so its joints bear no force.',
      says: 'A heat sink is screwed on before its part is soldered.',
      wayOut: 'Screw it on first.',
    },
  },
  {
    id: 'sink-before-power',
    pairs: eachPair(isRole('heat-sink'), provesSupply),
    words: {
      before:
        'What it cools can burn out within seconds without it, so it is on before the first power.',
      after: 'What gets hot has its heat sink now.',
      says: 'A heat sink is on before the first power.',
      wayOut: 'Put it on first.',
    },
  },
  {
    id: 'feet-last',
    pairs: eachPair(
      (node) =>
        isSoldered(node) || (node.kind === 'fasten' && !isRole('foot', 'unplaced', 'case')(node)),
      isRole('foot'),
    ),
    words: {
      after: 'The feet go on when all is soldered, so that the board lies flat until then.',
      says: 'Stand-offs and their screws are feet: they go on last.',
      wayOut: 'Put them on at the end.',
    },
  },
  {
    id: 'unplaced-last',
    pairs: eachPair((node) => !isRole('unplaced', 'case')(node), isRole('unplaced')),
    words: {
      after:
        'Nobody has said what this is or where it goes, so it comes last. Move it to where it belongs.',
      says: 'What nobody has identified comes last.',
      wayOut: 'Say what it is, or move it to the end.',
    },
  },
  {
    id: 'case-last',
    pairs: eachPair((node) => !isRole('case')(node), isRole('case')),
    words: {
      after:
        'The case is closed when everything works: what is wrong is still in reach until then.',
      says: 'The case comes last.',
      wayOut: 'Close the case at the end.',
    },
  },
  {
    id: 'battery-last',
    pairs: eachPair(
      (node) =>
        node.kind === 'solder' ||
        node.kind === 'insert' ||
        (node.kind === 'fasten' && !isRole('unplaced', 'case')(node)) ||
        provesSupply(node),
      isRole('battery'),
    ),
    words: {
      after:
        'Nobody solders on a board with a battery in it, so the cells come when all else is done.',
      says: 'Nobody solders on a board with a battery in.',
      wayOut: 'Leave the battery out.',
    },
  },
];
