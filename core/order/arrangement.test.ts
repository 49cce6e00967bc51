import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import { movedSteps } from './arrangement.ts';
import { planKit } from './planKit.ts';
import { type OrderSettings, usualSettings } from './settings.ts';
import type { Step } from './step.ts';
import { line, ohm, type } from './testing/kits.ts';

const placesIn = (steps: readonly Step[]) =>
  steps.flatMap((step) => (step.kind === 'check' ? [] : step.parts.flatMap((p) => p.designators)));

describe('an order of the instructor’s own', () => {
  const parts = [
    line('resistor-axial', 'R1 R2', ohm(470)),
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('ic-dip', 'U1', type('LM393'), 8),
    line('led-5mm', 'D1'),
  ];
  const plan = (more: Partial<OrderSettings>) =>
    planKit({ parts, supplyVolt: 5, settings: { ...usualSettings, ...more } });
  const natural = plan({}).arrangement;
  const swapped = [...natural];
  const chip = swapped.findIndex((keys) => keys.includes('U1'));
  swapped.unshift(...swapped.splice(chip, 1));

  it('is kept, and the rules that it breaks are told at once', () => {
    const { steps, broken } = plan({ arrangement: swapped });
    expect(placesIn(steps)[0]).toBe('U1');
    expect(broken.map(({ rule }) => rule).sort()).toEqual([
      'chips-after-supply',
      'socket-before-chip',
    ]);
    expect(broken.every(({ reason }) => reason === null)).toBe(true);
  });

  it('tells a socket from the chip that has the same place', () => {
    const shared = [
      line('resistor-axial', 'R1', ohm(470)),
      line('socket-dip', 'U1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('LM393'), 8),
    ];
    const natural = planKit({ parts: shared, supplyVolt: 5 });
    const kinds = (steps: typeof natural.steps) =>
      steps.flatMap((step) =>
        step.kind === 'check'
          ? []
          : [`${step.kind} ${step.parts.map(({ designators }) => designators).join()}`],
      );
    expect(kinds(natural.steps)).toEqual(['solder R1', 'solder U1', 'insert U1']);
    const again = planKit({
      parts: shared,
      supplyVolt: 5,
      settings: { ...usualSettings, arrangement: natural.arrangement },
    });
    expect(kinds(again.steps)).toEqual(kinds(natural.steps));
    expect(again.broken).toEqual([]);
  });

  it('keeps the reason that is given for breaking one', () => {
    const [first] = plan({ arrangement: swapped }).broken;
    if (!first) throw new Error('nothing is broken');
    const exception = {
      rule: first.rule,
      before: first.beforeKey,
      after: first.afterKey,
      reason: 'The chip is a dummy.',
    };
    const { broken } = plan({ arrangement: swapped, exceptions: [exception] });
    expect(broken.find(({ rule }) => rule === first.rule)?.reason).toBe('The chip is a dummy.');
    expect(broken.filter(({ reason }) => reason === null)).toHaveLength(1);
  });

  it('can split a value and merge two', () => {
    const split = natural.flatMap((keys) =>
      keys.includes('R1') ? [['R1'], ['R2', 'D1']] : keys.includes('D1') ? [] : [keys],
    );
    const { steps, broken } = plan({ arrangement: split });
    expect(placesIn(steps.slice(0, 2))).toEqual(['R1', 'R2', 'D1']);
    expect(steps[1]).toMatchObject({ kind: 'solder', joints: 4 });
    expect(broken).toEqual([]);
  });

  it('says which steps were moved by hand, and no others', () => {
    const { steps } = plan({ arrangement: swapped });
    expect(steps.map(({ reason }) => reason.kind === 'by-hand')).toEqual(
      steps.map((_, index) => index === 0),
    );
  });

  it('for any wish: nothing is lost, nothing is done twice', () => {
    const keys = [...natural.flat(), 'R99', 'gone'];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(keys),
        fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 12 }),
        (mixed, sizes) => {
          const arrangement: string[][] = [];
          for (let at = 0, step = 0; at < mixed.length; step += 1) {
            const size = sizes[step] ?? 1;
            arrangement.push(mixed.slice(at, at + size));
            at += size;
          }
          const done = plan({ arrangement }).arrangement.flat();
          expect([...done].sort()).toEqual([...natural.flat()].sort());
        },
      ),
      { numRuns: cases(200, 0.25) },
    );
  });

  it('what came to the kit later is put where the styles would have it', () => {
    const without = natural.filter((keys) => !keys.includes('X1'));
    expect(plan({ arrangement: without }).arrangement).toEqual(natural);
  });
});

describe('moved steps', () => {
  // The longest increasing run stays; worked by hand.
  it.each([
    [[0, 1, 2, 3], []],
    [[3, 0, 1, 2], [0]],
    [[0, 2, 1, 3], [1]],
    [[1, 2, 3, 0], [3]],
    [[], []],
  ])('of %j are %j', (positions, moved) => {
    expect([...movedSteps(positions)]).toEqual(moved);
  });

  it('leaves an increasing run, and no longer one exists', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2, 3, 4, 5, 6], { minLength: 7, maxLength: 7 }),
        (positions) => {
          const moved = movedSteps(positions);
          const kept = positions.filter((_, index) => !moved.has(index));
          expect(kept).toEqual([...kept].sort((a, b) => a - b));
          expect(kept.length).toBe(longestByTrying(positions));
        },
      ),
    );
  });

  function longestByTrying(positions: readonly number[]): number {
    let best = 0;
    for (let mask = 0; mask < 2 ** positions.length; mask += 1) {
      const chosen = positions.filter((_, index) => mask & (2 ** index));
      const rising = chosen.every((one, index) => index === 0 || one > (chosen[index - 1] ?? 0));
      if (rising) best = Math.max(best, chosen.length);
    }
    return best;
  }
});
