import { shaftLid } from '../../drawing/lids.ts';
import { drawTuningCapacitor, drawTuningCapacitorMark } from '../../drawing/windings.ts';
import type { PartFamily } from '../../family.ts';

export const capacitorTuning: PartFamily<'capacitor-tuning'> = {
  id: 'capacitor-tuning',
  job: 'capacitor',
  // Which section is meant, and where it is turned to, nobody can reckon.
  acts: 'unknown',
  letters: ['C', 'CV', 'VC', 'CT', 'TC', 'PVC'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    lengthMm: 20,
    widthMm: 20,
    heightMm: 15,
    leadMm: 10,
    colour: '#d9d4c6',
    source:
      'plastic tuning capacitor 20 x 20 mm with its shaft, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'three-pins', means: 'one-way' }],
  joints: ({ pins = 3 }) => pins,
  pads: 'row',
  polarity: 'keyed',
  valueKind: 'type',
  example: { value: { kind: 'type', print: '223P' }, pins: 3 },
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.5,
  words: {
    one: 'tuning capacitor',
    many: 'tuning capacitors',
    fit: [
      'Compare its tags with the board: the middle one, or the one of the shaft, usually goes to ground.',
      'Screw it on with its short screws. Longer ones crush the plates inside.',
      'Solder its tags quickly: its plastic melts.',
      'Turn the shaft from stop to stop: it must move evenly.',
    ],
    hold: 'Screw it on, or tape it: somebody turns it later.',
    mistakes: [
      'A screw is too long and shorts the plates.',
      'It was heated too long and turns stiffly.',
      'The two sections are exchanged: it tunes over another range.',
    ],
    wayRound: 'Its tags fit one way only, if the board has its three holes.',
  },
  draw: drawTuningCapacitor,
  drawLid: shaftLid,
  drawBoardMark: drawTuningCapacitorMark,
};
