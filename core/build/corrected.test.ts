import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import type { BuildEvent } from './event.ts';
import { eventsThatCount, putRight } from './eventsThatCount.ts';
import { foldSeat } from './foldSeat.ts';
import { anyLog, event, stepIds } from './testing/log.ts';
import { handedOut } from './wrapUp.ts';

const fold = (...events: BuildEvent[]) => foldSeat(stepIds, events);

describe('a mistake that was logged wrongly', () => {
  const done = event(3, { kind: 'step-done', stepId: 'one' });
  const logged = event(5, {
    kind: 'mistake',
    stepId: 'two',
    mistake: 'wrong-value',
    designator: 'R1',
    instead: 'R2',
  });
  const right = event(
    60,
    { kind: 'corrected', corrects: logged.id, stepId: 'one', mistake: 'dry-joint' },
    'instructor',
  );

  it('is what it was corrected to, found when and by whom it was', () => {
    const [mistake, ...others] = fold(right, logged, done).mistakes;
    expect(others).toEqual([]);
    expect(mistake).toMatchObject({
      eventId: logged.id,
      mistake: 'dry-joint',
      madeAtStepId: 'one',
      foundAtStepId: 'two',
      foundAt: logged.at,
      by: 'learner',
    });
    // What the correction does not say is not so any more.
    expect(mistake?.designator).toBeUndefined();
    expect(mistake?.instead).toBeUndefined();
  });

  it('is as it was once the correction is taken back, and the last one counts', () => {
    const undo = event(61, { kind: 'undo', undoes: right.id }, 'instructor');
    expect(fold(logged, right, undo).mistakes[0]?.mistake).toBe('wrong-value');
    const later = event(
      70,
      { kind: 'corrected', corrects: logged.id, stepId: 'two', mistake: 'bridge' },
      'instructor',
    );
    expect(fold(later, logged, right).mistakes[0]?.mistake).toBe('bridge');
  });

  it('leaves a trace of what was first, of every change, and of what was deleted', () => {
    const gone = event(80, { kind: 'undo', undoes: logged.id }, 'instructor');
    expect(putRight([gone, right, logged])).toMatchObject([
      { eventId: right.id, was: { mistake: 'wrong-value' }, now: { mistake: 'dry-joint' } },
      { eventId: gone.id, was: { mistake: 'wrong-value' }, now: null },
    ]);
    expect(fold(gone, right, logged).mistakes).toEqual([]);
  });

  it('depends on the set of the entries only, and counts no entry twice', () => {
    fc.assert(
      fc.property(anyLog, fc.integer(), (log, seed) => {
        const shuffled = log
          .map((one, index) => [Math.sin(seed + index), one] as const)
          .sort(([a], [b]) => a - b)
          .map(([, one]) => one);
        expect(eventsThatCount([...shuffled, ...log])).toEqual(eventsThatCount(log));
        expect(putRight(shuffled)).toEqual(putRight(log));
        const corrected = eventsThatCount(log).filter(({ kind }) => kind === 'corrected');
        expect(corrected).toEqual([]);
      }),
      { numRuns: cases(100) },
    );
  });
});

it('counts what was handed out beside the bags, the most first', () => {
  const give = (designator: string) =>
    event(4, { kind: 'part-replaced', stepId: 'one', designator }, 'instructor');
  expect(handedOut([fold(give('R2')), fold(give('R10'), give('D1')), fold(give('D1'))])).toEqual([
    { designator: 'D1', pieces: 2 },
    { designator: 'R2', pieces: 1 },
    { designator: 'R10', pieces: 1 },
  ]);
});
