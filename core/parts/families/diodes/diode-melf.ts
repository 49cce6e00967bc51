import { drawMelf, drawSurfaceDiodeMark } from '../../drawing/surface.ts';
import type { PartFamily } from '../../family.ts';

export const diodeMelf: PartFamily = {
  id: 'diode-melf',
  letters: ['D'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'melf',
    lengthMm: 3.5,
    widthMm: 1.5,
    heightMm: 1.5,
    colour: '#d98a5b',
    source: 'mini-MELF 3.5 x 1.5 mm, from memory of the JEDEC outline',
  },
  signs: [{ mark: 'band', means: 'cathode' }],
  joints: () => 2,
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'LL4148' } },
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 1.2,
  recognise: {
    words: ['melf', 'minimelf', 'mini-melf', 'mini melf', 'diode', 'll4148'],
    types: [/\bLL\d{4}\b/i],
    needs: /melf|\bll4148\b|\bll41\b/,
  },
  words: {
    one: 'MELF diode',
    many: 'MELF diodes',
    fit: [
      'It rolls: hold it down with the tweezers until the first end is soldered.',
      'Find the band with a magnifier; it goes to the line.',
      'Tin one pad, hold the part with tweezers, melt it on, solder the other end, then go over the first.',
    ],
    hold: 'Tweezers press it down; a dot of glue or flux keeps it from rolling.',
    mistakes: ['It rolls off its pads.', 'It turns over and the band is overlooked.'],
    wayRound: 'The band lies on the line printed on the board.',
    backwards: 'It blocks or short-circuits the supply, depending on its job.',
  },
  draw: drawMelf,
  drawBoardMark: drawSurfaceDiodeMark,
};
