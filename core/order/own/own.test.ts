import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stepMinutes } from '../../pace/stepMinutes.ts';
import type { Part } from '../../parts/part.ts';
import { cases } from '../../testing/cases.ts';
import { planKit } from '../planKit.ts';
import { type OrderSettings, usualSettings } from '../settings.ts';
import { anyKit, line, ohm, type } from '../testing/kits.ts';
import { addedKey, nothingOwn, type OwnSteps, type OwnWords } from './own.ts';
import { withHidden, withoutAdded, withoutNotes, withWords } from './ownSteps.ts';

const parts = [
  line('resistor-axial', 'R1 R2', ohm(470)),
  line('resistor-axial', 'R3', ohm(1000)),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('LM393'), 8),
  line('led-5mm', 'D1'),
];
const planOf = (own: OwnSteps, more: Partial<OrderSettings> = {}, kit: readonly Part[] = parts) =>
  planKit({ parts: kit, supplyVolt: 5, settings: { ...usualSettings, ...more, own } });
const stepWith = (plan: ReturnType<typeof planOf>, key: string) => {
  const at = plan.arrangement.findIndex((keys) => keys.includes(key));
  const step = plan.steps[at];
  if (!step) throw new Error(`nothing is done with ${key}`);
  return { step, keys: plan.arrangement[at] ?? [] };
};
const words: OwnWords = { title: { en: 'Ours' }, note: { en: 'Watch seat 3' }, minutes: 7 };
const changedAt = (key: string) => {
  const { step, keys } = stepWith(planOf(nothingOwn), key);
  return withWords(nothingOwn, keys, step, words);
};

describe('the instructor’s words for a step', () => {
  it('stand instead of the computed ones, its minutes too, and are gone when they are restored', () => {
    const own = changedAt('R3');
    const { step, keys } = stepWith(planOf(own), 'R3');
    expect(step.own).toEqual({ words });
    expect(stepMinutes(step)).toBe(7);
    expect(withWords(own, keys, step, {})).toEqual(nothingOwn);
  });

  it('follow what is done through another order and another list', () => {
    const own = changedAt('R3');
    const { arrangement } = planOf(own);
    const turned = planOf(own, { arrangement: [...arrangement].reverse() });
    expect(stepWith(turned, 'R3').step.own?.words).toEqual(words);
    const revised = [line('capacitor-film', 'C9'), ...parts.slice(1)];
    expect(stepWith(planOf(own, {}, revised), 'R3').step.own?.words).toEqual(words);
    // Merged with a step that has none, they are those of both.
    const merged = planOf(own, { batch: { kind: 'pieces', most: 50 } });
    expect(stepWith(merged, 'R3').step.own?.words).toEqual(words);
  });

  it('are marked when the step becomes another one', () => {
    const own = changedAt('R3');
    expect(stepWith(planOf(own), 'R3').step.own?.isStale).toBeUndefined();
    const other = parts.map((part) =>
      part.designators.includes('R3') ? { ...part, value: ohm(2200) } : part,
    );
    expect(stepWith(planOf(own, {}, other), 'R3').step.own?.isStale).toBe(true);
  });

  it('wait for a part that is gone and come back with it', () => {
    const own = changedAt('R3');
    const without = planOf(own, {}, [parts[0] as Part, ...parts.slice(2)]);
    expect(without.steps.filter((step) => step.own)).toEqual([]);
    expect(stepWith(planOf(own), 'R3').step.own?.words).toEqual(words);
  });

  it('have notes that a seat does not get', () => {
    const { steps } = planOf(changedAt('R3'));
    expect(JSON.stringify(steps)).toContain('Watch seat 3');
    expect(JSON.stringify(withoutNotes(steps))).not.toContain('Watch seat 3');
    expect(withoutNotes(steps)).toHaveLength(steps.length);
  });
});

describe('a step of one’s own', () => {
  const added = (after: string | null, id = 'tea'): OwnSteps => ({
    ...nothingOwn,
    added: [{ id, sort: 'break', after, words: { title: { en: 'Tea' } } }],
  });
  const place = (plan: ReturnType<typeof planOf>, key: string) =>
    plan.arrangement.findIndex((keys) => keys.includes(key));

  it('stands behind the step that it was put behind, wherever that goes', () => {
    const own = added('R3');
    const plan = planOf(own);
    expect(place(plan, addedKey('tea'))).toBe(place(plan, 'R3') + 1);
    expect(plan.steps[place(plan, addedKey('tea'))]).toMatchObject({
      kind: 'own',
      parts: [],
      joints: 0,
      own: { sort: 'break', words: { title: { en: 'Tea' } } },
    });
    const { arrangement } = planOf(nothingOwn);
    const turned = planOf(own, { arrangement: [...arrangement].reverse() });
    expect(place(turned, addedKey('tea'))).toBeGreaterThanOrEqual(0);
  });

  it('comes first where it is put before everything, last where its neighbour is gone', () => {
    expect(place(planOf(added(null)), addedKey('tea'))).toBe(0);
    const plan = planOf(added('R99'));
    expect(place(plan, addedKey('tea'))).toBe(plan.steps.length - 1);
  });

  it('can be moved like any other, and be deleted', () => {
    const own = added('R3');
    const { arrangement } = planOf(own);
    const last = [...arrangement.filter(([key]) => key !== addedKey('tea')), [addedKey('tea')]];
    const moved = planOf(own, { arrangement: last });
    expect(place(moved, addedKey('tea'))).toBe(moved.steps.length - 1);
    expect(planOf(withoutAdded(own, [addedKey('tea')])).steps).toHaveLength(
      planOf(nothingOwn).steps.length,
    );
  });

  it('is never put in with parts, and breaks no rule', () => {
    const plan = planOf(added('R1'), { batch: { kind: 'pieces', most: 50 } });
    expect(plan.arrangement[place(plan, addedKey('tea'))]).toEqual([addedKey('tea')]);
    expect(plan.broken).toEqual([]);
  });
});

describe('a step that is left out', () => {
  it('says why, stays in sight for whoever plans, and can be brought back', () => {
    const { keys } = stepWith(planOf(nothingOwn), 'D1');
    const own = withHidden(nothingOwn, keys, 'The LED is built in later.');
    expect(stepWith(planOf(own), 'D1').step.own?.hidden).toBe('The LED is built in later.');
    expect(withHidden(own, keys, undefined)).toEqual(nothingOwn);
  });

  it('never takes other parts with it: put in together with them, or joined by a new one, it is done', () => {
    const { keys } = stepWith(planOf(nothingOwn), 'R3');
    const own = withHidden(nothingOwn, keys, 'Done at home.');
    const together = planOf(own, { batch: { kind: 'pieces', most: 50 } });
    expect(stepWith(together, 'R3').keys).toContain('R1');
    expect(stepWith(together, 'R1').step.own?.hidden).toBeUndefined();
    const more = parts.map((part) =>
      part.designators.includes('R3') ? { ...part, designators: ['R3', 'R9'], quantity: 2 } : part,
    );
    expect(stepWith(planOf(own, {}, more), 'R9').step.own?.hidden).toBeUndefined();
  });
});

describe('whatever was changed', () => {
  it('is on the same parts in any order, and no part is lost by it', () => {
    fc.assert(
      fc.property(
        anyKit,
        fc.array(fc.tuple(fc.nat(), fc.constantFrom('words', 'own', 'hide')), { maxLength: 6 }),
        fc.nat(),
        (kit, changes, turn) => {
          const plain = planOf(nothingOwn, {}, kit);
          let own = nothingOwn;
          for (const [index, [at, what]] of changes.entries()) {
            const step = plain.steps[at % Math.max(1, plain.steps.length)];
            const keys = plain.arrangement[at % Math.max(1, plain.steps.length)];
            if (!step || !keys) continue;
            if (what === 'words') own = withWords(own, keys, step, words);
            else if (what === 'hide') own = withHidden(own, keys, 'no');
            else {
              const one = { id: `a${index}`, sort: 'talk' as const, after: keys[0] ?? null };
              own = { ...own, added: [...own.added, { ...one, words }] };
            }
          }
          const plan = planOf(own, {}, kit);
          const shift = turn % Math.max(1, plan.arrangement.length);
          const arrangement = [
            ...plan.arrangement.slice(shift),
            ...plan.arrangement.slice(0, shift),
          ];
          const turned = planOf(own, { arrangement }, kit);
          const saidOf = (one: typeof plan) =>
            new Map(
              one.steps.flatMap((step, index) =>
                step.own
                  ? [[one.arrangement[index]?.join(' ') ?? '', JSON.stringify(step.own)]]
                  : [],
              ),
            );
          expect(saidOf(turned)).toEqual(saidOf(plan));
          const keysOfAll = (one: typeof plan) => one.arrangement.flat().sort();
          expect(keysOfAll(turned)).toEqual(keysOfAll(plan));
          expect(plan.steps).toHaveLength(plain.steps.length + own.added.length);
        },
      ),
      { numRuns: cases(60) },
    );
  });
});
