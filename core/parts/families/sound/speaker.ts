import { drawSpeaker } from '../../drawing/connector.ts';
import { speakerLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const speaker: PartFamily<'speaker'> = {
  id: 'speaker',
  job: 'sound',
  acts: 'voice-coil',
  letters: ['LS', 'SP', 'SPK'],
  role: 'off-board',
  mount: 'off-board',
  body: {
    shape: 'round-box',
    lengthMm: 28,
    widthMm: 28,
    heightMm: 8,
    colour: '#33363a',
    source: '28 mm loudspeaker, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'putty',
  kin: null,
  pinoutMatters: false,
  mostMilliampere: 100,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1,
  words: {
    one: 'loudspeaker',
    many: 'loudspeakers',
    fit: [
      'Solder a wire to each of its tags, quickly: the plastic behind them melts.',
      'Solder the other ends to the board.',
    ],
    hold: 'A strip of tape; keep it away from loose cuttings, its magnet collects them.',
    mistakes: [
      'Cut-off leads stick to its magnet.',
      'A tag is heated so long that it comes loose.',
    ],
    wayRound: 'Alone, either way round is right; two together must match.',
  },
  draw: drawSpeaker,
  drawLid: speakerLid,
};
