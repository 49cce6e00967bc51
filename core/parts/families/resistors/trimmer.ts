import { drawTrimmer, drawTrimmerMark } from '../../drawing/hardware.ts';
import { trimmerLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';
import { ohmPrints } from '../../marks.ts';

export const trimmer: PartFamily<'trimmer'> = {
  id: 'trimmer',
  job: 'resistor',
  acts: 'sliding',
  letters: ['RV', 'VR', 'P', 'RP', 'TR', 'R'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 6.5,
    widthMm: 5,
    heightMm: 7,
    leadMm: 5,
    colour: '#3c68b0',
    source: '6 mm carbon trimmer, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'three-pins', means: 'one-way' }],
  joints: () => 3,
  pads: 'row',
  polarity: 'keyed',
  valueKind: { unit: 'ohm' },
  alsoValues: [1, 2, 2.5, 5],
  usualTolerancePercent: 20,
  bearsForce: false,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.8,
  words: {
    one: 'trimmer',
    many: 'trimmers',
    fit: [
      'Push its three pins into the triangle of holes until it sits square.',
      'Solder one pin, check that it sits straight, then solder the other two.',
      'Set the screw to the middle of its travel.',
    ],
    hold: 'Its pins grip the holes; a strip of tape keeps it upright.',
    mistakes: [
      'Too much heat loosens the track inside.',
      'It is forced in the other way and its pins bend.',
    ],
    wayRound: 'Its three pins stand in a triangle: it goes in one way only.',
    backwards: 'Forced in the other way it bends its pins and does not sit down.',
  },
  prints: ohmPrints,
  draw: (part) => drawTrimmer(ohmPrints(part)[0]?.text ?? ''),
  drawLid: trimmerLid,
  drawBoardMark: drawTrimmerMark,
};
