import { drawTo92, drawTo92Mark } from '../../drawing/radial.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';
import { to92 } from '../transistors/packages.ts';

export const chipTo92: PartFamily<'chip-to92'> = {
  id: 'chip-to92',
  job: 'chip',
  letters: ['TS', 'RT', 'S', 'U', 'IC', 'Q', 'VR', 'D'],
  role: 'board-part',
  mount: 'through',
  body: to92,
  signs: [{ mark: 'flat-face', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'LM35' } },
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
  kinds: ['temperature-sensor', 'hall-sensor', 'reference', 'audio', 'op-amp'],
  words: {
    one: 'small chip with three legs',
    many: 'small chips with three legs',
    fit: [
      'Read the type on the flat face: transistors look just like it.',
      'Spread the three legs a little and push it in until it sits about 3 mm above the board.',
      'Solder the middle leg, look, then the outer two, with a rest between them. Trim.',
    ],
    hold: 'Spread the outer legs a little: it holds by itself.',
    mistakes: [
      'A transistor or regulator in the same body is fitted.',
      'It is turned by half a turn.',
    ],
    wayRound: 'The flat face is at the straight side of the D printed on the board.',
    backwards: 'Its supply is reversed: it gets hot and usually dies.',
  },
  prints: typePrints,
  draw: (part) => drawTo92(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawTo92Mark,
};
