import { rankReadings } from '../../../bands/rank.ts';
import { formatQuantity } from '../../../quantity/formatQuantity.ts';
import { nearestPreferred } from '../../../quantity/series.ts';
import { pick, shuffled } from '../../../random.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, notCounted } from '../drill.ts';
import type { Lying } from './pictures.ts';
import { describeLying } from './pictures.ts';
import { isSame } from './read.ts';
import { resistorsIn, resistorsOf } from './resistors.ts';
import { hasUnsure } from './sight.ts';

export interface TwoReadingsTask extends Lying {
  /** What the bands say from either end, in ohms. */
  readonly readings: readonly [number, number];
  /** Those two among others, in any order. */
  readonly choices: readonly number[];
  /** Values of the kit's list, in ohms. */
  readonly listed: readonly number[];
}

export const waysToTell = ['meter', 'list', 'guess'] as const;
export type WayToTell = (typeof waysToTell)[number];

export interface TwoReadingsAnswer {
  readonly readings: readonly number[];
  readonly how: WayToTell;
}

/** Bands that two values fit equally well: which two, and how would one find out? */
export const twoReadings: ExerciseKind<TwoReadingsTask, TwoReadingsAnswer> = {
  id: 'two',
  skill: 'reading-values',
  showsColours: true,
  seconds: 60,
  guess: 0.05,
  items: () => ['meter', 'list'],
  make: (item, random, kit) => {
    const { bands } = pick(random, resistorsOf(5).twoFaced);
    const found = rankReadings(bands).readings.map(({ ohm }) => ohm);
    const readings = [found[0] ?? 0, found[1] ?? 0] as const;
    const wrongOnes = shuffled(random, [
      nearestPreferred(readings[0] * 10, 'E24'),
      nearestPreferred(readings[1] / 10, 'E24'),
      nearestPreferred(readings[0] * 1.5, 'E24'),
      nearestPreferred(readings[1] * 2, 'E24'),
    ]).filter((ohm) => !readings.some((one) => isSame(one, ohm)));
    const own = resistorsIn(kit)
      .map(({ ohm }) => ohm)
      .filter((ohm) => !readings.some((one) => isSame(one, ohm)));
    const others = (own.length > 0 ? own : [470, 4700, 100_000]).slice(0, 4);
    return {
      bands,
      turned: random() < 0.5,
      readings,
      choices: shuffled(random, [...readings, ...[...new Set(wrongOnes)].slice(0, 2)]),
      listed: item === 'list' ? shuffled(random, [...others, pick(random, readings)]) : others,
    };
  },
  answer: (task) => ({ readings: task.readings, how: listSettles(task) ? 'list' : 'meter' }),
  judge: (task, answer, sight) => {
    const both =
      answer.readings.length === 2 &&
      task.readings.every((ohm) => answer.readings.some((one) => isSame(one, ohm)));
    // A meter always tells; the list only where it has one of the two.
    const tells = answer.how === 'meter' || (answer.how === 'list' && listSettles(task));
    // Which two it is are colours; how to find out is not.
    if (!both && tells && hasUnsure(task.bands, sight)) return notCounted;
    return { isRight: both && tells, credit: (both ? 0.5 : 0) + (tells ? 0.5 : 0) };
  },
  ask: ({ listed }) =>
    said('drill.bands.two.ask', {
      list: listed.map((ohm) => formatQuantity(ohm, 'ohm')),
    }),
  describe: (task) => [describeLying({ ...task, turned: false })],
  explain: (task) => [
    said('drill.bands.two.both', {
      first: formatQuantity(task.readings[0], 'ohm'),
      second: formatQuantity(task.readings[1], 'ohm'),
    }),
    listSettles(task)
      ? said('drill.bands.two.listed', {
          value: formatQuantity(
            task.readings.find((ohm) => task.listed.some((one) => isSame(one, ohm))) ?? 0,
            'ohm',
          ),
        })
      : said('drill.bands.two.measure'),
  ],
  tell: (_task, { readings, how }) =>
    said('drill.bands.two.told', {
      values: readings.map((ohm) => formatQuantity(ohm, 'ohm')),
      how: said(`drill.bands.two.how.${how}`),
    }),
  name: (item) => said(`drill.bands.two.item.${item}`),
};

/** Whether the list has exactly one of the two values. */
const listSettles = ({ readings, listed }: TwoReadingsTask): boolean =>
  readings.filter((ohm) => listed.some((one) => isSame(one, ohm))).length === 1;
