import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkFailed } from '../learning/mistakes/checks.ts';
import type { WorkStep } from '../order/step.ts';
import { cases } from '../testing/cases.ts';
import type { BuildEvent } from './event.ts';
import { eventsThatCount } from './eventsThatCount.ts';
import { foldSeat } from './foldSeat.ts';
import { goOn } from './goOn.ts';
import { anyLog, event, stepIds } from './testing/log.ts';
import { wrapUpRows } from './wrapUp.ts';

const fold = (...events: BuildEvent[]) => foldSeat(stepIds, events);
const done = (minute: number, stepId: string) => event(minute, { kind: 'step-done', stepId });

describe('where a seat is', () => {
  it('begins at the first step', () => {
    expect(fold()).toMatchObject({
      currentStepId: 'one',
      finishedAt: null,
      help: null,
      lastSignAt: null,
    });
    expect(foldSeat([], []).finishedAt).toBeNull();
  });

  it('goes on as steps are done, and is finished at the last', () => {
    const last = done(9, 'three');
    expect(fold(done(1, 'one')).currentStepId).toBe('two');
    const state = fold(done(1, 'one'), done(5, 'two'), last);
    expect(state.currentStepId).toBeNull();
    expect(state.finishedAt).toBe(last.at);
    expect(state.lastSignAt).toBe(last.at);
  });

  it('goes back to a step that is reopened, and on when it is done again', () => {
    const back = event(6, { kind: 'step-reopened', stepId: 'one' });
    expect(fold(done(1, 'one'), done(5, 'two'), back).currentStepId).toBe('one');
    expect(fold(done(1, 'one'), done(5, 'two'), back, done(7, 'one')).currentStepId).toBe('three');
  });

  it('keeps the first time of a step that is reported twice', () => {
    const first = done(1, 'one');
    expect(fold(first, done(4, 'one')).doneAt.one).toBe(first.at);
  });

  it('does not mind a step of another plan', () => {
    expect(fold(done(1, 'of another plan'))).toMatchObject({ doneAt: {}, currentStepId: 'one' });
  });
});

describe('help', () => {
  const asked = event(2, { kind: 'help-asked', stepId: 'one' });

  it('waits from the first call until somebody comes', () => {
    const again = event(4, { kind: 'help-asked', stepId: 'one' });
    expect(fold(asked, again).help).toEqual({
      eventId: asked.id,
      askedAt: asked.at,
      stepId: 'one',
    });
    expect(fold(asked, again).openCalls).toEqual([asked.id, again.id]);
    const visit = event(5, { kind: 'visit', answers: [asked.id, again.id] }, 'instructor');
    expect(fold(asked, again, visit)).toMatchObject({
      help: null,
      visits: [{ eventId: visit.id }],
    });
  });

  it('ends when the learner no longer needs it', () => {
    expect(fold(asked, event(3, { kind: 'help-withdrawn', asked: asked.id })).help).toBeNull();
  });

  it('is settled even where the instructor’s clock is behind the learner’s', () => {
    const early = event(1, { kind: 'visit', answers: [asked.id] }, 'instructor');
    expect(fold(asked, early).help).toBeNull();
  });

  it('comes back when the visit is undone', () => {
    const visit = event(5, { kind: 'visit', answers: [asked.id] }, 'instructor');
    const undo = event(6, { kind: 'undo', undoes: visit.id }, 'instructor');
    expect(fold(asked, visit, undo)).toMatchObject({ help: { eventId: asked.id }, visits: [] });
  });
});

describe('mistakes', () => {
  it('know where they were made and where they were found', () => {
    const mistake = event(4, {
      kind: 'mistake',
      stepId: 'one',
      mistake: 'wrong-value',
      designator: 'R4',
    });
    expect(fold(done(1, 'one'), mistake).mistakes).toEqual([
      {
        eventId: mistake.id,
        mistake: 'wrong-value',
        madeAtStepId: 'one',
        foundAtStepId: 'two',
        foundAt: mistake.at,
        by: 'learner',
        noticedBy: 'learner',
        designator: 'R4',
      },
    ]);
  });

  it('are gone when undone', () => {
    const mistake = event(4, { kind: 'mistake', stepId: 'one', mistake: 'bridge' });
    expect(fold(mistake, event(5, { kind: 'undo', undoes: mistake.id })).mistakes).toEqual([]);
  });
});

describe('a check that failed', () => {
  const failed = event(2, { kind: 'mistake', stepId: 'one', mistake: checkFailed.id });
  const released = event(6, { kind: 'released', stepId: 'one', failed: [failed.id] }, 'instructor');
  const step: WorkStep = {
    id: 'one',
    kind: 'own',
    parts: [],
    joints: 0,
    hotJoints: 0,
    side: 'top',
    reason: { kind: 'by-hand', before: null },
    cautions: [],
    holding: [],
    lengths: [],
  };
  const measured: WorkStep = {
    ...step,
    own: { words: { measure: { unit: 'volt', at: { en: 'TP1' }, least: 4.75, most: 5.25 } } },
  };
  const read = (minute: number, amount: number) =>
    event(minute, { kind: 'reading', stepId: 'one', amount });

  it('holds the seat until staff release it, whatever is measured meanwhile', () => {
    expect(goOn(step, fold())).toBe('free');
    expect(goOn(step, fold(failed))).toBe('held');
    expect(goOn(measured, fold(read(1, 2), failed, read(3, 5)))).toBe('held');
    expect(goOn(step, fold(failed, released))).toBe('free');
  });

  it('is held again when it fails again, and the release of the first failure says nothing of that', () => {
    const again = event(7, { kind: 'mistake', stepId: 'one', mistake: checkFailed.id });
    expect(goOn(step, fold(failed, released, again))).toBe('held');
  });

  it('that was a slip and is taken back holds nobody', () => {
    expect(goOn(step, fold(failed, event(3, { kind: 'undo', undoes: failed.id })))).toBe('free');
  });

  it('waits for a reading that is right, unless staff let it go on as it is', () => {
    expect(goOn(measured, fold())).toBe('reading');
    expect(goOn(measured, fold(read(1, 5)))).toBe('free');
    expect(goOn(measured, fold(read(1, 5), read(2, 9)))).toBe('reading');
    expect(goOn(measured, fold(read(1, 9), failed, released))).toBe('free');
    // What is measured after that counts again.
    expect(goOn(measured, fold(read(1, 9), failed, released, read(8, 9)))).toBe('reading');
  });

  it('at another step holds nobody here', () => {
    const elsewhere = event(2, { kind: 'mistake', stepId: 'two', mistake: checkFailed.id });
    expect(goOn(step, fold(elsewhere))).toBe('free');
  });
});

it('pieces that are counted stand as they were counted last, by time', () => {
  const counted = (minute: number, pieces: number) =>
    event(minute, { kind: 'counted', stepId: 'one', pieces });
  expect(fold(counted(3, 17), counted(2, 16), counted(1, 15)).counts).toEqual({ one: 17 });
});

describe('what is logged beside the steps', () => {
  const visit = event(5, { kind: 'visit', answers: [] }, 'instructor');

  it('a visit lasts until whoever came goes on, and never ends before it began', () => {
    expect(fold(visit).visits).toMatchObject([{ endedAt: null }]);
    const ended = event(8, { kind: 'visit-ended', visit: visit.id }, 'instructor');
    expect(fold(ended, visit).visits).toMatchObject([{ at: visit.at, endedAt: ended.at }]);
    const early = event(3, { kind: 'visit-ended', visit: visit.id }, 'instructor');
    expect(fold(visit, early).visits).toMatchObject([{ endedAt: visit.at }]);
    const undone = event(9, { kind: 'undo', undoes: ended.id }, 'instructor');
    expect(fold(visit, ended, undone).visits).toMatchObject([{ endedAt: null }]);
  });

  it('keeps praise, parts replaced, who noticed a mistake and which helper logged it', () => {
    const praise = { ...event(3, { kind: 'praise', stepId: 'one' }, 'instructor'), helper: 'Knot' };
    const replaced = event(4, { kind: 'part-replaced', stepId: 'one', designator: 'R4' });
    const mistake = event(
      4,
      { kind: 'mistake', stepId: 'one', mistake: 'bridge', noticedBy: 'learner' },
      'instructor',
    );
    expect(fold(praise, replaced, mistake)).toMatchObject({
      praises: [{ stepId: 'one', helper: 'Knot' }],
      replaced: [{ designator: 'R4' }],
      mistakes: [{ by: 'instructor', noticedBy: 'learner' }],
    });
  });

  const told = event(
    6,
    { kind: 'notice', notice: 'n', stepId: 'one', designators: ['D1'], text: 'Turn it.' },
    'instructor',
  );

  it('a notice finds seats that have the step ahead, and those past it until they are looked at', () => {
    expect(fold(told).notices).toMatchObject([{ standing: 'ahead', text: 'Turn it.' }]);
    expect(fold(told, done(9, 'one')).notices).toMatchObject([{ standing: 'ahead' }]);
    expect(fold(done(5, 'one'), told).notices).toMatchObject([{ standing: 'to-check' }]);
    const looked = event(9, { kind: 'notice-checked', told: told.id }, 'instructor');
    expect(fold(done(5, 'one'), told, looked).notices).toMatchObject([{ standing: 'checked' }]);
  });

  it('a step done before the notice counts as past it, however late the entry arrives', () => {
    expect(fold(told, done(5, 'one')).notices).toMatchObject([{ standing: 'to-check' }]);
  });
});

describe('for any log', () => {
  const shuffled = anyLog.chain((log) =>
    fc.tuple(
      fc.constant(log),
      fc.shuffledSubarray(log, { minLength: log.length }),
      fc.array(fc.nat(), { maxLength: 5 }),
    ),
  );

  it('the state is the same in any order of arrival, and when some events arrive twice', () => {
    fc.assert(
      fc.property(shuffled, ([log, arrived, twice]) => {
        const doubled = [
          ...arrived,
          ...twice.flatMap((pick) => arrived.slice(pick % (arrived.length || 1)).slice(0, 1)),
        ];
        expect(foldSeat(stepIds, doubled)).toEqual(foldSeat(stepIds, log));
      }),
      { numRuns: cases(500) },
    );
  });

  it('undoing everything leaves a seat as it began', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const undos = log
          .filter(({ kind }) => kind !== 'undo')
          .map(({ id }) => event(40, { kind: 'undo', undoes: id }));
        expect(foldSeat(stepIds, [...log, ...undos])).toEqual(fold());
      }),
    );
  });

  it('what holds a seat is a failed check that is neither released nor undone', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const counting = eventsThatCount(log);
        const released = new Set(
          counting.flatMap((one) => (one.kind === 'released' ? one.failed : [])),
        );
        const expected = counting.filter(
          (one) =>
            one.kind === 'mistake' &&
            one.mistake === checkFailed.id &&
            stepIds.includes(one.stepId) &&
            !released.has(one.id),
        );
        const { holds } = foldSeat(stepIds, log);
        expect(holds.map(({ eventId }) => eventId).sort()).toEqual(
          expected.map(({ id }) => id).sort(),
        );
      }),
    );
  });

  it('the present step is the first that is not done, and mistakes and visits are those not undone', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const state = foldSeat(stepIds, log);
        expect(state.currentStepId).toBe(stepIds.find((id) => !(id in state.doneAt)) ?? null);
        const undone = new Set(log.flatMap((e) => (e.kind === 'undo' ? [e.undoes] : [])));
        const counted = (kind: string) =>
          log.filter(
            (e) =>
              e.kind === kind &&
              !undone.has(e.id) &&
              !('stepId' in e && !stepIds.includes(e.stepId)),
          ).length;
        expect(state.mistakes).toHaveLength(counted('mistake'));
        expect(state.visits).toHaveLength(counted('visit'));
        expect(state.praises).toHaveLength(counted('praise'));
        expect(state.replaced).toHaveLength(counted('part-replaced'));
        expect(state.notices).toHaveLength(counted('notice'));
      }),
    );
  });
});

describe('the wrap-up of a seat', () => {
  const startsAt = '2026-03-05T18:30:00.000Z';

  it('lists what happened by time, with minutes since the start', () => {
    const asked = event(6, { kind: 'help-asked', stepId: 'two' });
    const log = [
      done(4.25, 'one'),
      asked,
      event(8, { kind: 'visit', answers: [asked.id] }, 'instructor'),
      event(
        8.5,
        { kind: 'mistake', stepId: 'one', mistake: 'backwards', designator: 'D1' },
        'instructor',
      ),
      done(12, 'two'),
    ];
    expect(wrapUpRows(stepIds, startsAt, log)).toMatchObject([
      { what: 'step done', stepNumber: 1, minute: 4.3, by: 'learner' },
      { what: 'help asked', stepNumber: 2, minute: 6 },
      { what: 'visit', minute: 8, by: 'instructor' },
      { what: 'mistake', stepNumber: 1, foundAtStep: 2, mistake: 'backwards', designator: 'D1' },
      { what: 'step done', stepNumber: 2, minute: 12 },
    ]);
  });

  it('leaves out what was taken back, and counts exactly what the state counts', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const state = foldSeat(stepIds, log);
        const rows = wrapUpRows(stepIds, startsAt, log);
        const count = (what: string) => rows.filter((row) => row.what === what).length;
        expect(count('step done')).toBe(Object.keys(state.doneAt).length);
        expect(count('mistake')).toBe(state.mistakes.length);
        expect(count('visit')).toBe(state.visits.length);
        expect(rows.map(({ at }) => at)).toEqual(rows.map(({ at }) => at).sort());
      }),
    );
  });
});
