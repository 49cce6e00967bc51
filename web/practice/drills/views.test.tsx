import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exerciseOf, itemsOf } from '#core/learning/drills/exercise';
import { drills } from '#core/learning/drills/index';
import { fullKit, practiceKits } from '#core/learning/testing/practiceKits';
import { anySeed } from '#core/learning/testing/seeds';
import { tongues } from '#core/learning/testing/spoken';
import { cases } from '#core/testing/cases';
import { saying } from '#core/words/sayings';
import practice from '#locales/en/practice.json' with { type: 'json' };
import { markupOf, tagsOf, wordsOf } from '../../testing/speaking.tsx';
import { ExerciseCard } from '../ExerciseCard.tsx';
import { viewOf } from './index.ts';

const noop = () => {};

const exercises = (drill: (typeof drills)[number]) =>
  fc.constantFrom(...practiceKits).chain((kit) =>
    fc
      .record({ item: fc.constantFrom(...itemsOf(drill, kit)), seed: anySeed, otherSeed: anySeed })
      .map(({ item, seed, otherSeed }) => {
        const [exercise, other] = [exerciseOf(item, seed, kit), exerciseOf(item, otherSeed, kit)];
        if (!exercise || !other) throw new Error(`${item} of its own list is not known`);
        const { kind, task } = exercise;
        const givenTo = (answer: unknown) => ({
          answer,
          judgement: kind.judge(task, answer, 'usual'),
        });
        return {
          exercise,
          right: givenTo(kind.answer(task)),
          // What is right of another exercise of the item, mostly wrong here.
          other: givenTo(kind.answer(other.task)),
        };
      }),
  );

/** Controls that an answer is made with. */
const openControls = (markup: string) =>
  tagsOf(markup).filter(
    ({ name, attributes }) =>
      ['button', 'input', 'select'].includes(name) && !('disabled' in attributes),
  );

describe.each(drills.map((drill) => [drill.id, drill] as const))(
  'the pictures of %s',
  (_, drill) => {
    it('are there for every kind of exercise', () => {
      for (const { id } of drill.kinds) expect(viewOf(drill.id, id), id).toBeDefined();
    });

    it('draw every exercise, asked and answered, right and wrong, in every language', () => {
      fc.assert(
        fc.property(
          exercises(drill),
          fc.constantFrom('en', 'de', 'es') as fc.Arbitrary<'en' | 'de' | 'es'>,
          ({ exercise, right, other }, language) => {
            for (const given of [undefined, right, other]) {
              const markup = markupOf(
                <ExerciseCard exercise={exercise} sight="usual" given={given} give={noop} />,
                language,
              );
              expect(markup).not.toMatch(/NaN|undefined|Infinity|\[object/);
              expect(wordsOf(markup)).not.toMatch(/\b(drill|practice|family|joint)\.\w+|\{\{/);
            }
          },
        ),
        { numRuns: cases(60, 0.2) },
      );
    });

    it('tell a voice what is seen: a heading, and every drawing a name or none at all', () => {
      fc.assert(
        fc.property(exercises(drill), ({ exercise, right }) => {
          for (const given of [undefined, right]) {
            const tags = tagsOf(
              markupOf(
                <ExerciseCard exercise={exercise} sight="usual" given={given} give={noop} />,
              ),
            );
            expect(tags.some(({ name }) => name === 'h2')).toBe(true);
            for (const { name, attributes } of tags) {
              if (name !== 'svg' || attributes['aria-hidden'] === 'true') continue;
              expect(attributes['aria-label'] ?? attributes['aria-labelledby'] ?? '').not.toBe('');
            }
          }
        }),
        { numRuns: cases(40, 0.2) },
      );
    });

    it('let nobody answer on the projector, and nobody twice', () => {
      fc.assert(
        fc.property(exercises(drill), ({ exercise, right }) => {
          if (exercise.kind.isHandsOn) return;
          const answerable = markupOf(
            <ExerciseCard exercise={exercise} sight="usual" given={undefined} give={noop} />,
          );
          expect(openControls(answerable).length).toBeGreaterThan(0);
          for (const markup of [
            markupOf(<ExerciseCard exercise={exercise} sight="usual" given={undefined} />),
            markupOf(<ExerciseCard exercise={exercise} sight="usual" given={right} give={noop} />),
          ]) {
            expect(openControls(markup).length).toBeLessThan(openControls(answerable).length);
          }
        }),
        { numRuns: cases(40, 0.2) },
      );
    });

    it('say whether it was right, and why', () => {
      fc.assert(
        fc.property(exercises(drill), ({ exercise, right, other }) => {
          const shown = (given: typeof right) =>
            wordsOf(
              markupOf(
                <ExerciseCard exercise={exercise} sight="usual" given={given} give={noop} />,
              ),
            );
          expect(shown(right)).toContain(practice.practice.right);
          if (other.judgement.isRight === false && other.judgement.credit === 0)
            expect(shown(other)).toContain(practice.practice.wrong);
          for (const given of [right, other])
            for (const line of exercise.kind.explain(exercise.task, given.answer))
              expect(shown(given)).toContain(
                saying(tongues.en, line)
                  .replaceAll('&', '&amp;')
                  .replaceAll('"', '&quot;')
                  .replaceAll("'", '&#x27;')
                  .replaceAll('<', '&lt;')
                  .replaceAll('>', '&gt;'),
              );
        }),
        { numRuns: cases(40, 0.2) },
      );
    });
  },
);

describe('words instead of a picture', () => {
  // The number or the name is what is asked for: whoever only hears the picture has to find it as well.
  it.each([
    ['bands', 'read'],
    ['bands', 'print'],
    ['joints', 'what'],
    ['meter', 'measure'],
  ])('%s, %s: do not say the answer', (drillId, kindId) => {
    const drill = drills.find(({ id }) => id === drillId);
    const kind = drill?.kinds.find(({ id }) => id === kindId);
    if (!drill || !kind) throw new Error(`${drillId} has ${drill?.kinds.map(({ id }) => id)}`);
    const items = itemsOf(drill, fullKit).filter((item) =>
      item.startsWith(`${drillId}.${kindId}.`),
    );
    fc.assert(
      fc.property(fc.constantFrom(...items), anySeed, (item, seed) => {
        const exercise = exerciseOf(item, seed, fullKit);
        if (!exercise) return;
        const { task } = exercise;
        const told = saying(tongues.en, kind.tell(task, kind.answer(task)));
        const described = kind.describe(task).map((line) => saying(tongues.en, line));
        expect(described.join(' ')).not.toContain(told);
      }),
      { numRuns: cases(200, 0.2) },
    );
  });
});
