import { printLid } from '../../drawing/lids.ts';
import { drawModule, drawModuleMark } from '../../drawing/moving.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';

export const module: PartFamily<'module'> = {
  id: 'module',
  job: 'chip',
  letters: ['MOD', 'A', 'LCD', 'DIS', 'U', 'M', 'IC'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 2.54,
    widthMm: 20,
    heightMm: 11,
    colour: '#1f4f8a',
    source: 'small module, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'print-side', means: 'outline' }],
  joints: ({ pins = 4 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'OLED 0.96' }, pins: 4 },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  mostMilliampere: 100,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 2,
  words: {
    one: 'module',
    many: 'modules',
    fit: [
      'Compare the names printed at its pins with the board: + and − are not where they are on other modules.',
      'Put it in with all pins straight, or first its socket strip.',
      'Solder one pin, check that it sits level, then the others.',
    ],
    hold: 'Solder one pin, check that it sits level, then the others.',
    mistakes: [
      'Supply and ground are exchanged: other makers order the pins differently.',
      'It is turned round.',
    ],
    wayRound: 'The names at its pins are those on the board.',
    backwards: 'It usually dies the moment the board gets power.',
  },
  draw: (part) => drawModule(valueLabel(part.value), part.pins ?? 4),
  drawLid: printLid,
  drawBoardMark: drawModuleMark,
};
