import { drawKeyedConnector, drawKeyedMark } from '../../drawing/connector.ts';
import { keyedLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const connector: PartFamily<'connector'> = {
  id: 'connector',
  job: 'connector',
  letters: ['J', 'CN', 'X', 'P', 'K'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'block',
    pinMm: 2.5,
    widthMm: 6,
    heightMm: 7.5,
    colour: '#efe6cf',
    source: 'keyed wire connector of 2.5 mm pitch, from memory of manufacturers’ sheets',
  },
  signs: [{ mark: 'keyway', means: 'outline' }],
  joints: ({ pins = 2 }) => pins,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  example: { pins: 4 },
  usualTolerancePercent: null,
  bearsForce: true,
  hold: 'tape',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    assumedFor: null,
    not: /\b(battery|batterie|9v|dc|barrel|audio|usb)\b/,
  },
  words: {
    one: 'keyed connector',
    many: 'keyed connectors',
    fit: [
      'Compare the tongue or the gap of its shell with the outline.',
      'Push it down flat, solder one pin, check, then the others.',
    ],
    hold: 'Tape it down.',
    mistakes: ['The shell is turned round: the plug reverses the supply.'],
    wayRound: 'The gap of its shell goes over the gap of the outline.',
    backwards: 'The plug connects everything the wrong way round.',
  },
  draw: (part) => drawKeyedConnector(part.pins ?? 2),
  drawLid: keyedLid,
  drawBoardMark: (part) => drawKeyedMark(part.pins ?? 2),
};
