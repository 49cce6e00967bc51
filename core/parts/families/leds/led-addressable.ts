import { drawAddressableLed, drawAddressableMark } from '../../drawing/lights.ts';
import type { PartFamily } from '../../family.ts';
import { typePrints } from '../../marks.ts';

export const ledAddressable: PartFamily<'led-addressable'> = {
  id: 'led-addressable',
  job: 'light',
  acts: 'unknown',
  letters: ['LED', 'D', 'LD', 'U'],
  role: 'board-part',
  mount: 'surface',
  body: {
    shape: 'chip',
    lengthMm: 5,
    widthMm: 5,
    heightMm: 1.6,
    colour: '#f5f5f2',
    source: '5050 LED, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'cut-corner', means: 'outline' }],
  joints: () => 4,
  pads: 'corners',
  polarity: 'polarised',
  valueKind: 'type',
  example: { value: { kind: 'type', print: 'WS2812' } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: ['bright'],
  heatSensitive: true,
  staticSensitive: true,
  prepareMinutes: 1.5,
  kinds: ['addressable-led'],
  words: {
    one: 'addressable LED',
    many: 'addressable LEDs',
    fit: [
      'Find the cut corner of the body, and the same corner printed on the board.',
      'Tack one leg, straighten, then solder the opposite one and the rest. Heat briefly.',
      'Every LED hands the data on: one turned round darkens all behind it.',
    ],
    hold: 'Tweezers hold it while the first leg is melted on.',
    mistakes: [
      'It is turned: data goes into its output.',
      'It is heated so long that a colour dies.',
    ],
    wayRound:
      'The cut corner is at the printed cut corner. Makers differ in which pin it marks: compare the sheet.',
    backwards: 'It and all LEDs behind it stay dark, or its supply is reversed and it dies.',
  },
  prints: typePrints,
  draw: drawAddressableLed,
  drawBoardMark: drawAddressableMark,
};
