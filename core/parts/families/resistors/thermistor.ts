import { drawThermistor } from '../../drawing/upright.ts';
import type { PartFamily } from '../../family.ts';
import { ohmPrints } from '../../marks.ts';

export const thermistor: PartFamily<'thermistor'> = {
  id: 'thermistor',
  job: 'resistor',
  acts: 'by-heat',
  letters: ['RT', 'TH', 'NTC', 'R'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'drop',
    lengthMm: 3.5,
    widthMm: 2.5,
    heightMm: 6,
    leadMm: 2.54,
    colour: '#2f4f3a',
    source: 'bead of about 3 mm, from memory of manufacturers’ sheets',
  },
  signs: [],
  joints: () => 2,
  pads: 'row',
  polarity: 'free',
  valueKind: { unit: 'ohm' },
  usualTolerancePercent: 10,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: 'thermistor',
    many: 'thermistors',
    fit: [
      'Its print names the value at 25 °C: let it cool before you measure it.',
      'Leave 5 mm of lead below it, so that it feels the air and not the board.',
      'Solder both leads, trim.',
    ],
    hold: 'Bend the leads outwards.',
    mistakes: [
      'It is measured while still warm from the fingers and taken for another.',
      'It is mistaken for a ceramic capacitor.',
    ],
    wayRound: 'Either way round is right.',
  },
  prints: ohmPrints,
  draw: (part) => drawThermistor(ohmPrints(part)[0]?.text ?? ''),
};
