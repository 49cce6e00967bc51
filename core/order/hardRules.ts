import { familyOf } from '../parts/families/index.ts';
import type { OrderNode } from './node.ts';
import type { CheckId } from './step.ts';

/** A rule that holds in every style of building: whatever `before` picks comes before whatever `after` picks. */
export interface HardRule {
  readonly id: string;
  readonly before: (node: OrderNode) => boolean;
  readonly after: (node: OrderNode) => boolean;
  readonly words: {
    /** Why what `before` picks stands this early; `others` are the parts that wait for it. */
    readonly before?: string;
    /** Why what `after` picks stands this late; `others` are the parts it waits for. */
    readonly after: string;
  };
}

const isRole =
  (...roles: string[]) =>
  (node: OrderNode) =>
    node.kind !== 'check' && roles.includes(node.role);
const isCheck = (check: CheckId) => (node: OrderNode) =>
  node.kind === 'check' && node.check === check;
/** Has a metal tab that a heat sink can be screwed to. */
const isOnTab = (node: OrderNode) =>
  node.kind === 'solder' && node.parts.some((part) => familyOf(part).body.shape === 'tab');
const isSoldered = (node: OrderNode) => node.kind === 'solder';

/**
 * The hard rules that need no positions on the board (common practice). Those that geometry decides are added where
 * positions are known.
 */
export const hardRules: readonly HardRule[] = [
  {
    id: 'links-first',
    before: isRole('link'),
    after: (node) => isSoldered(node) && !isRole('link')(node),
    words: {
      before:
        'A wire link lies flat on the board and other parts may have to go over it, so it comes before {{others}}.',
      after: 'It may lie over a wire link, so {{others}} comes first.',
    },
  },
  {
    id: 'socket-before-chip',
    before: isRole('socket'),
    after: (node) => node.kind === 'insert',
    words: {
      before: 'The chip goes into its socket, so the socket is soldered first, empty.',
      after: 'It goes into the socket, so the socket comes first.',
    },
  },
  {
    id: 'holder-tried-first',
    before: isCheck('try-holder'),
    after: isRole('holder', 'screw'),
    words: { after: 'The holder has been tried in its place, so it can be fixed now.' },
  },
  {
    id: 'screws-before-solder',
    before: isRole('screw'),
    after: isRole('holder'),
    words: {
      before:
        'The screws pull {{others}} down flat. Tightened after soldering they would tear at the joints.',
      after: 'It is held by its screws now, so its joints bear no force.',
    },
  },
  {
    id: 'sink-before-its-part',
    before: isRole('heat-sink'),
    after: isOnTab,
    words: {
      before:
        'It is screwed to {{others}} before that is soldered: screwed on later it would pull at the joints.',
      after: 'It is screwed to its heat sink, so its joints bear no force.',
    },
  },
  {
    id: 'all-soldered-before-look',
    before: isSoldered,
    after: isCheck('look'),
    words: { after: 'Every joint is made.' },
  },
  {
    id: 'look-before-measuring',
    before: isCheck('look'),
    after: isCheck('supply-resistance'),
    words: { after: 'The joints have been looked at.' },
  },
  {
    id: 'resistance-before-power',
    before: isCheck('supply-resistance'),
    after: isCheck('first-power'),
    words: { after: 'There is no short circuit from supply to ground.' },
  },
  {
    id: 'chips-after-supply',
    before: isCheck('first-power'),
    after: (node) => node.kind === 'insert',
    words: {
      after:
        'The chip stays out of its socket until the supply has been checked: a wrong voltage would destroy it.',
    },
  },
  {
    id: 'battery-last',
    before: (node) =>
      node.kind === 'solder' ||
      node.kind === 'insert' ||
      node.kind === 'fasten' ||
      isCheck('first-power')(node),
    after: isRole('battery'),
    words: {
      after:
        'Nobody solders on a board with a battery in it, so the cells come when all else is done.',
    },
  },
  {
    id: 'function-last',
    before: (node) => !isCheck('function')(node),
    after: isCheck('function'),
    words: { after: 'Everything is in.' },
  },
];
