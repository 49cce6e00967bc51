import { between, seeded } from '../random.ts';
import { type BenchTest, likeliestOutcome, testKey, testsOf } from './benchTests.ts';
import type { DictionaryEntry, FaultDictionary } from './dictionary.ts';
import type { Bench } from './search.ts';

/** A hand meter is off by no more than this part of a reading. */
const meterPart = 0.01;
const asPrinted = { above: 0, sd: 0 };

/**
 * A board of usual pieces with one fault, as the dictionary knows it: every test shows what is likeliest, and shows the
 * same when it is made again. A look finds what is mostly seen.
 *
 * @param seed whole; another meter, and its readings differ by its own accuracy
 */
export function drawnBench(
  dictionary: FaultDictionary,
  entry: DictionaryEntry,
  seed: number,
): Bench {
  const order = new Map(testsOf(dictionary).map((test, index) => [testKey(test), index]));
  return (test: BenchTest) => {
    const outcome = likeliestOutcome(dictionary, test, entry, asPrinted);
    if (typeof outcome !== 'number') return outcome;
    const random = seeded(seed + (order.get(testKey(test)) ?? 0));
    return outcome * (1 + between(random, -meterPart, meterPart));
  };
}
