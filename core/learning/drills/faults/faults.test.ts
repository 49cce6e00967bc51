import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { needsPower, testKey, testsOf } from '../../../faults/benchTests.ts';
import { faultKey } from '../../../faults/fault.ts';
import { nextTests } from '../../../faults/nextTest.ts';
import { ranked } from '../../../faults/rank.ts';
import { seeded } from '../../../random.ts';
import { cases } from '../../../testing/cases.ts';
import { noKit } from '../drill.ts';
import { find, secondsFor } from './find.ts';
import { benchOf, type Hidden, isSame, seenAtOnce, showing } from './hidden.ts';
import { next } from './next.ts';
import { practiceBoardWithFaults } from './practiceBoard.ts';

const hidden = (key: string): Hidden => {
  const entry = practiceBoardWithFaults.faults.entries.findIndex(
    ({ fault }) => faultKey(fault) === key,
  );
  if (entry < 0) throw new Error(`no fault ${key}`);
  return { ...practiceBoardWithFaults, entry, seed: 1 };
};
const { points } = practiceBoardWithFaults.faults;
const volts = (task: Hidden, pin: string) =>
  benchOf(task)({ kind: 'volt', probe: points.probes.indexOf(pin) });
const looksOf = (task: Hidden) => seenAtOnce(task).map(({ outcome }) => outcome);

const anyHidden = fc
  .constantFrom(...showing(practiceBoardWithFaults))
  .map(({ fault }) => hidden(faultKey(fault)));
const anyItem = fc.constantFrom(...find.items(noKit));

describe('the hidden fault', () => {
  it('shows what it does to the board: a diode that blocks, a joint that does not conduct (common practice)', () => {
    // The guard diode turned round lets nothing through: no lamp, no volts behind it, the supply as it was.
    const blocked = hidden('backwards D3');
    expect(looksOf(blocked)).toEqual(['off', 'off']);
    expect(volts(blocked, 'D3.1')).toBeCloseTo(4.5, 0);
    expect(volts(blocked, 'D3.2')).toBeLessThan(0.1);
    // Behind an open joint of its resistor the lamp is dark, and in front of it everything is there.
    const open = hidden('open-joint R1.2');
    expect(looksOf(open)[0]).toBe('off');
    expect(volts(open, 'D3.2')).toBeGreaterThan(3.5);
    const ofPlace = (place: string) =>
      testsOf(open.faults).find((one) => one.kind === 'joint' && one.place === place);
    const [own, other] = [ofPlace('R1'), ofPlace('R3')];
    expect(own && benchOf(open)(own)).toBe('R1.2');
    expect(other && benchOf(open)(other)).toBe('beeps');
  });

  it('is found on the shortest way, which is never longer than a checklist', () => {
    fc.assert(
      fc.property(anyHidden, (task) => {
        const { made } = find.answer(task);
        const all = find.explain(task, { made, named: '' });
        const took = all.find(({ says }) => says.endsWith('took'))?.fill;
        expect(Number(took?.best)).toBeLessThanOrEqual(Number(took?.checklist));
        expect(secondsFor(task, made)).toBe(took?.best);
      }),
      { numRuns: cases(300, 0.2) },
    );
  });

  it('is right as any that nothing tells from it, partly at the same part, worth less the longer it took', () => {
    const task = hidden('open-joint R1.2');
    const same = practiceBoardWithFaults.faults.entries.filter((_, index) =>
      isSame(task.faults, index, task.entry),
    );
    for (const { fault } of same) {
      expect(find.judge(task, { made: [], named: faultKey(fault) }, 'usual').isRight).toBe(true);
    }
    const elsewhere = { made: [], named: 'backwards D2' };
    expect(find.judge(task, elsewhere, 'usual')).toEqual({ isRight: false, credit: 0 });
    const slow = testsOf(task.faults).map(testKey);
    const named = 'open-joint R1.2';
    const late = find.judge(task, { made: slow, named }, 'usual');
    expect(late.isRight).toBe(true);
    expect(late.credit).toBeLessThan(find.judge(task, find.answer(task), 'usual').credit);
  });
});

describe('what to do next', () => {
  it('is what tells most in its time, and the others clearly less', () => {
    fc.assert(
      fc.property(anyItem, fc.integer(), (item, seed) => {
        const task = next.make(item, seeded(seed), noKit);
        const all = ranked(task.faults, task.answers);
        const proposed = nextTests(task.faults, all, task.answers);
        expect(testKey(proposed[0]?.test ?? { kind: 'current' })).toBe(task.best);
        const rateOf = (key: string) => {
          const one = proposed.find(({ test }) => testKey(test) === key);
          return one ? one.bits / one.seconds : 0;
        };
        const keys = task.options.map(testKey);
        expect(new Set(keys).size).toBe(keys.length);
        expect(keys.length).toBeGreaterThan(1);
        for (const key of keys) {
          if (key !== task.best) expect(rateOf(key)).toBeLessThan(0.6 * rateOf(task.best));
        }
      }),
      { numRuns: cases(300, 0.2) },
    );
  });

  it('is never anything with power where the supply may be overloaded, and says so', () => {
    // A capacitor that is shorted inside takes all that the cells give.
    const task = hidden('broken-short C1');
    const answers = seenAtOnce(task);
    const danger = nextTests(task.faults, ranked(task.faults, answers), answers, true);
    expect(danger.every(({ test }) => !needsPower(test))).toBe(true);
  });
});
