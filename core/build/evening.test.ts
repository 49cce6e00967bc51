import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stepTimes } from '../pace/learnt/stepTimes.ts';
import type { PlannedStep } from '../pace/stepMinutes.ts';
import { cases } from '../testing/cases.ts';
import type { BuildEvent } from './event.ts';
import { foldSeat } from './foldSeat.ts';
import { helpQueue } from './helpQueue.ts';
import { isMessageOpen, minutesLeftOf } from './messages.ts';
import { anyLog, event, stepIds } from './testing/log.ts';

const fold = (...events: BuildEvent[]) => foldSeat(stepIds, events);
const done = (minute: number, stepId: string) => event(minute, { kind: 'step-done', stepId });
const put = (minute: number, stepId: string) =>
  event(minute, { kind: 'put-at', stepId }, 'instructor');

describe('a seat that is put at a step', () => {
  it('has what is before behind it, by nobody’s tap, and the rest before it', () => {
    const state = fold(done(1, 'one'), put(9, 'three'));
    expect(state).toMatchObject({ currentStepId: 'three', assumed: ['two'] });
    expect(fold(done(1, 'one'), done(2, 'two'), put(9, 'one'))).toMatchObject({
      currentStepId: 'one',
      doneAt: {},
      assumed: [],
    });
  });

  it('is where it was when that is taken back', () => {
    const at = put(9, 'three');
    const undo = event(10, { kind: 'undo', undoes: at.id }, 'instructor');
    expect(fold(done(1, 'one'), at, undo).currentStepId).toBe('two');
  });

  it('tells nothing of how long its steps took', () => {
    const steps = stepIds.map(
      (id) => ({ id, kind: 'solder', parts: [], minutes: 5 }) as unknown as PlannedStep,
    );
    const tapped = [done(1, 'one'), done(7, 'two')];
    expect(stepTimes(steps, tapped)).toHaveLength(1);
    expect(stepTimes(steps, [done(1, 'one'), put(7, 'three')])).toEqual([]);
  });

  it('is at that step after any log, and whatever came before it', () => {
    fc.assert(
      fc.property(anyLog, fc.constantFrom(...stepIds), (log, stepId) => {
        expect(fold(...log, put(99, stepId)).currentStepId).toBe(stepId);
      }),
      { numRuns: cases(100) },
    );
  });
});

describe('what staff have checked', () => {
  it('is good until the step is opened again', () => {
    const good = event(3, { kind: 'checked-good', stepId: 'one' }, 'instructor');
    const again = event(4, { kind: 'step-reopened', stepId: 'one' });
    expect(fold(done(1, 'one'), good).checkedGood.map(({ stepId }) => stepId)).toEqual(['one']);
    expect(fold(done(1, 'one'), good, again, done(5, 'one')).checkedGood).toEqual([]);
    expect(fold(done(1, 'one')).checkedGood).toEqual([]);
  });
});

describe('a call for help', () => {
  const asked = event(2, { kind: 'help-asked', stepId: 'one' });
  const told = event(3, { kind: 'help-asked', stepId: 'one', about: 'hurt' });
  const coming = {
    ...event(4, { kind: 'coming', calls: [asked.id] }, 'instructor'),
    helper: 'Ada',
  };

  it('keeps its time, says what it is about, and who comes', () => {
    expect(fold(asked, told).help).toMatchObject({ askedAt: asked.at, about: 'hurt' });
    expect(fold(asked).help?.coming).toBeUndefined();
    expect(fold(asked, coming).help?.coming).toMatchObject({ helper: 'Ada' });
    const undo = event(5, { kind: 'undo', undoes: coming.id }, 'instructor');
    expect(fold(asked, coming, undo).help?.coming).toBeUndefined();
  });

  it('waits in the order of asking, and who is hurt comes first', () => {
    const at = (minute: number, seatId: string, about?: 'hurt') => ({
      ...event(minute, { kind: 'help-asked', stepId: 'one', ...(about ? { about } : {}) }),
      seatId,
    });
    const [a, b, c] = [at(1, 'a'), at(2, 'b'), at(3, 'c', 'hurt')];
    expect(helpQueue([b, c, a])).toEqual(['c', 'a', 'b']);
    const visit = { ...event(4, { kind: 'visit', answers: [a.id] }, 'instructor'), seatId: 'a' };
    expect(helpQueue([b, c, a, visit])).toEqual(['c', 'b']);
    const undo = { ...event(5, { kind: 'undo', undoes: visit.id }, 'instructor'), seatId: 'a' };
    expect(helpQueue([b, c, a, visit, undo])).toEqual(['c', 'a', 'b']);
  });

  it('is on the list as long as its seat says that it waits', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const known = log.filter((one) => !('stepId' in one) || stepIds.includes(one.stepId));
        expect(helpQueue(known).length > 0).toBe(fold(...known).help !== null);
      }),
      { numRuns: cases(200) },
    );
  });
});

describe('a message', () => {
  const sent = event(
    1,
    { kind: 'message', message: 'm', sort: 'break', text: 'Tea', minutes: 10 },
    'instructor',
  );
  const read = event(2, { kind: 'message-read', told: sent.id });
  const at = (minute: number) => new Date(Date.parse(sent.at) + minute * 60_000);

  it('is shown until it is read, a break until it is over', () => {
    const [unread] = fold(sent).messages;
    const [known] = fold(sent, read, event(5, { kind: 'message-read', told: sent.id })).messages;
    expect(known?.readAt).toBe(read.at);
    expect(unread && minutesLeftOf(unread, at(3.5))).toBe(7);
    expect(unread && isMessageOpen(unread, at(30))).toBe(true);
    expect(known && isMessageOpen(known, at(9))).toBe(true);
    expect(known && isMessageOpen(known, at(10))).toBe(false);
  });

  it('without an end is gone when it is read', () => {
    const hint = event(1, { kind: 'message', message: 'h', sort: 'hint', text: 'Tin the tip' });
    const seen = event(2, { kind: 'message-read', told: hint.id });
    const [open] = fold(hint).messages;
    const [closed] = fold(hint, seen).messages;
    expect(open && minutesLeftOf(open, at(0))).toBeNull();
    expect([open && isMessageOpen(open, at(0)), closed && isMessageOpen(closed, at(0))]).toEqual([
      true,
      false,
    ]);
  });
});
