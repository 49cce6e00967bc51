import { drawToggle } from '../../drawing/connector.ts';
import { toggleLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const switchToggle: PartFamily<'switch-toggle'> = {
  id: 'switch-toggle',
  job: 'switch',
  acts: 'changeover',
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
  joints: ({ pins = 3 }) => pins,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  passesSupply: 'freely',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.9,
  recognise: {
    assumedFor: null,
    // Turned by a knob, a key or a foot it has another body and other tags.
    not: /\b(rotary|drehschalter|giratorio|rotatif|key|schlüsselschalter|foot|fußschalter)\b/,
  },
  words: {
    one: 'toggle switch',
    many: 'toggle switches',
    fit: [
      'Push its tags through until the body sits on the board.',
      'Solder the middle tag, check that it sits square, then the outer two; they need a longer heat.',
      'Move the lever: it must still click.',
    ],
    hold: 'Its weight tips it over: hold it with putty or tape.',
    mistakes: ['The tags get too little heat.', 'The plastic is overheated and the lever sticks.'],
    wayRound: 'Either way round is right.',
  },
  draw: drawToggle,
  drawLid: toggleLid,
};
