import { definitionOf } from '../../../bands/colours.ts';
import { rankReadings } from '../../../bands/rank.ts';
import { said } from '../../said.ts';
import { type ExerciseKind, judged, notCounted } from '../drill.ts';
import { describeLying, type Lying } from './pictures.ts';
import { readingOf } from './read.ts';
import { resistorThat } from './resistors.ts';
import { hasUnsure } from './sight.ts';

type End = 'left' | 'right';

/** By what the end to begin at is told. */
const signs = ['metal', 'gap'] as const;

const isMetal = (colour: string | undefined) => colour === 'gold' || colour === 'silver';

/** Which end is read first. */
export const whichEnd: ExerciseKind<Lying, End> = {
  id: 'end',
  skill: 'reading-values',
  showsColours: true,
  seconds: 15,
  guess: 0.5,
  items: () => signs,
  make: (item, random, kit) => {
    const { bands } = resistorThat(
      `end ${item}`,
      (one) => isMetal(one.bands.at(-1)) === (item === 'metal'),
      random,
      kit,
    );
    return { bands, turned: random() < 0.5 };
  },
  answer: ({ turned }) => (turned ? 'right' : 'left'),
  judge: ({ turned, bands }, answer, sight) => {
    const isRight = answer === (turned ? 'right' : 'left');
    // Gold and silver may look like other colours; the gap is there for everybody to see.
    return !isRight && isMetal(bands.at(-1)) && hasUnsure(bands.slice(-1), sight)
      ? notCounted
      : judged(isRight);
  },
  ask: () => said('drill.bands.end.ask'),
  describe: (task) => [describeLying(task)],
  explain: ({ bands }) => {
    const last = bands.at(-1);
    const backwards = rankReadings([...bands].reverse()).readings;
    return [
      isMetal(last)
        ? said('drill.bands.end.metal', { colour: said(`band.${last}`) })
        : said('drill.bands.end.gap', {
            colour: said(`band.${last}`),
            percent: last ? (definitionOf(last).tolerancePercent ?? 20) : 20,
          }),
      ...(backwards.length > 1 ? [said('drill.bands.end.other')] : []),
      ...readingOf(bands).slice(0, 1),
    ];
  },
  tell: (_task, answer) => said(`drill.bands.end.${answer}`),
  name: (item) => said(`drill.bands.end.item.${item}`),
};
