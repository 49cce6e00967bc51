import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../testing/cases.ts';
import { type Amended, type BuildEvent, type Deed, isForStaff } from './event.ts';
import { eventsThatCount, putRight } from './eventsThatCount.ts';
import { foldSeat, type SeatState } from './foldSeat.ts';
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

describe('an entry of another kind that was logged wrongly', () => {
  const when = event(9, { kind: 'greeted' }).at;
  const amend = (of: BuildEvent, deed: Amended, minute = 60) =>
    event(minute, { kind: 'amended', amends: of.id, deed, happenedAt: when }, 'instructor');
  const reading = event(12, { kind: 'reading', stepId: 'two', amount: 47 });

  it.each<[string, Deed, Amended, (state: SeatState) => unknown, object]>([
    [
      'a reading',
      { kind: 'reading', stepId: 'two', amount: 47 },
      { kind: 'reading', stepId: 'two', amount: 4700 },
      ({ readings }) => readings,
      [{ amount: 4700, at: when, by: 'learner' }],
    ],
    [
      'a note',
      { kind: 'note', text: 'Left-handed' },
      { kind: 'note', text: 'Right-handed' },
      ({ notes }) => notes,
      [{ text: 'Right-handed', at: when }],
    ],
    [
      'what staff have seen',
      { kind: 'checked-good', stepId: 'one' },
      { kind: 'checked-good', stepId: 'two' },
      ({ checkedGood }) => checkedGood,
      [{ stepId: 'two', at: when }],
    ],
    [
      'praise',
      { kind: 'praise', stepId: 'one' },
      { kind: 'praise', stepId: 'two' },
      ({ praises }) => praises,
      [{ stepId: 'two', at: when }],
    ],
    [
      'where a seat was put',
      { kind: 'put-at', stepId: 'three' },
      { kind: 'put-at', stepId: 'two' },
      ({ currentStepId }) => ({ currentStepId }),
      { currentStepId: 'two' },
    ],
    [
      'parts that are missing',
      { kind: 'part-missing', stepId: 'one', designators: ['R1', 'R2'] },
      { kind: 'part-missing', stepId: 'one', designators: ['R2'] },
      ({ missing }) => missing,
      [{ designators: ['R2'], at: when }],
    ],
    [
      'a visit',
      { kind: 'visit', answers: [] },
      { kind: 'visit', answers: [] },
      ({ visits }) => visits,
      [{ at: when }],
    ],
  ])('%s is what it was amended to, and when', (_, was, deed, read, expected) => {
    const logged = event(12, was);
    expect(read(fold(amend(logged, deed), logged))).toMatchObject(expected);
    // Taken back it is as it was.
    const amended = amend(logged, deed);
    const undo = event(70, { kind: 'undo', undoes: amended.id }, 'instructor');
    expect(fold(logged, amended, undo)).toEqual(fold(logged));
  });

  it('has the end of a visit put right by itself', () => {
    const visit = event(5, { kind: 'visit', answers: [] }, 'instructor');
    const end = event(20, { kind: 'visit-ended', visit: visit.id }, 'instructor');
    const right = amend(end, { kind: 'visit-ended', visit: visit.id });
    expect(fold(visit, end, right).visits).toMatchObject([{ at: visit.at, endedAt: when }]);
  });

  it('is left alone by what speaks of another kind', () => {
    expect(fold(reading, amend(reading, { kind: 'note', text: '4k7' }))).toEqual(fold(reading));
  });

  it('leaves a trace of what was first', () => {
    const right = amend(reading, { kind: 'reading', stepId: 'two', amount: 4700 });
    expect(putRight([right, reading])).toMatchObject([
      { eventId: right.id, was: { amount: 47, at: reading.at }, now: { amount: 4700, at: when } },
    ]);
  });

  it('is for staff alone where the entry is', () => {
    const isFor = (deed: Amended) => isForStaff(amend(reading, deed));
    expect(isFor({ kind: 'note', text: 'Left-handed' })).toBe(true);
    expect(isFor({ kind: 'reading', stepId: 'two', amount: 4700 })).toBe(false);
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
