import { describe, expect, it } from 'vitest';
import { anyKitBoard } from '../circuit/testing/anyKitBoard.ts';
import { limitedEngine } from '../circuit/testing/engine.ts';
import { seeded, shuffled } from '../random.ts';
import { isLong } from '../testing/cases.ts';
import { makeDictionary } from './makeDictionary.ts';
import { byInformation, lookFor, type Searched } from './search.ts';
import { benchWith } from './testing/benchWith.ts';
import { subjectWith } from './testing/subjectWith.ts';

const boards = isLong ? 60 : 1;
/** Parts of each. */
const [least, largest] = isLong ? [10, 38] : [10, 12];
/** Hidden faults of each board. */
const hiddenOf = isLong ? 12 : 6;
const most = 15;

/** A board that nobody has tuned, of working blocks. */
async function searchedOn(seed: number): Promise<Searched[] | null> {
  const rows = anyKitBoard(seeded(seed), least, largest);
  // As the server’s: what takes longer hangs.
  const engine = limitedEngine(6);
  const subject = subjectWith(rows, 9);
  const dictionary = await makeDictionary(engine, subject, 'test');
  if (!dictionary) return null;
  // What shows nothing at all is no fault that anybody looks for.
  const showing = dictionary.entries.filter((_, index) => dictionary.groups[index] !== 0);
  const random = seeded(seed);
  const found: Searched[] = [];
  for (const entry of shuffled(random, showing).slice(0, hiddenOf)) {
    const bench = await benchWith(engine, subject, dictionary, [entry.fault], random);
    if (!bench) continue;
    const isIt = ({ members }: { readonly members: readonly { readonly candidate: unknown }[] }) =>
      members.some(({ candidate }) => candidate === entry);
    found.push(lookFor(dictionary, bench, isIt, byInformation(dictionary), most));
  }
  return found;
}

describe('faults of generated boards of 10 to 40 parts', () => {
  it(
    'most are found in a few steps',
    async () => {
      const found: Searched[] = [];
      let done = 0;
      for (let seed = 1; done < boards && seed < 10 * boards; seed += 1) {
        const one = await searchedOn(seed);
        if (!one) continue;
        done += 1;
        found.push(...one);
      }
      expect(done).toBe(boards);
      const within = (steps: number) =>
        found.filter((one) => one.steps !== null && one.steps <= steps).length / found.length;
      if (isLong) {
        console.info(
          `${done} boards, ${found.length} faults: ${within(6).toFixed(2)} within 6 steps, ${within(10).toFixed(2)} within 10, ${within(most).toFixed(2)} within ${most}`,
        );
      }
      expect(within(most)).toBeGreaterThan(0.5);
    },
    isLong ? 7_200_000 : 300_000,
  );
});
