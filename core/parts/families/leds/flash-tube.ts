import { drawFlashTube } from '../../drawing/lights.ts';
import { drawLedBarMark } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';

export const flashTube: PartFamily<'flash-tube'> = {
  id: 'flash-tube',
  job: 'light',
  acts: 'open',
  letters: ['V', 'LA', 'FL', 'L', 'XE'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'rod',
    lengthMm: 22,
    widthMm: 5,
    heightMm: 5,
    leadMm: 27.94,
    colour: '#f3efe4',
    source: 'straight flash tube, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'plus-print', means: 'plus' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['high-voltage'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.5,
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'flash tube',
    many: 'flash tubes',
    fit: [
      'Hold it by its ends, with clean fingers or a cloth.',
      'Find the end marked + or with the red dot, bend the leads away from the glass, solder, trim.',
      'Its capacitor keeps a deadly charge after power is off: the test is your instructor’s.',
    ],
    hold: 'Tape it at its ends.',
    mistakes: ['It is turned round.', 'Somebody touches the capacitor while it is charged.'],
    wayRound: 'The end marked + or with a red dot goes to the hole marked +.',
    backwards: 'It does not flash or wears out fast.',
  },
  draw: drawFlashTube,
  drawBoardMark: drawLedBarMark,
};
