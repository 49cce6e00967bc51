import type { BandColour } from '../../../bands/colours.ts';
import { readBands } from '../../../bands/read.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, right, wrong } from '../drill.ts';
import { colourWords } from './pictures.ts';
import { isSame, readingOf } from './read.ts';
import { type BandedResistor, resistorThat } from './resistors.ts';

/** Families of values, by where the point stands: from so many ohms to below so many. */
const decades = {
  ohms: [0, 100],
  hundreds: [100, 1e3],
  kilo: [1e3, 1e4],
  'ten-kilo': [1e4, 1e5],
  'hundred-kilo': [1e5, 1e6],
  mega: [1e6, 1e9],
} as const;

type Decade = keyof typeof decades;

/** The bands are placed for a value. */
export const place: ExerciseKind<BandedResistor, readonly BandColour[]> = {
  id: 'place',
  skill: 'reading-values',
  seconds: 40,
  guess: 0.01,
  items: () => Object.keys(decades),
  make: (item, random, kit) => {
    const [from, to] = decades[item as Decade] ?? decades.kilo;
    return resistorThat(
      `place ${item}`,
      ({ ohm, bands }) => ohm >= from && ohm < to && bands.length < 6,
      random,
      kit,
    );
  },
  answer: ({ bands }) => bands,
  judge: ({ ohm, tolerancePercent, bands }, answer) => {
    const reading = readBands(answer);
    if (!reading.ok) return wrong;
    const isValue = isSame(reading.value.ohm, ohm);
    if (isValue && reading.value.tolerancePercent === tolerancePercent) return right;
    const same = bands.filter((band, index) => answer[index] === band).length;
    return { isRight: false, credit: same / bands.length / 2 };
  },
  ask: ({ ohm, tolerancePercent, bands }) =>
    said('drill.bands.place.ask', {
      value: formatQuantity(ohm, 'ohm'),
      percent: tolerancePercent,
      count: bands.length,
    }),
  describe: ({ bands }) => [said('drill.bands.place.empty', { count: bands.length })],
  explain: ({ bands }) => readingOf(bands),
  tell: (_task, answer) => said('drill.list', { items: colourWords(answer) }),
  name: (item) => said(`drill.bands.place.item.${item}`),
};
