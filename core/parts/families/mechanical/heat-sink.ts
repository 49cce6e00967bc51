import { drawHeatSink } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';

export const heatSink: PartFamily = {
  id: 'heat-sink',
  letters: ['HS', 'KK'],
  role: 'heat-sink',
  mount: 'none',
  body: {
    shape: 'block',
    lengthMm: 19,
    widthMm: 13,
    heightMm: 20,
    colour: '#3a3d42',
    source: 'clip-on sink for TO-220, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 0,
  polarity: 'keyed',
  valueKind: 'none',
  heatSensitive: false,
  staticSensitive: false,
  prepareMinutes: 1,
  recognise: {
    words: [
      'heat sink',
      'heatsink',
      'kuhlkorper',
      'koellichaam',
      'dissipateur',
      'radiateur',
      'disipador',
      'koelplaat',
      'koelprofiel',
    ],
  },
  words: {
    one: 'heat sink',
    many: 'heat sinks',
    fit: [
      'A thin film of thermal grease, if the kit says so.',
      'Screw it to its part before that part is soldered, so that no joint bears force.',
    ],
    hold: 'Its screw holds it.',
    mistakes: [
      'It is screwed on after soldering and pulls at the joints.',
      'It touches another part.',
    ],
    wayRound: 'Its flat back lies on the metal tab of its part.',
  },
  draw: drawHeatSink,
};
