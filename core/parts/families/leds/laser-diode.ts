import { drawLaser } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const laserDiode: PartFamily<'laser-diode'> = {
  id: 'laser-diode',
  job: 'light',
  acts: 'unknown',
  letters: ['LD', 'D', 'LAS', 'U'],
  role: 'off-board',
  mount: 'off-board',
  body: {
    shape: 'block',
    lengthMm: 12,
    widthMm: 6.5,
    heightMm: 6.5,
    colour: '#c9a14a',
    source: 'laser module 6 x 12 mm, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'red-wire', means: 'plus' }],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '650 nm 1 mW' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: ['laser'],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1,
  words: {
    one: 'laser',
    many: 'lasers',
    fit: [
      'Read its class and power: only class 1 or 2, up to 1 mW, is for a course.',
      'Touch bare metal first: a static charge kills it.',
      'Solder its wires with the beam covered; never look into it, and point it at nobody.',
    ],
    hold: 'Tape its wires to the board.',
    mistakes: [
      'It is switched on while it points at a face.',
      'Its wires are exchanged and it dies.',
    ],
    wayRound: 'The red wire goes to the hole marked +; other colours: compare the sheet.',
    backwards: 'It usually dies at once.',
  },
  prints: typePrints,
  draw: drawLaser,
};
