import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line } from '../../../order/testing/kits.ts';
import { seeded } from '../../../random.ts';
import { cases } from '../../../testing/cases.ts';
import { fullKit } from '../../testing/practiceKits.ts';
import { anySeed } from '../../testing/seeds.ts';
import { noKit } from '../drill.ts';
import { dial, displayOf, meterShows } from './dial.ts';
import { measure, shownAt, verdictOf } from './measure.ts';
import { diodeTest, supplyToGround } from './tests.ts';

describe('the meter', () => {
  it('gives each verdict on the smallest range that holds the part, and says so', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...measure.items(fullKit)), (seed, item) => {
        const task = measure.make(item, seeded(seed), fullKit);
        const { setting, verdict } = measure.answer(task);
        expect(item.endsWith(verdict)).toBe(true);
        const chosen = dial[setting];
        expect(chosen?.kind).toBe('range');
        if (chosen?.kind !== 'range') return;
        expect(verdictOf(task, setting)?.kind).toBe(verdict);
        const smaller = dial.some(
          (one) =>
            one.kind === 'range' &&
            one.range.unit === chosen.range.unit &&
            one.range.upTo < chosen.range.upTo &&
            task.part.value.kind === 'amount' &&
            one.range.upTo >= task.part.value.amount,
        );
        expect(smaller).toBe(false);
      }),
      { numRuns: cases(600) },
    );
  });

  // Worked readings (common practice): 46.4 kΩ on a 200 kΩ range is right for 47 kΩ 1 %; 55 nF is not 100 nF.
  it.each([
    ['resistor-axial', 'ohm', 47_000, 1, 46_400, 'right', '46.4 kΩ'],
    ['resistor-axial', 'ohm', 100, 1, 101, 'right', '101.0 Ω'],
    ['capacitor-electrolytic', 'farad', 4.7e-5, 20, 5.5e-5, 'right', '55.0 µF'],
    ['capacitor-ceramic', 'farad', 1e-7, 20, 5.6e-8, 'usable', '56.0 nF'],
  ] as const)('%s %s %d', (family, unit, nominal, tolerancePercent, amount, verdict, shown) => {
    const part = line(family, 'X1', { kind: 'amount', unit, amount: nominal, tolerancePercent });
    const task = { part, amount, others: [] };
    const answer = measure.answer(task);
    expect(answer.verdict).toBe(verdict);
    expect(shownAt(task, answer.setting)).toBe(shown);
  });

  // 4.7 kΩ, 0.4 % off, on 20 kΩ with steps of 10 Ω; 1 MΩ on 2 MΩ.
  it.each([
    [4700, '4.72 kΩ'],
    [1e6, '1.004 MΩ'],
  ])('shows %d Ω as %s', (ohm, shown) => {
    expect(meterShows(ohm)).toBe(shown);
  });

  it('shows nothing but a 1 where the range is too small', () => {
    const [first] = dial;
    expect(first?.kind === 'range' && displayOf(first.range, 4700)).toBe('1 .');
  });

  it('takes a diode for what the two readings say, and a supply for what the check says', () => {
    fc.assert(
      fc.property(anySeed, fc.constantFrom(...diodeTest.items(noKit)), (seed, item) => {
        const { shows, meaning } = diodeTest.make(item, seeded(seed), noKit);
        const conducts = shows.map((one) => one !== '1 .');
        expect(conducts).toEqual(
          {
            'anode-red': [true, false],
            'anode-black': [false, true],
            short: [true, true],
            open: [false, false],
          }[meaning],
        );
      }),
    );
    // About half an ohm is a short circuit (common practice).
    const short = supplyToGround.make('short', seeded(1), noKit);
    expect(short.meaning).toBe('short');
  });
});
