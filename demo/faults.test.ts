import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { testEngine } from '#core/circuit/testing/engine';
import { testKey } from '#core/faults/benchTests';
import { faultKey } from '#core/faults/fault';
import { makeDictionary, subjectOf } from '#core/faults/makeDictionary';
import { ranked } from '#core/faults/rank';
import { benchWith, byInformation, lookFor } from '#core/faults/testing/lookFor';
import { seeded } from '#core/random';
import { documentOf } from './examples.ts';
import { demoKits } from './scenario.ts';

describe('faults of the examples', () => {
  it.each((process.env.KITS ?? 'Twin Lamp').split(','))(
    '%s',
    async (name) => {
      const demo = demoKits.find((one) => one.name === name);
      if (!demo) throw new Error(`no kit ${name}`);
      const { board, supplyVolt, lines } = await documentOf(
        demo,
        readFileSync(`demo/kits/${demo.file}`, 'utf8'),
      );
      if (!board || supplyVolt === null) throw new Error('no board');
      const subject = subjectOf({ board, parts: lines.map(({ part }) => part), supplyVolt });
      if (!subject) throw new Error('no subject');
      let t = performance.now();
      const dictionary = await makeDictionary(testEngine, subject, '');
      if (!dictionary) throw new Error('no dictionary');
      const byKind: Record<string, number> = {};
      for (const { fault } of dictionary.entries)
        byKind[fault.kind] = (byKind[fault.kind] ?? 0) + 1;
      console.log(
        name,
        dictionary.entries.length,
        dictionary.signatures.length,
        'null',
        dictionary.signatures.filter((x) => !x).length,
        Math.round(performance.now() - t),
        'ms',
        JSON.stringify(dictionary).length,
        JSON.stringify(byKind),
      );
      console.log(
        JSON.stringify(dictionary.points),
        JSON.stringify(dictionary.good.volts.map((v) => [+v.mean.toFixed(2), +v.sd.toFixed(2)])),
        dictionary.limitMilliampere,
      );
      t = performance.now();
      const steps: (number | null)[] = [];
      let seconds = 0;
      const random = seeded(7);
      for (const entry of dictionary.entries) {
        const bench = await benchWith(testEngine, subject, dictionary, entry.fault, random);
        if (!bench) {
          console.log('no bench', faultKey(entry.fault));
          continue;
        }
        const found = lookFor(
          dictionary,
          bench,
          ({ members }) => members.some(({ candidate }) => candidate === entry),
          byInformation(dictionary),
          15,
        );
        steps.push(found.steps);
        seconds += found.seconds;
        if ((found.steps ?? 99) > 6)
          console.log(
            faultKey(entry.fault),
            found.steps,
            found.steps === null
              ? found.answers
                  .map(
                    ({ test, outcome }) =>
                      testKey(test) +
                      '=' +
                      (typeof outcome === 'number' ? outcome.toFixed(2) : outcome),
                  )
                  .join('; ') +
                  ' ==> ' +
                  ranked(dictionary, found.answers)
                    .slice(0, 4)
                    .map(
                      (r) =>
                        (typeof r.candidate === 'string'
                          ? r.candidate
                          : faultKey(r.candidate.fault)) +
                        ' ' +
                        r.chance.toFixed(2),
                    )
                    .join(', ')
              : '',
          );
      }
      const within = (n: number) => steps.filter((s) => s !== null && s <= n).length / steps.length;
      console.log(
        name,
        'within 6',
        within(6).toFixed(2),
        'within 10',
        within(10).toFixed(2),
        'mean s',
        (seconds / steps.length).toFixed(0),
        Math.round(performance.now() - t),
        'ms',
      );
      expect(1).toBe(1);
    },
    3_000_000,
  );
});
