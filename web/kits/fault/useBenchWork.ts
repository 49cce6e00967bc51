import { useMemo } from 'react';
import { type BenchWork, storedBenchWork } from '#contract/faultBench';
import {
  type Answer,
  atOneGlance,
  type BenchTest,
  testKey,
  testsOf,
} from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { afterMending } from '#core/faults/mended';
import { useDraft } from '../../app/useDraft.ts';

const nothing: BenchWork = { basis: '', begunAt: null, seen: [], skipped: [], danger: false };

const kept = (answers: readonly Answer[]): BenchWork['seen'] =>
  answers.map(({ test, outcome }) => ({ test: testKey(test), outcome }));

/**
 * What was entered of one board. It outlives a reload on this device.
 *
 * @param of the board: of a seat, or of nobody’s
 */
export function useBenchWork(dictionary: FaultDictionary, of: string) {
  const { basis } = dictionary;
  const draft = useDraft(storedBenchWork, `fault.${of}`, nothing);
  const work = draft.now.basis === basis ? draft.now : nothing;
  const answers = useMemo(() => {
    const tests = new Map(testsOf(dictionary).map((test) => [testKey(test), test]));
    return work.seen.flatMap(({ test: key, outcome }): Answer[] => {
      const test = tests.get(key);
      return test ? [{ test, outcome }] : [];
    });
  }, [dictionary, work]);
  const skipped = useMemo(() => new Set(work.skipped), [work]);

  const change = (next: (now: BenchWork) => Partial<BenchWork>) =>
    draft.commit((before) => {
      const now = before.basis === basis ? before : nothing;
      const begunAt = now.begunAt ?? new Date().toISOString();
      return { ...now, basis, begunAt, ...next(now) };
    });
  return {
    answers,
    skipped,
    danger: work.danger,
    begunAt: work.begunAt,
    wasFound: draft.wasFound && work.begunAt !== null,
    answer: (given: readonly Answer[]) => {
      const keys = new Set(given.map(({ test }) => testKey(test)));
      change(({ seen }) => ({
        seen: [...seen.filter(({ test }) => !keys.has(test)), ...kept(given)],
      }));
    },
    takeBack: (test: BenchTest) =>
      change(({ seen }) => ({ seen: seen.filter((one) => one.test !== testKey(test)) })),
    skip: (test: BenchTest) =>
      change((now) => ({
        skipped: [...now.skipped, ...atOneGlance(dictionary, test).map((one) => testKey(one))],
      })),
    mended: (places: readonly string[]) =>
      change(() => ({ seen: kept(afterMending(answers, places)), skipped: [], danger: false })),
    setDanger: (danger: boolean) => change(() => ({ danger })),
    again: draft.discard,
  };
}
