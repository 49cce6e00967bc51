import type { TFunction } from 'i18next';
import { type BenchTest, chancesOf, wordsOfOutcome } from '../faults/benchTests.ts';
import type { FaultDictionary } from '../faults/dictionary.ts';
import type { Spread } from '../faults/signature.ts';
import { outcomeText } from './faultWords.ts';
import { rangeText } from './figureWords.ts';

/** Nineteen of twenty lie within so many standard deviations. */
const mostOff = 1.96;

/** What a good board shows at a test, in words; null where it is told elsewhere, or not at all. */
export function goodText(
  t: TFunction,
  dictionary: FaultDictionary,
  test: BenchTest,
): string | null {
  const { good, points } = dictionary;
  const range = ({ mean, sd }: Spread, as: (value: number) => number) => ({
    least: as(mean - mostOff * sd),
    usual: as(mean),
    most: as(mean + mostOff * sd),
  });
  const power = (value: number) => 10 ** value;
  switch (test.kind) {
    case 'volt': {
      const volt = good.volts[test.probe];
      if (!volt) return null;
      if ((good.moves[test.probe] ?? 0) > 0.5) return outcomeText(t, dictionary, test, 'moves');
      // As long as nobody has measured it, the cells are anything from fresh to tired.
      const supplySd = good.volts[points.supply]?.sd ?? 0;
      const sd = Math.hypot(volt.sd, volt.per * supplySd);
      return rangeText(t, range({ ...volt, sd }, Number), 'V');
    }
    case 'current':
      return rangeText(t, range(good.milliampere, power), 'mA');
    case 'ohm':
      return good.ohm && rangeText(t, range(good.ohm, power), 'Ω');
    case 'across': {
      const ohm = good.across[test.resistor];
      return ohm ? rangeText(t, range(ohm, power), 'Ω') : null;
    }
    case 'touch': {
      const chances = chancesOf(dictionary, test, 'good', { above: 0, sd: 0 });
      const word = wordsOfOutcome(test)[chances.indexOf(Math.max(...chances))];
      return word === undefined ? null : outcomeText(t, dictionary, test, word);
    }
    default:
      return null;
  }
}
