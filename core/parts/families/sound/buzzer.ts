import { drawBuzzer, drawBuzzerMark } from '../../drawing/hardware.ts';
import { buzzerLid } from '../../drawing/lids.ts';
import type { PartFamily } from '../../family.ts';

export const buzzer: PartFamily<'buzzer'> = {
  id: 'buzzer',
  job: 'sound',
  acts: 'sounder',
  letters: ['BZ', 'LS', 'SP', 'B', 'SG'],
  role: 'board-part',
  mount: 'through',
  body: {
    shape: 'round-box',
    lengthMm: 12,
    widthMm: 12,
    heightMm: 9.5,
    leadMm: 7.6,
    colour: '#2a2a2c',
    source: '12 mm buzzer, from memory of manufacturers’ sheets',
  },
  signs: [
    { mark: 'plus-print', means: 'plus' },
    { mark: 'long-lead', means: 'plus' },
  ],
  joints: () => 2,
  pads: 'row',
  polarity: 'polarised',
  valueKind: 'none',
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'putty',
  kin: null,
  pinoutMatters: false,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 0.7,
  recognise: {
    assumedFor: null,
    // A bare disc on wires has no plus, and is no pick-up either.
    not: /\b(dis[ck]s?|scheiben?|disco|disque|element\w*|transducer|wandler|transductor|pick-?up|(?:1[5-9]|[2-4]\d) ?mm)\b|\bpiezo\w*scheibe\b/,
  },
  words: {
    one: 'buzzer',
    many: 'buzzers',
    fit: [
      'Leave the sticker on the hole until the board has been cleaned.',
      'Find the + on the lid, or the longer pin, and push it down flat.',
      'Solder both pins, briefly.',
    ],
    hold: 'Bend the pins outwards, or hold it with tape.',
    mistakes: ['The plus is overlooked.', 'Cleaning alcohol gets into the hole.'],
    wayRound: 'The + on the lid, or the longer pin, goes to the hole marked +.',
    backwards: 'It stays silent, or is quiet and croaks.',
  },
  draw: drawBuzzer,
  drawLid: buzzerLid,
  drawBoardMark: drawBuzzerMark,
};
