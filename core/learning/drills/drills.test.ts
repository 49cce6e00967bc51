import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../testing/cases.ts';
import { saying } from '../../words/sayings.ts';
import type { Said } from '../said.ts';
import { practiceKits } from '../testing/practiceKits.ts';
import { anySeed } from '../testing/seeds.ts';
import { tongues } from '../testing/spoken.ts';
import { noKit } from './drill.ts';
import { exerciseOf, itemsOf, partsOfItem } from './exercise.ts';
import { drills } from './index.ts';

const anyExercise = fc.constantFrom(...practiceKits).chain((kit) =>
  fc.record({
    kit: fc.constant(kit),
    item: fc.constantFrom(...drills.flatMap((drill) => itemsOf(drill, kit))),
    seed: anySeed,
  }),
);

describe('every drill', () => {
  it('makes the same exercise of the same seed, as plain data, and takes its own answer for right', () => {
    fc.assert(
      fc.property(anyExercise, ({ kit, item, seed }) => {
        const exercise = exerciseOf(item, seed, kit);
        expect(exercise).toBeDefined();
        if (!exercise) return;
        const { kind, task } = exercise;
        expect(exerciseOf(item, seed, kit)?.task).toEqual(task);
        // What goes over the network and back is the same.
        const sent = JSON.parse(JSON.stringify(kind.answer(task))) as unknown;
        expect(kind.judge(JSON.parse(JSON.stringify(task)), sent, 'usual')).toEqual({
          isRight: true,
          credit: 1,
        });
      }),
      { numRuns: cases(4000, 0.03) },
    );
  });

  it('asks, describes and explains in words that are all there, in every language', () => {
    const says = (one: Said) => Object.values(tongues).map((t) => saying(t, one));
    fc.assert(
      fc.property(anyExercise, anySeed, ({ kit, item, seed }, otherSeed) => {
        const exercise = exerciseOf(item, seed, kit);
        if (!exercise) return;
        const { drill, kind, task } = exercise;
        const key = partsOfItem(item)?.key ?? '';
        // What would be right of another exercise is wrong of this one, more often than not.
        const other = exerciseOf(item, otherSeed, kit);
        const answers = [kind.answer(task), ...(other ? [kind.answer(other.task)] : [])];
        const all = [
          kind.ask(task),
          ...kind.describe(task),
          ...answers.flatMap((answer) => [...kind.explain(task, answer), kind.tell(task, answer)]),
          kind.name(key),
        ].flatMap(says);
        for (const text of all) {
          expect(text, drill.id).not.toMatch(/\{\{|(drill|family|joint)\.[a-z]|undefined|\[object/);
          expect(text.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: cases(1500, 0.03) },
    );
  });

  it('is one definition: every item leads back to its drill and kind', () => {
    for (const kit of practiceKits)
      for (const drill of drills)
        for (const item of itemsOf(drill, kit)) expect(partsOfItem(item)?.drill).toBe(drill);
    expect(exerciseOf('bands.read.of another version', 1, noKit)).toBeUndefined();
  });
});
