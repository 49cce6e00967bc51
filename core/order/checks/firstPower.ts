import { inkLine, inkWord } from '../../parts/drawing/pictogram.ts';
import type { HardRule } from '../rules/rule.ts';
import { eachPair } from '../rules/rule.ts';
import type { CheckStep } from '../step.ts';
import { type CheckDefinition, type CheckNote, chipsOut, type Judged } from './definition.ts';
import { roundedOut } from './limits.ts';
import { sameBlockPairs } from './pairs.ts';

/** Of a board whose parts nobody has added up: small kits take some tens of milliamperes (common practice). */
const usualMilliampere = 100;
/** Worked out from the circuit, else estimated from the parts. */
const mostOf = ({ shows, mostMilliampere = usualMilliampere }: Judged) =>
  shows?.limitMilliampere ?? mostMilliampere;
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

function currentNotes({ shows, mostMilliampere }: CheckStep): CheckNote[] {
  if (shows?.milliampere && shows.limitMilliampere !== undefined) {
    return [
      { kind: 'current-limit', most: shows.limitMilliampere },
      { kind: 'good-boards', unit: 'milliampere', range: roundedOut(shows.milliampere) },
    ];
  }
  return mostMilliampere === undefined ? [] : [{ kind: 'most-milliampere', most: mostMilliampere }];
}

export const firstPower: CheckDefinition<'first-power'> = {
  id: 'first-power',
  minutes: 4,
  appliesTo: (work, hasSupply) => hasSupply && work.some(({ kind }) => kind === 'solder'),
  perBlock: 'always',
  stands: 'early',
  isLive: true,
  provesSupply: true,
  form: {
    unit: 'milliampere',
    limits: (step) => ({ most: mostOf(step) }),
    judge: (milliampere, step) => {
      const { chipsOut: chips, blocks } = step;
      if (milliampere > mostOf(step)) return 'too-much';
      // With its chips out, or half of it still missing, a board may well take nothing.
      const complete = chips.length === 0 && blocks.length === 0;
      return milliampere < leastMilliampere && complete ? 'no-current' : 'right';
    },
  },
  notes: (step) => {
    const volt: CheckNote[] =
      step.supplyVolt === null ? [] : [{ kind: 'volt', volt: step.supplyVolt }];
    return {
      before: [...chipsOut(step), ...volt, ...currentNotes(step)],
      after: step.hasBattery ? [{ kind: 'cells-out-again' }] : [],
    };
  },
  rules: [resistanceBeforePower, chipsAfterSupply],
  words: {
    name: 'First power',
    how: [
      'Put the iron in its stand. Glasses on, face away from the board.',
      'Connect the supply and look at the current.',
    ],
    expect: 'The supply shows its voltage on the board, and nothing gets warm or smells.',
    otherwise:
      'Disconnect at once. Too much current, no current or a hot part means something is wrong: ask for help.',
    why: 'The resistance was right, so the board may have power; with a current limit, a mistake stays harmless.',
  },
  pictogram: [inkLine('M13 2L6 13H11L10 22L18 10H13Z'), inkWord('mA', 20, 21, 3.4)],
};
