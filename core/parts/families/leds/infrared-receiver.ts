import { drawInfraredReceiver, drawInfraredReceiverMark } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import { pinoutOf } from '../../pinouts.ts';

export const infraredReceiver: PartFamily<'infrared-receiver'> = {
  id: 'infrared-receiver',
  job: 'chip',
  letters: ['IR', 'U', 'IC', 'Q', 'RX', 'D'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'slab',
    lengthMm: 6,
    widthMm: 5,
    heightMm: 8,
    leadMm: 5.08,
    colour: '#26262a',
    source: 'receiver with lens, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'lens', means: 'outline' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'VS1838B' } },
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
  kinds: ['infrared-detector'],
  words: {
    one: 'infrared receiver',
    many: 'infrared receivers',
    fit: [
      'Find the side with the lens, and compare its three legs with the sheet: makers order them differently.',
      'Push it in as far as the sheet says; it may be bent over to look out of the case.',
      'Solder the middle leg, look, then the outer ones. Trim.',
    ],
    hold: 'Bend the outer legs outwards a little.',
    mistakes: ['A type with other legs is fitted.', 'It is turned round.'],
    wayRound: 'The side with the lens faces as the outline on the board shows.',
    backwards: 'Its supply is reversed: it gets hot and dies.',
  },
  prints: typePrints,
  draw: (part) => drawInfraredReceiver(valueLabel(part.value), pinoutOf(part)?.pins),
  drawBoardMark: drawInfraredReceiverMark,
};
