import type { Drill, DrillWords } from '../drill.ts';
import { findBridge } from './findBridge.ts';
import { remedy } from './remedy.ts';
import { whatJoint } from './whatJoint.ts';

const words: DrillWords = {
  name: 'Joints',
  aim: 'Tell a good joint from a bad one, and know what to do about it.',
  is: '{{name}}: {{looks}}',
  other: '{{name}} would look like this: {{looks}}',
  above: 'From above',
  section: 'Cut through, solder side up',
  what: { ask: 'What joint is this?', item: 'joint: {{name}}' },
  remedy: {
    ask: 'What do you do about this joint?',
    so: 'So: {{remedy}}.',
    item: 'remedy: {{name}}',
  },
  bridge: {
    ask: 'Find the bridge on this solder side, or say that there is none.',
    field:
      'Thirty joints, rows A to E and columns 1 to 6. Go from gap to gap: each tells how much green board lies between its two joints.',
    gap: {
      open: 'between {{a}} and {{b}}: green board',
      narrow: 'between {{a}} and {{b}}: a narrow line of green board',
      shut: 'between {{a}} and {{b}}: no green board',
    },
    is: 'It is between {{a}} and {{b}}.',
    'none-is': 'There is none on this one: every joint has green board around it.',
    how: 'Go row by row, with a magnifier and the light from the side. A narrow line of green is no bridge.',
    between: 'between {{a}} and {{b}}',
    none: 'There is none',
    item: 'finding a bridge',
  },
};

/** Joints by their looks (classes and remedies of core/joint). */
export const joints: Drill = { id: 'joints', kinds: [whatJoint, remedy, findBridge], words };
