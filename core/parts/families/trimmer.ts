import { formatLetterCode } from '../../quantity/formatQuantity.ts';
import { drawTrimmer, drawTrimmerMark } from '../drawing/hardware.ts';
import type { PartFamily } from '../family.ts';

export const trimmer: PartFamily = {
  id: 'trimmer',
  letters: ['RV', 'VR', 'P', 'TR'],
  role: 'board-part',
  heightMm: 7,
  bodySource: '6 mm carbon trimmer, from memory of manufacturers’ sheets',
  joints: () => 3,
  polarity: 'keyed',
  valueKind: { unit: 'ohm' },
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  recognise: {
    words: [
      'trimmer',
      'trimpot',
      'trim pot',
      'potentiometer',
      'preset',
      'poti',
      'pot',
      'variable resistor',
    ],
  },
  words: {
    one: 'trimmer',
    many: 'trimmers',
    fit: [
      'Push its three pins into the triangle of holes until it sits square.',
      'Solder one pin, look whether it stands straight, then solder the other two.',
      'Set the screw to the middle of its travel.',
    ],
    wayRound: 'Its three pins stand in a triangle: it goes in one way only.',
    backwards: 'Forced in the other way it bends its pins and does not sit down.',
  },
  draw: (part) =>
    drawTrimmer(part.value.kind === 'amount' ? formatLetterCode(part.value.amount, 'ohm') : ''),
  drawBoardMark: drawTrimmerMark,
};
