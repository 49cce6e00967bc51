import type { CheckNode, OrderNode } from '../node.ts';
import { placesOf } from '../node.ts';
import type { CheckId } from '../step.ts';
import type { HardRule, Pair } from './rule.ts';

const checksOf = (nodes: readonly OrderNode[], check: CheckId) =>
  nodes.filter((node): node is CheckNode => node.kind === 'check' && node.check === check);

const isWhole = ({ blocks }: CheckNode) => blocks.length === 0;

const sameBlocks = (a: CheckNode, b: CheckNode) => a.blocks.join('\n') === b.blocks.join('\n');

const soldered = (nodes: readonly OrderNode[]) => nodes.filter(({ kind }) => kind === 'solder');

/** A check of one block after the same block's check of another kind. */
const sameBlockPairs =
  (first: CheckId, then: CheckId): HardRule['pairs'] =>
  (nodes) =>
    checksOf(nodes, first).flatMap((early) =>
      checksOf(nodes, then)
        .filter((late) => sameBlocks(early, late))
        .map((late): Pair => [early, late]),
    );

/** Where the checks stand (common practice): each at the earliest moment that its block can be tested. */
export const gateRules: readonly HardRule[] = [
  {
    id: 'all-soldered-before-look',
    pairs: (nodes, { blocks }) => {
      const inBlock = new Map(blocks.map(({ name, places }) => [name, new Set(places)]));
      return checksOf(nodes, 'look').flatMap((look) =>
        soldered(nodes)
          .filter(
            (node) =>
              isWhole(look) ||
              placesOf(node).some((place) => look.blocks.some((b) => inBlock.get(b)?.has(place))),
          )
          .map((node): Pair => [node, look]),
      );
    },
    words: {
      after: 'Every joint is made.',
      says: 'Joints are looked at when all of the block are made.',
      wayOut: 'Look when the joints of the block are made.',
    },
  },
  {
    id: 'look-before-measuring',
    pairs: sameBlockPairs('look', 'supply-resistance'),
    words: {
      after: 'The joints have been looked at.',
      says: 'Look for bridges before measuring.',
      wayOut: 'Look first.',
    },
  },
  {
    // Without the parts that bring the supply in there is nothing to measure across.
    id: 'supply-before-measuring',
    pairs: (nodes, { blocks: [supply] }) => {
      const places = new Set(supply?.places);
      return checksOf(nodes, 'supply-resistance')
        .filter((check) => !isWhole(check))
        .flatMap((check) =>
          soldered(nodes)
            .filter((node) => placesOf(node).some((place) => places.has(place)))
            .map((node): Pair => [node, check]),
        );
    },
    words: {
      after: 'The parts that bring the supply in are there.',
      says: 'A block is measured when the parts that bring the supply in are there.',
      wayOut: 'Solder the supply block first.',
    },
  },
  {
    id: 'resistance-before-power',
    pairs: sameBlockPairs('supply-resistance', 'first-power'),
    words: {
      after: 'There is no short circuit from supply to ground.',
      says: 'Measure from supply to ground before the power.',
      wayOut: 'Measure first.',
    },
  },
  {
    id: 'power-before-function',
    pairs: sameBlockPairs('first-power', 'function'),
    words: {
      after: 'The supply of this block is right.',
      says: 'A block is tried when its supply is right.',
      wayOut: 'Power first.',
    },
  },
  {
    id: 'function-last',
    pairs: (nodes) =>
      checksOf(nodes, 'function')
        .filter(isWhole)
        .flatMap((last) => nodes.filter((node) => node !== last).map((node): Pair => [node, last])),
    words: {
      after: 'Everything is in.',
      says: 'The board is tried when everything is in.',
      wayOut: 'Try it last.',
    },
  },
];
