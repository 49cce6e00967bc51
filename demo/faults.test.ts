import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { limitedEngine } from '#core/circuit/testing/engine';
import type { DictionaryEntry, FaultDictionary } from '#core/faults/dictionary';
import type { Subject } from '#core/faults/fault';
import { makeDictionary, subjectOf } from '#core/faults/makeDictionary';
import { type Bench, byInformation, lookFor, type Searched } from '#core/faults/search';
import { benchWith } from '#core/faults/testing/benchWith';
import { type Random, seeded } from '#core/random';
import { isLong } from '#core/testing/cases';
import { documentOf } from './examples.ts';
import { type DemoKitName, demoKits } from './scenario.ts';

/** As the server’s: what takes longer hangs. */
const engine = limitedEngine(30);

async function subjectOfDemo(name: DemoKitName): Promise<Subject> {
  const demo = demoKits.find((one) => one.name === name);
  if (!demo) throw new Error(`no kit ${name}`);
  const document = await documentOf(demo, readFileSync(`demo/kits/${demo.file}`, 'utf8'));
  const { board, supplyVolt, lines } = document;
  if (!board || supplyVolt === null) throw new Error(`${name} has no board or no supply`);
  const subject = subjectOf({ board, parts: lines.map(({ part }) => part), supplyVolt });
  if (!subject) throw new Error(`${name}: nothing tells where the supply comes in`);
  return subject;
}

/** A bench at which one in so many readings is of something else. */
const slipping =
  (bench: Bench, random: Random, oneIn: number, volt: number): Bench =>
  (test) => {
    const outcome = bench(test);
    return typeof outcome === 'number' && random() < 1 / oneIn ? random() * volt : outcome;
  };

/** Hides faults one after the other and looks for each as the page proposes it. */
async function searched(
  subject: Subject,
  dictionary: FaultDictionary,
  hidden: readonly DictionaryEntry[],
  oneIn = Number.POSITIVE_INFINITY,
): Promise<Searched[]> {
  const random = seeded(7);
  const all: Searched[] = [];
  for (const entry of hidden) {
    const bench = await benchWith(engine, subject, dictionary, entry.fault, random);
    if (!bench) continue;
    const isIt: Parameters<typeof lookFor>[2] = ({ members }) =>
      members.some(({ candidate }) => candidate === entry);
    const seen = slipping(bench, random, oneIn, dictionary.volt);
    all.push(lookFor(dictionary, seen, isIt, byInformation(dictionary), 15));
  }
  return all;
}

const within = (all: readonly Searched[], most: number) =>
  all.filter(({ steps }) => steps !== null && steps <= most).length / all.length;

/** One in so many faults in the usual run. */
const usualShare = 4;
const names: readonly DemoKitName[] = isLong
  ? ['Twin Lamp', 'Fern Minder', 'Tide Badge', 'Wire Finder']
  : ['Fern Minder'];

describe('hidden faults of the examples, looked for by an automatic tester', () => {
  it.each(names)(
    '%s: most are found in a few steps, also with a reading that is wrong',
    async (name) => {
      const subject = await subjectOfDemo(name);
      const dictionary = await makeDictionary(engine, subject, 'test');
      if (!dictionary) throw new Error('no solution');
      const unsolved = dictionary.signatures.filter((one) => one === null).length;
      expect(unsolved / dictionary.signatures.length).toBeLessThan(0.1);
      const hidden = dictionary.entries.filter((_, index) => isLong || index % usualShare === 0);
      const found = await searched(subject, dictionary, hidden);
      expect(found.length).toBeGreaterThan(0.9 * hidden.length);
      expect(within(found, 6)).toBeGreaterThan(0.65);
      expect(within(found, 10)).toBeGreaterThan(0.75);
      const slipped = await searched(subject, dictionary, hidden, 10);
      expect(within(slipped, 15)).toBeGreaterThan(0.7);
      if (isLong) {
        const seconds = found.reduce((sum, one) => sum + one.seconds, 0) / found.length;
        console.info(
          `${name}: ${found.length} faults, ${within(found, 6).toFixed(2)} within 6 steps, ` +
            `${within(found, 10).toFixed(2)} within 10, ${Math.round(seconds)} s on average; ` +
            `with one reading in ten wrong ${within(slipped, 15).toFixed(2)} within 15`,
        );
      }
    },
    isLong ? 3_600_000 : 300_000,
  );
});
