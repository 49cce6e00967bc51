import { drawFuseHolder } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';

export const fuseHolder: PartFamily<'fuse-holder'> = {
  id: 'fuse-holder',
  job: 'connector',
  letters: ['F', 'FH', 'XF', 'X', 'FU'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 22,
    widthMm: 7,
    heightMm: 8,
    leadMm: 22,
    colour: '#3b3b3e',
    source: 'clips for 5 x 20 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    assumedFor: null,
  },
  words: {
    one: 'fuse holder',
    many: 'fuse holders',
    fit: [
      'Push the fuse in for a moment, so that both clips line up, then take it out again.',
      'Solder both ends. The metal is thick: heat a little longer.',
    ],
    hold: 'The fuse between the clips keeps them in line; solder one end, look, then the other.',
    mistakes: ['The stops of the clips face inwards, so the fuse does not fit.'],
    wayRound: 'Either way round is right; the stops of loose clips face outwards.',
  },
  draw: drawFuseHolder,
};
