import {
  type BandColour,
  bandColourNames,
  bandColours,
  definitionOf,
} from '../../../bands/colours.ts';
import { digitBands } from '../../../bands/encode.ts';
import { readBands } from '../../../bands/read.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';
import { wrongValue } from '../../mistakes/fitting.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, judged, noKit, notCounted, right } from '../drill.ts';
import { describeLying, type Lying } from './pictures.ts';
import { resistorsIn, resistorThat } from './resistors.ts';
import { hasUnsure } from './sight.ts';

export interface ReadTask extends Lying {
  readonly ohm: number;
  readonly tolerancePercent: number;
}

export interface ReadAnswer {
  readonly ohm: number;
  /** How it was found out: a meter is as good as eyes. */
  readonly by: 'eye' | 'names' | 'meter';
}

const valueColours = (bands: readonly BandColour[]): readonly BandColour[] =>
  bands.slice(0, digitBands(bands.length >= 5 ? 5 : 4) + 1);

/** Colours that a value can have. */
const trained = bandColourNames.filter((name) => name !== 'pink');

/** A drawn resistor, in either direction, to be read on a keypad. */
export const read: ExerciseKind<ReadTask, ReadAnswer> = {
  id: 'read',
  skill: 'reading-values',
  showsColours: true,
  seconds: 35,
  guess: 0.02,
  items: (kit) => {
    const own = new Set(resistorsIn(kit).flatMap(({ bands }) => valueColours(bands)));
    return [...trained].sort((a, b) => Number(own.has(b)) - Number(own.has(a)));
  },
  make: (item, random, kit) => {
    const resistor = resistorThat(
      `read ${item}`,
      (one) => valueColours(one.bands).some((band) => band === item),
      random,
      kit,
    );
    return { ...resistor, turned: random() < 0.5 };
  },
  answer: ({ ohm }) => ({ ohm, by: 'eye' }),
  judge: ({ ohm, bands }, answer, sight) => {
    if (isSame(answer.ohm, ohm)) return right;
    return answer.by === 'eye' && hasUnsure(bands, sight) ? notCounted : judged(false);
  },
  ask: () => said('drill.bands.read.ask'),
  describe: (task) => [describeLying(task)],
  explain: (task, answer) => [...slipOf(task, answer.ohm), ...readingOf(task.bands)],
  tell: (_task, { ohm }) => said('drill.plain', { text: formatQuantity(ohm, 'ohm') }),
  name: (item) => said('drill.bands.read.item', { colour: said(`band.${item}`) }),
  raisedBy: ({ mistake, parts }) =>
    mistake === wrongValue.id
      ? [...new Set(resistorsIn({ ...noKit, parts }).flatMap(({ bands }) => valueColours(bands)))]
      : [],
};

export const isSame = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(a, b);

/** Band by band to the value. */
export function readingOf(bands: readonly BandColour[]): Said[] {
  const resistance = readBands(bands);
  if (!resistance.ok) return [];
  const digits = digitBands(bands.length >= 5 ? 5 : 4);
  const multiplier = bands[digits];
  const power = multiplier ? (definitionOf(multiplier).multiplierPower ?? 0) : 0;
  return [
    said('drill.bands.because', {
      digits: bands.slice(0, digits).map((band) =>
        said('drill.bands.digit', {
          colour: said(`band.${band}`),
          digit: definitionOf(band).digit ?? 0,
        }),
      ),
      multiplier: said(`band.${multiplier}`),
      times: formatTimes(power),
      value: formatQuantity(resistance.value.ohm, 'ohm'),
    }),
    said('drill.bands.within', {
      colour: said(`band.${bands[digits + 1]}`),
      percent: resistance.value.tolerancePercent,
    }),
  ];
}

const formatTimes = (power: number): string =>
  power >= 0 ? `× ${10 ** power}` : `÷ ${10 ** -power}`;

/** What a wrong value was most likely taken for; nothing for a right one or where nothing explains it. */
function slipOf({ bands, ohm }: ReadTask, answer: number): Said[] {
  if (isSame(answer, ohm)) return [];
  const reversed = readBands([...bands].reverse());
  if (reversed.ok && isSame(reversed.value.ohm, answer)) return [said('drill.bands.slip.end')];
  const ratio = Math.log10(answer / ohm);
  if (answer > 0 && Math.abs(ratio - Math.round(ratio)) < 1e-6)
    return [said('drill.bands.slip.power')];
  const digits = digitBands(bands.length >= 5 ? 5 : 4);
  for (const [index, band] of bands.slice(0, digits + 1).entries()) {
    for (const other of Object.keys(bandColours) as BandColour[]) {
      const mistaken = readBands(bands.map((one, at) => (at === index ? other : one)));
      if (mistaken.ok && isSame(mistaken.value.ohm, answer))
        return [
          said('drill.bands.slip.colour', {
            colour: said(`band.${band}`),
            other: said(`band.${other}`),
          }),
        ];
    }
  }
  return [];
}
