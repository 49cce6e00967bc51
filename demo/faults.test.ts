import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { limitedEngine } from '#core/circuit/testing/engine';
import { placesOf } from '#core/faults/benchTests';
import type { DictionaryEntry, FaultDictionary } from '#core/faults/dictionary';
import type { Subject } from '#core/faults/fault';
import { makeDictionary, subjectOf } from '#core/faults/makeDictionary';
import { afterMending } from '#core/faults/mended';
import { type RankedGroup, ranked, rankedGroups } from '#core/faults/rank';
import {
  type Bench,
  byInformation,
  fromTopToBottom,
  inAnyOrder,
  lookFor,
  type Searched,
  type Strategy,
} from '#core/faults/search';
import { benchWith } from '#core/faults/testing/benchWith';
import { pick, type Random, seeded } from '#core/random';
import { isLong } from '#core/testing/cases';
import { documentOf } from './examples.ts';
import { type DemoKitName, demoKits } from './scenario.ts';

/** As the server’s: what takes longer hangs. */
const engine = limitedEngine(30);

async function subjectOfDemo(name: DemoKitName): Promise<Subject> {
  const demo = demoKits.find((one) => one.name === name);
  if (!demo) throw new Error(`no kit ${name}`);
  const document = await documentOf(demo, readFileSync(`demo/kits/${demo.file}`, 'utf8'));
  const { board, circuitNotes = {}, supplyVolt, lines } = document;
  if (!board || supplyVolt === null) throw new Error(`${name} has no board or no supply`);
  const parts = lines.map(({ part }) => part);
  const subject = subjectOf({ board, circuitNotes, parts, supplyVolt });
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

interface Hidden {
  readonly entry: DictionaryEntry;
  readonly bench: Bench;
}

/** A board of other pieces for each fault. */
async function hiddenOn(
  subject: Subject,
  dictionary: FaultDictionary,
  entries: readonly DictionaryEntry[],
): Promise<Hidden[]> {
  const random = seeded(7);
  const all: Hidden[] = [];
  for (const entry of entries) {
    const bench = await benchWith(engine, subject, dictionary, [entry.fault], random);
    if (bench) all.push({ entry, bench });
  }
  return all;
}

const searched = (
  dictionary: FaultDictionary,
  all: readonly Hidden[],
  strategy: Strategy,
  most: number,
): Searched[] =>
  all.map(({ entry, bench }) => {
    const isIt = ({ members }: RankedGroup) => members.some(({ candidate }) => candidate === entry);
    return lookFor(dictionary, bench, isIt, strategy, most);
  });

/** Two faults at once: one is found and mended, then the other, each after so many steps; null where one was not. */
async function pairsFound(
  subject: Subject,
  dictionary: FaultDictionary,
  count: number,
): Promise<(number | null)[]> {
  const random = seeded(3);
  const showing = dictionary.entries.filter((_, index) => dictionary.groups[index] !== 0);
  const groupOf = new Map(dictionary.entries.map((one, at) => [one, dictionary.groups[at]]));
  const strategy = byInformation(dictionary);
  const isFirst = ({ members }: RankedGroup, entry: DictionaryEntry) =>
    members.some(({ candidate }) => candidate === entry);
  const found: (number | null)[] = [];
  while (found.length < count) {
    const [one, other] = [pick(random, showing), pick(random, showing)];
    if (groupOf.get(one) === groupOf.get(other)) continue;
    const both = await benchWith(engine, subject, dictionary, [one.fault, other.fault], random);
    if (!both) continue;
    const isEither = (group: RankedGroup) => isFirst(group, one) || isFirst(group, other);
    const before = lookFor(dictionary, both, isEither, strategy, 12);
    const [top] = rankedGroups(dictionary, ranked(dictionary, before.answers));
    const [mended, left] = top && isFirst(top, one) ? [one, other] : [other, one];
    const bench = await benchWith(engine, subject, dictionary, [left.fault], random);
    if (before.steps === null || !bench) {
      found.push(null);
      continue;
    }
    const kept = afterMending(before.answers, placesOf(mended));
    const isLeft = (group: RankedGroup) => isFirst(group, left);
    const after = lookFor(dictionary, bench, isLeft, strategy, 12, kept);
    found.push(after.steps === null ? null : before.steps + after.steps);
  }
  return found;
}

const mean = (all: readonly Searched[], of: (one: Searched) => number) =>
  all.reduce((sum, one) => sum + of(one), 0) / all.length;
/** Steps, and seconds, of what was found or given up. */
const told = (all: readonly Searched[], most: number) =>
  `${mean(all, ({ steps }) => steps ?? most).toFixed(1)} steps, ${Math.round(mean(all, ({ seconds }) => seconds))} s`;

const within = (all: readonly Searched[], most: number) =>
  all.filter(({ steps }) => steps !== null && steps <= most).length / all.length;

/** A search is given up after so many steps. */
const most = 60;
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
      const boards = await hiddenOn(subject, dictionary, hidden);
      expect(boards.length).toBeGreaterThan(0.9 * hidden.length);
      const best = byInformation(dictionary);
      const found = searched(dictionary, boards, best, 15);
      expect(within(found, 6)).toBeGreaterThan(0.7);
      expect(within(found, 10)).toBeGreaterThan(0.85);
      const random = seeded(11);
      const slips = boards.map(({ entry, bench }) => ({
        entry,
        bench: slipping(bench, random, 10, dictionary.volt),
      }));
      const slipped = searched(dictionary, slips, best, 15);
      expect(within(slipped, 15)).toBeGreaterThan(0.8);
      // Beside a checklist on paper, and whatever comes to mind.
      const checklist = searched(dictionary, boards, fromTopToBottom(dictionary), most);
      const any = searched(dictionary, boards, inAnyOrder(dictionary, seeded(5)), most);
      for (const other of [checklist, any]) {
        expect(mean(found, ({ seconds }) => seconds)).toBeLessThan(
          0.5 * mean(other, ({ seconds }) => seconds),
        );
      }
      const pairs = await pairsFound(subject, dictionary, isLong ? 100 : 12);
      const inTwelve = pairs.filter((steps) => steps !== null && steps <= 12).length / pairs.length;
      expect(inTwelve).toBeGreaterThan(0.6);
      if (isLong) {
        console.info(
          `${name}: ${found.length} faults, ${within(found, 6).toFixed(2)} within 6 steps, ` +
            `${within(found, 10).toFixed(2)} within 10; ${told(found, 15)}; ` +
            `checklist ${told(checklist, most)}; any order ${told(any, most)}; ` +
            `with one reading in ten wrong ${within(slipped, 15).toFixed(2)} within 15; ` +
            `of two faults both within 12 steps ${inTwelve.toFixed(2)}`,
        );
      }
    },
    isLong ? 3_600_000 : 300_000,
  );
});
