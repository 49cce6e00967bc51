import { drawLightResistor } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';

export const lightResistor: PartFamily = {
  id: 'light-resistor',
  letters: ['LDR', 'R'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'disc',
    lengthMm: 5,
    widthMm: 2.2,
    heightMm: 6,
    leadMm: 2.54,
    colour: '#e3c9a0',
    source: '5 mm cell, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  polarity: 'free',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'LDR' } },
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    words: [
      'ldr',
      'photoresistor',
      'photo resistor',
      'light dependent resistor',
      'fotowiderstand',
      'photocell',
      'light sensor',
      'photoresistance',
      'fotoresistor',
      'fotocelda',
      'lichtsensor',
    ],
    types: [/\bGL55\d\d\b/i],
  },
  words: {
    one: 'light-dependent resistor',
    many: 'light-dependent resistors',
    fit: [
      'Leave about 5 mm of lead, so that its face can look out of the case.',
      'Solder quickly: its face does not like heat. Trim.',
    ],
    hold: 'Bend the leads outwards, or hold it with tape at its height.',
    mistakes: ['It is soldered flat and sits in the shadow of its neighbours.'],
    wayRound: 'Either way round is right.',
  },
  draw: drawLightResistor,
};
