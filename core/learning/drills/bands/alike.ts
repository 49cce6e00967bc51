import type { BandColour } from '../../../bands/colours.ts';
import { digitBands } from '../../../bands/encode.ts';
import { readBands } from '../../../bands/read.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';
import { pick, wholeBetween } from '../../../random.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, judged, notCounted } from '../drill.ts';
import { describeLying, type Lying } from './pictures.ts';
import { resistorThat } from './resistors.ts';
import { looksAlike } from './sight.ts';

export interface AlikeTask {
  readonly one: Lying;
  readonly other: Lying;
  /** The two colours that are told apart. */
  readonly pair: readonly [BandColour, BandColour];
}

type AlikeAnswer = 'same' | 'different';

/** Colours that are most often taken for each other on real parts (common practice). */
const pairs = [
  ['brown', 'red'],
  ['red', 'orange'],
  ['orange', 'yellow'],
  ['black', 'brown'],
  ['blue', 'violet'],
  ['green', 'blue'],
  ['grey', 'white'],
] as const satisfies readonly (readonly [BandColour, BandColour])[];

const keyOf = ([a, b]: readonly [BandColour, BandColour]) => `${a}-${b}`;

/** Two resistors side by side: the same value or not. */
export const alike: ExerciseKind<AlikeTask, AlikeAnswer> = {
  id: 'alike',
  skill: 'reading-values',
  showsColours: true,
  seconds: 20,
  guess: 0.5,
  items: () => pairs.map(keyOf),
  make: (item, random, kit) => {
    const pair = pairs.find((one) => keyOf(one) === item) ?? pairs[0];
    const { bands } = resistorThat(
      `alike ${item}`,
      (one) => twinsOf(one.bands, pair).length > 0,
      random,
      kit,
    );
    const twin = random() < 0.5 ? bands : pick(random, twinsOf(bands, pair));
    return {
      pair,
      one: { bands, turned: wholeBetween(random, 0, 1) === 1 },
      other: { bands: twin, turned: wholeBetween(random, 0, 1) === 1 },
    };
  },
  answer: ({ one, other }) => (one.bands.join() === other.bands.join() ? 'same' : 'different'),
  judge: ({ one, other, pair: [a, b] }, answer, sight) => {
    if (looksAlike(a, b, sight)) return notCounted;
    return judged(answer === (one.bands.join() === other.bands.join() ? 'same' : 'different'));
  },
  ask: () => said('drill.bands.alike.ask'),
  describe: ({ one, other }) => [describeLying(one), describeLying(other)],
  explain: ({ one, other }) => {
    const at = one.bands.findIndex((band, index) => band !== other.bands[index]);
    if (at < 0) return [said('drill.bands.alike.same', { value: valueIn(one) })];
    return [
      said('drill.bands.alike.differ', {
        band: at + 1,
        a: said(`band.${one.bands[at]}`),
        b: said(`band.${other.bands[at]}`),
        first: valueIn(one),
        second: valueIn(other),
      }),
      said('drill.bands.alike.light'),
    ];
  },
  tell: (_task, answer): Said => said(`drill.bands.alike.${answer}-answer`),
  name: (item) => {
    const [a, b] = item.split('-');
    return said('drill.bands.alike.item', { a: said(`band.${a}`), b: said(`band.${b}`) });
  },
};

/** Above this hardly anything is made (common practice). */
const highestOhm = 1e8;

/** The same bands with one of the pair in place of the other, as far as that is a value that is made. */
function twinsOf(
  bands: readonly BandColour[],
  [a, b]: readonly [BandColour, BandColour],
): (readonly BandColour[])[] {
  const last = digitBands(bands.length >= 5 ? 5 : 4);
  return bands.slice(0, last + 1).flatMap((band, index) => {
    if (band !== a && band !== b) return [];
    const twin = bands.map((one, at) => (at === index ? (band === a ? b : a) : one));
    const reading = readBands(twin);
    return reading.ok && reading.value.ohm < highestOhm ? [twin] : [];
  });
}

const valueIn = ({ bands }: Lying): string => {
  const reading = readBands(bands);
  return reading.ok ? formatQuantity(reading.value.ohm, 'ohm') : '';
};
