import type { CheckId } from './step.ts';

export interface CheckDefinition {
  /** Minutes for somebody new (prior from common practice). */
  readonly minutes: number;
  readonly words: {
    readonly name: string;
    /** Sentences in order. `battery`, `chips` and `volt` parts are shown only where they apply. */
    readonly how: readonly string[];
    readonly expect: string;
    readonly otherwise: string;
    readonly why: string;
  };
}

/** Checks of a build (common practice), in no particular order: the rules place them. */
export const checks: Readonly<Record<CheckId, CheckDefinition>> = {
  'try-holder': {
    minutes: 2,
    words: {
      name: 'Try the battery holder in its place',
      how: [
        'Lay the holder on the board, without cells. Compare + and − with the print.',
        'Look that its pins or wires reach their holes and that every screw hole lies over a hole of the board.',
      ],
      expect: 'It lies flat and everything lines up.',
      otherwise: 'Do not bend anything to make it fit: ask for help.',
      why: 'A holder that has been screwed and soldered the wrong way round can hardly be taken off again, so it is tried in place first.',
    },
  },
  look: {
    minutes: 4,
    words: {
      name: 'Look at every joint',
      how: [
        'Cells out, supply off. Turn the board over, under good light, with a magnifier.',
        'Row by row: is every joint a small shiny cone that goes all round? Is there solder between two joints, or a loose ball?',
        'Are all leads trimmed?',
      ],
      expect: 'Every joint covers its hole, and nothing touches its neighbour.',
      otherwise: 'Mend what you found, then look again.',
      why: 'Everything is soldered now and nothing has had power yet: a bridge found by eye does no harm.',
    },
  },
  'supply-resistance': {
    minutes: 3,
    words: {
      name: 'Measure from supply to ground',
      how: [
        'Nothing is connected to the board. Set the meter to ohms, 2 kΩ range.',
        'One tip on + of the supply, the other on −. Wait until the number is steady.',
      ],
      expect: 'The number climbs or stays well above 10 Ω.',
      otherwise: 'About half an ohm is a short circuit: no power. Ask for help.',
      why: 'The first power comes next: a short circuit from supply to ground must be found before it.',
    },
  },
  'first-power': {
    minutes: 4,
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
  },
  function: {
    minutes: 3,
    words: {
      name: 'Does it work?',
      how: ['Switch on and try what the kit is meant to do.'],
      expect: 'It does what the kit promises.',
      otherwise:
        'Switch off. It is nearly always something simple: a dry joint, a bridge, a part turned round. Ask for help.',
      why: 'All parts are in and the supply is right: now the whole board can be tried.',
    },
  },
};
