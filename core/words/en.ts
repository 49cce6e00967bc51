/**
 * The English catalogue of the trade: everything that a step, a part or a mistake says to a learner. It is put
 * together from the definition records, so that a new family, check, rule or mistake brings its own words; another
 * language is an object of the same shape.
 */
import { bandColourNames } from '../bands/colours.ts';
import { mistakes } from '../learning/mistakes.ts';
import { checks } from '../order/checks.ts';
import { hardRules } from '../order/hardRules.ts';
import { families } from '../parts/families/index.ts';

const keyed = <Item extends { readonly id: string; readonly words: object }>(
  items: readonly Item[],
) => Object.fromEntries(items.map(({ id, words }) => [id, words]));

export const english = {
  family: keyed(families),
  mistake: keyed(mistakes),
  rule: keyed(hardRules),
  check: Object.fromEntries(Object.entries(checks).map(([id, { words }]) => [id, words])),
  band: Object.fromEntries(bandColourNames.map((name) => [name, name])),
  colour: {
    red: 'red',
    yellow: 'yellow',
    green: 'green',
    blue: 'blue',
    white: 'white',
    orange: 'orange',
  },
  reason: {
    lowest:
      'At {{height}} mm above the board nothing that is left lies lower; {{next}} at {{nextHeight}} mm would hold the board up.',
    tallest:
      'It stands {{height}} mm high, the tallest of all, so it comes after everything lower.',
    'same-height':
      'Just as low as {{before}}, {{height}} mm, but another value: one value at a time, so that they are not mixed up.',
    'same-height-other': 'Just as low as {{before}}, {{height}} mm: either could come first.',
    'off-board':
      'Wires hang off the board and pull at it when it is turned, so they come when the parts are in.',
  },
  step: {
    solder: 'Solder the {{what}}',
    insert: 'Put in the {{what}}',
    fasten: 'Tighten the {{what}}',
    power: 'Put in the {{what}}',
    joints_one: '{{count}} joint',
    joints_other: '{{count}} joints',
    pieces_one: '{{count}} piece',
    pieces_other: '{{count}} pieces',
    minutes: '{{minutes}} min',
    and: 'and',
    note: {
      volt: 'The supply of this kit is {{volt}} V.',
      'chips-out_one': '{{chips}} is not in its socket yet.',
      'chips-out_other': '{{chips}} are not in their sockets yet.',
      'no-cells': 'No cells in the holder.',
      'cells-out-again':
        'Use the bench supply with its current limit, or put the cells in for this check only and take them out again.',
    },
  },
};
