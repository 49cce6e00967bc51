import { chipsAfterSupply, resistanceBeforePower } from '../../../order/checks/firstPower.ts';
import { lookBeforeMeasuring } from '../../../order/checks/supplyResistance.ts';
import { holderTriedFirst } from '../../../order/checks/tryHolder.ts';
import { linksFirst, socketBeforeChip } from '../../../order/rules/roles.ts';
import { anchorsFirst } from '../../../order/styles/anchorsFirst.ts';
import { lowestFirst } from '../../../order/styles/lowestFirst.ts';
import { toughestFirst } from '../../../order/styles/toughestFirst.ts';
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
    [lowestFirst.id]: 'lowest first',
    [toughestFirst.id]: 'toughest first',
    [anchorsFirst.id]: 'anchors first',
    [socketBeforeChip.id]: 'the socket before its chip',
    [chipsAfterSupply.id]: 'chips after the supply is checked',
    [holderTriedFirst.id]: 'the holder tried first',
    [lookBeforeMeasuring.id]: 'looking before measuring',
    [resistanceBeforePower.id]: 'the resistance before the first power',
    [linksFirst.id]: 'links first',
  },
};

/** Soldering order, by the rules and styles of core/order. */
export const order: Drill = { id: 'order', kinds: [whatFirst], words };
