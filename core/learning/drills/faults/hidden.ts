import {
  type Answer,
  atOneGlance,
  type BenchTest,
  isSeenAtOnce,
  type Outcome,
  testKey,
  testsOf,
} from '../../../faults/benchTests.ts';
import type { DictionaryEntry } from '../../../faults/dictionary.ts';
import { drawnBench } from '../../../faults/drawn.ts';
import { outcomeSaid, standingSaid } from '../../../faults/faultSaid.ts';
import type { FaultKindId } from '../../../faults/kinds/ids.ts';
import { lookChances, looks } from '../../../faults/signature.ts';
import { pick, type Random } from '../../../random.ts';
import { type Said, said } from '../../said.ts';
import type { PracticeKit } from '../drill.ts';
import { type BoardWithFaults, practiceBoardWithFaults } from './practiceBoard.ts';

/** A board with one fault that is not told. */
export interface Hidden extends BoardWithFaults {
  /** Index of the fault. */
  readonly entry: number;
  /** Of what the meter is off by. */
  readonly seed: number;
}

/** The board of the kit where its faults are known; else one that is always there. */
export const boardOf = ({ parts, board, faults }: PracticeKit): BoardWithFaults =>
  board && faults ? { board, parts, faults } : practiceBoardWithFaults;

/** Faults that show somehow, with their indexes. */
export const showing = ({ faults: { entries, groups, signatures } }: BoardWithFaults) =>
  entries.flatMap(({ fault, shows }, index) =>
    groups[index] !== 0 && signatures[shows] ? [{ fault, index }] : [],
  );

/** Kinds of fault that a board can hide. */
export const kindsOf = (on: BoardWithFaults): FaultKindId[] => [
  ...new Set(showing(on).map(({ fault }) => fault.kind)),
];

/** @throws Error where no fault of the kind shows on the board */
export function hide(on: BoardWithFaults, kind: string, random: Random): Hidden {
  const { index } = pick(
    random,
    showing(on).filter(({ fault }) => fault.kind === kind),
  );
  return { ...on, entry: index, seed: Math.floor(random() * 2 ** 31) };
}

export function entryOf({ faults, entry }: Hidden): DictionaryEntry {
  const hidden = faults.entries[entry];
  if (!hidden) throw new Error(`no fault ${entry}`);
  return hidden;
}

/** Whether nothing tells one fault of a board from another. */
export const isSame = ({ groups }: BoardWithFaults['faults'], one: number, other: number) =>
  groups[one] === groups[other];

export const benchOf = (hidden: Hidden) => drawnBench(hidden.faults, entryOf(hidden), hidden.seed);

/** What is seen and heard of the board at once. */
export function seenAtOnce(hidden: Hidden): Answer[] {
  const bench = benchOf(hidden);
  return testsOf(hidden.faults).flatMap((test): Answer[] => {
    const outcome = isSeenAtOnce(hidden.faults, test) ? bench(test) : null;
    return outcome === null ? [] : [{ test, outcome }];
  });
}

/** What a test comes to, in words: each part that lights or sounds by its name. */
export function comesTo(hidden: BoardWithFaults, test: BenchTest, outcome: Outcome): Said {
  const says = outcomeSaid(hidden.faults, test, outcome);
  if (test.kind !== 'sense') return says;
  const place = hidden.faults.points.senses[test.sense]?.place ?? '';
  return said('fault.does', { part: place, does: says });
}

/** What is seen at one glance together, each with what it comes to in words. */
export function inGlances(
  hidden: BoardWithFaults,
  answers: readonly Answer[],
): { readonly test: BenchTest; readonly outcomes: readonly Said[] }[] {
  const glances = new Map<string, { readonly test: BenchTest; readonly outcomes: Said[] }>();
  for (const { test, outcome } of answers) {
    const key = atOneGlance(hidden.faults, test).map(testKey).join(' ');
    const glance = glances.get(key) ?? { test, outcomes: [] };
    glance.outcomes.push(comesTo(hidden, test, outcome));
    glances.set(key, glance);
  }
  return [...glances.values()];
}

/** How a good board lights and sounds, in each way it can stand: a line each. */
export function goodLooks({ faults }: Pick<BoardWithFaults, 'faults'>): Said[] {
  const ways = new Map<string, BenchTest[]>();
  for (const [sense] of faults.points.senses.entries()) {
    const all = atOneGlance(faults, { kind: 'sense', sense });
    ways.set(JSON.stringify(all), all);
  }
  return [...ways.values()].map((tests) => {
    const does = tests.flatMap((test) => {
      if (test.kind !== 'sense') return [];
      const point = faults.points.senses[test.sense];
      const sensed = faults.good.senses[test.sense];
      if (!point || !sensed) return [];
      const chances = lookChances(sensed);
      const word = looks[chances.indexOf(Math.max(...chances))] ?? 'off';
      return [
        said('fault.does', {
          part: point.place,
          does: outcomeSaid(faults, test, word),
        }),
      ];
    });
    const [first] = tests;
    const when = first?.kind === 'sense' ? faults.points.senses[first.sense]?.when : undefined;
    return when
      ? said('drill.faults.goodWhen', { stands: standingSaid(when), does })
      : said('drill.faults.good', { does });
  });
}
