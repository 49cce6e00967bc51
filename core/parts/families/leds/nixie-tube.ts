import { printLid } from '../../drawing/lids.ts';
import { drawNixie } from '../../drawing/lights.ts';
import { drawModuleMark } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const nixieTube: PartFamily<'nixie-tube'> = {
  id: 'nixie-tube',
  job: 'display',
  letters: ['V', 'N', 'VFD', 'NX', 'DS'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'slab',
    pinMm: 2.54,
    widthMm: 12,
    heightMm: 28,
    colour: '#f3efe4',
    source: 'upright tube, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'print-side', means: 'outline' }],
  joints: ({ pins = 11 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'IN-14' }, pins: 11 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: ['high-voltage'],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 5,
  words: {
    one: 'nixie tube',
    many: 'nixie tubes',
    fit: [
      'Find the lead that the sheet calls anode: it often has a white foot.',
      'Cut the leads in steps, so that they go in one after the other.',
      'It needs some 170 V: the test is your instructor’s.',
    ],
    hold: 'A spacer holds it upright; solder two leads, look, then the rest.',
    mistakes: ['Leads are exchanged because they were cut to one length.'],
    wayRound: 'The figures face the front; the anode goes to its hole.',
    backwards: 'Wrong figures light, or none. Do not touch: it has a high voltage.',
  },
  prints: typePrints,
  draw: drawNixie,
  drawLid: printLid,
  drawBoardMark: drawModuleMark,
};
