import { drawTo92, drawTo92Mark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to92 } from './packages.ts';

export const mosfetTo92: PartFamily<'mosfet-to92'> = {
  id: 'mosfet-to92',
  job: 'transistor',
  letters: ['Q', 'T', 'TR', 'VT'],
  role: 'board-part',
  mount: 'through',
  body: to92,
  signs: [{ mark: 'flat-face', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '2N7000' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'bent-leads',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1,
  kinds: ['n-mosfet', 'p-mosfet', 'n-jfet', 'p-jfet'],
  words: {
    one: 'field-effect transistor',
    many: 'field-effect transistors',
    fit: [
      'Touch bare metal first, so that no static charge goes through it.',
      'Read the type on the flat face: other parts look just like it.',
      'Spread the three leads a little and push it in until it sits about 3 mm above the board.',
      'Solder the middle lead, look, then the outer two, with a rest between them. Trim.',
    ],
    hold: 'Spread the outer leads a little: it stands by itself.',
    mistakes: [
      'Another type in the same body is fitted.',
      'It is turned by half a turn.',
      'The three close joints are bridged.',
    ],
    wayRound: 'The flat face looks to the straight side of the D printed on the board.',
    backwards:
      'It cannot switch, or is always on, since the diode inside it lets current through backwards. Look now.',
  },
  prints: typePrints,
  draw: (part) => drawTo92(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo92Mark,
};
