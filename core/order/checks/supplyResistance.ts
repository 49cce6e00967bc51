import { inkLine, inkWord } from '../../parts/drawing/pictogram.ts';
import type { HardRule, Pair } from '../rules/rule.ts';
import type { CheckStep } from '../step.ts';
import { type CheckDefinition, type CheckNote, chipsOut, type Judged } from './definition.ts';
import { openFromOhm, roundedOut } from './limits.ts';
import { checksOf, hasPlaceIn, isWhole, sameBlockPairs, soldered } from './pairs.ts';

/** About half an ohm from supply to ground is a short circuit (common practice); the probes alone show some tenths. */
const shortOhm = 1;
/** A small kit without cells shows far more than this (common practice). */
const leastOhm = 10;

export const lookBeforeMeasuring: HardRule = {
  id: 'look-before-measuring',
  pairs: sameBlockPairs('look', 'supply-resistance'),
  words: {
    after: 'The joints have been looked at.',
    says: 'Look for bridges before measuring.',
    wayOut: 'Look first.',
  },
};

/** Fingers on the probes and flux on the board are some hundred kilohms: less than that is not asked for. */
const mostAsked = 100_000;

/** Half of what nineteen of twenty good boards show, where that was worked out. */
function leastOf({ shows }: Judged): number {
  if (!shows?.ohm) return leastOhm;
  return (
    roundedOut({ least: Math.min(shows.ohm.least / 2, mostAsked), most: openFromOhm }).least ?? 0
  );
}

function shownNotes({ shows }: CheckStep): CheckNote[] {
  if (!shows?.ohm) return [];
  const { settlesSeconds = 0 } = shows;
  return [
    { kind: 'good-boards', unit: 'ohm', range: roundedOut(shows.ohm) },
    ...(settlesSeconds >= 0.5
      ? [{ kind: 'settles', seconds: Math.ceil(settlesSeconds) } as const]
      : []),
  ];
}

export const supplyResistance: CheckDefinition<'supply-resistance'> = {
  id: 'supply-resistance',
  minutes: 3,
  appliesTo: (work, hasSupply) => hasSupply && work.some(({ kind }) => kind === 'solder'),
  perBlock: 'always',
  stands: 'early',
  isLive: false,
  provesSupply: false,
  form: {
    unit: 'ohm',
    limits: (step) => ({ least: leastOf(step) }),
    judge: (ohm, step) => {
      const least = leastOf(step);
      if (ohm >= least) return 'right';
      if (ohm < Math.min(shortOhm, least)) return 'short';
      return ohm < leastOhm ? 'nearly-short' : 'too-low';
    },
  },
  notes: (step) => ({
    // No cell is in while anything is measured or soldered.
    before: [...chipsOut(step), ...(step.hasBattery ? [{ kind: 'no-cells' } as const] : [])],
    after: shownNotes(step),
  }),
  rules: [
    lookBeforeMeasuring,
    // Without the parts that bring the supply in there is nothing to measure across.
    {
      id: 'supply-before-measuring',
      pairs: (nodes, { blocks: [supply] }) => {
        const places = new Set(supply?.places);
        return checksOf(nodes, 'supply-resistance')
          .filter((check) => !isWhole(check))
          .flatMap((check) =>
            soldered(nodes)
              .filter((node) => hasPlaceIn(node, places))
              .map((node): Pair => [node, check]),
          );
      },
      words: {
        after: 'The parts that bring the supply in are there.',
        says: 'A block is measured when the parts that bring the supply in are there.',
        wayOut: 'Solder the supply block first.',
      },
    },
  ],
  words: {
    name: 'Measure from supply to ground',
    how: [
      'Nothing is connected to the board. Set the meter to ohms, 2 kΩ range.',
      'Red probe on the + of the supply, black probe on the −. Wait until the number is steady.',
    ],
    expect: 'The number climbs or stays well above {{least}} Ω.',
    otherwise: 'About half an ohm is a short circuit: no power. Ask for help.',
    why: 'The first power comes next: a short circuit from supply to ground must be found before it.',
  },
  pictogram: [
    inkLine('M5 3H19V15H5ZM7 5H17V9H7ZM8 15V21M16 15V21'),
    inkWord('Ω', 12, 13.6, 3.6),
    inkWord('−', 5.5, 21),
    inkWord('+', 18.6, 21),
  ],
};
