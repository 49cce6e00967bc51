import { drawToggle } from '../../drawing/connector.ts';
import { toggleLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const switchToggle: PartFamily = {
  id: 'switch-toggle',
  letters: ['S', 'SW'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 13,
    widthMm: 8,
    heightMm: 18,
    leadMm: 9.4,
    colour: '#2c4c86',
    source: 'miniature toggle switch, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 3,
  polarity: 'free',
  valueKind: 'none',
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.9,
  recognise: {
    words: [
      'toggle switch',
      'toggle',
      'kippschalter',
      'tuimelschakelaar',
      'interrupteur a levier',
      'conmutador de palanca',
      'flip switch',
      'inverseur',
    ],
  },
  words: {
    one: 'toggle switch',
    many: 'toggle switches',
    fit: [
      'Push its tags through until the body sits on the board.',
      'Solder the middle tag, look whether it stands square, then the outer two; they need a longer heat.',
      'Move the lever: it must still click.',
    ],
    hold: 'Its weight tips it over: hold it with putty or tape.',
    mistakes: ['The tags get too little heat.', 'The plastic is overheated and the lever sticks.'],
    wayRound: 'Either way round is right.',
  },
  draw: drawToggle,
  drawLid: toggleLid,
};
