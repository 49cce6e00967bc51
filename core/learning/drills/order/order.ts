import type { Drill, DrillWords } from '../drill.ts';
import { whatFirst } from './whatFirst.ts';

const words: DrillWords = {
  name: 'What comes first',
  aim: 'Put the steps of a board in an order that does not get in its own way.',
  first: {
    ask: 'Put these steps of a made-up board in order. The style is: {{style}}.',
    'ask-own': 'Put these steps of your kit in order. It is soldered in the style: {{style}}.',
    stack: '{{first}}, and what that leaves open: {{next}}',
    card: '{{number}}: {{says}} {{places}}',
    'by-rule': '“{{before}}” comes before “{{after}}”. {{rule}}',
    'by-style': '“{{before}}” comes before “{{after}}” in this style.',
    counted: '{{right}} of {{all}} pairs that matter are in order.',
    solution: 'One order that works: {{steps}}.',
    told: '“{{before}}” before “{{after}}”',
    'told-right': 'in order',
    'item-style': 'order: {{what}}',
    'item-rule': 'rule: {{what}}',
    up: 'Earlier',
    down: 'Later',
    list: 'Steps, the first on top',
    hint: 'Drag a step, or take it with space and move it with the arrow keys.',
  },
  item: {
    'lowest-first': 'lowest first',
    'toughest-first': 'toughest first',
    'anchors-first': 'anchors first',
    'socket-before-chip': 'the socket before its chip',
    'chips-after-supply': 'chips after the supply is checked',
    'holder-tried-first': 'the holder tried first',
    'look-before-measuring': 'looking before measuring',
    'resistance-before-power': 'the resistance before the first power',
    'links-first': 'links first',
  },
};

/** Soldering order, by the rules and styles of core/order. */
export const order: Drill = { id: 'order', kinds: [whatFirst], words };
