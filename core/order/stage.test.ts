import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { familyOf } from '../parts/families/index.ts';
import { cases } from '../testing/cases.ts';
import { planKit } from './planKit.ts';
import { stageAt } from './stage.ts';
import { anyKit } from './testing/kits.ts';

describe('a board that is built up step by step', () => {
  it('has at each step what was fitted before, and at the end everything, each part once', () => {
    fc.assert(
      fc.property(anyKit, fc.double({ min: 0, max: 1, noNaN: true }), (parts, share) => {
        const { steps } = planKit({ parts, supplyVolt: 5 });
        // The board itself is fitted nowhere.
        const fitted = parts.filter((part) => familyOf(part).role !== 'carrier');
        const names = fitted.flatMap(({ designators }) => designators);
        // Some parts have no place on the board.
        const places = new Set(names.slice(0, Math.ceil(names.length * share)));
        let before = new Set<string>();
        for (const { id } of steps) {
          const stage = stageAt(steps, id, places);
          if (!stage) throw new Error(`${id} is no step`);
          expect(stage.done).toEqual(before);
          for (const name of stage.now) expect(places.has(name)).toBe(true);
          const step = steps.find((one) => one.id === id);
          const handled = step && step.kind !== 'check' ? step.parts : [];
          before = new Set([...before, ...handled.flatMap(({ designators }) => designators)]);
        }
        for (const name of names) expect(before.has(name)).toBe(true);
      }),
      { numRuns: cases(60) },
    );
  });

  it('is none at a step that is not there', () => {
    expect(stageAt([], 'solder-R1', new Set())).toBeUndefined();
  });
});
