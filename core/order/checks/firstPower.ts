import { inkLine, inkWord } from '../../parts/drawing/pictogram.ts';
import type { HardRule } from '../rules/rule.ts';
import { eachPair } from '../rules/rule.ts';
import { type CheckDefinition, type CheckNote, chipsOut } from './definition.ts';
import { sameBlockPairs } from './pairs.ts';

/** Small kits take some tens of milliamperes (common practice); with this much something is wrong. */
const mostMilliampere = 100;
/** Less is what a bench supply shows with nothing connected. */
const leastMilliampere = 0.1;

export const resistanceBeforePower: HardRule = {
  id: 'resistance-before-power',
  pairs: sameBlockPairs('supply-resistance', 'first-power'),
  words: {
    after: 'There is no short circuit from supply to ground.',
    says: 'Measure from supply to ground before the power.',
    wayOut: 'Measure first.',
  },
};

export const chipsAfterSupply: HardRule = {
  id: 'chips-after-supply',
  pairs: eachPair(
    (node) => node.kind === 'check' && node.check === 'first-power',
    (node) => node.kind === 'insert',
  ),
  words: {
    after:
      'The chip stays out of its socket until the supply has been checked: a wrong voltage would destroy it.',
    says: 'Chips stay out of their sockets until the supply has been checked.',
    wayOut: 'Check the supply first.',
  },
};

export const firstPower: CheckDefinition<'first-power'> = {
  id: 'first-power',
  minutes: 4,
  appliesTo: (work) => work.some(({ kind }) => kind === 'solder'),
  perBlock: 'always',
  stands: 'early',
  isLive: true,
  provesSupply: true,
  form: {
    unit: 'milliampere',
    limits: { most: mostMilliampere },
    judge: (milliampere, { chipsOut: chips, blocks }) => {
      if (milliampere > mostMilliampere) return 'too-much';
      // With its chips out, or half of it still missing, a board may well take nothing.
      const complete = chips.length === 0 && blocks.length === 0;
      return milliampere < leastMilliampere && complete ? 'no-current' : 'right';
    },
  },
  notes: (step) => {
    const volt: CheckNote[] =
      step.supplyVolt === null ? [] : [{ kind: 'volt', volt: step.supplyVolt }];
    return {
      before: [...chipsOut(step), ...volt],
      after: step.hasBattery ? [{ kind: 'cells-out-again' }] : [],
    };
  },
  rules: [resistanceBeforePower, chipsAfterSupply],
  words: {
    name: 'First power',
    how: [
      'Eyes off the parts, iron in its stand.',
      'Connect the supply and look at the current: a small kit takes some tens of milliamperes at most.',
    ],
    expect: 'The supply shows its voltage on the board, and nothing gets warm or smells.',
    otherwise:
      'Disconnect at once. Much current, none at all or a hot part is a finding: ask for help.',
    why: 'The resistance was right, so the board may have power; with a current limit, a mistake stays harmless.',
  },
  pictogram: [inkLine('M13 2L6 13H11L10 22L18 10H13Z'), inkWord('mA', 20, 21, 3.4)],
};
