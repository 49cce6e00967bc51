import { drawHeatSink } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';
import { mechanicalTraits } from './traits.ts';

export const heatSink: PartFamily<'heat-sink'> = {
  id: 'heat-sink',
  ...mechanicalTraits,
  letters: ['HS', 'KK', 'K'],
  role: 'heat-sink',
  body: {
    shape: 'block',
    lengthMm: 19,
    widthMm: 13,
    heightMm: 20,
    colour: '#3a3d42',
    source: 'clip-on sink for TO-220, from memory of manufacturers’ sheets',
  },
  polarity: 'keyed',
  valueKind: 'none',
  prepareMinutes: 1,
  words: {
    one: 'heat sink',
    many: 'heat sinks',
    fit: [
      'A thin film of thermal grease, if the kit says so.',
      'Screw it to its part before that part is soldered, so that nothing pulls on the joints.',
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
