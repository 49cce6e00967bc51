import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planKit } from '../order/planKit.ts';
import { line, ohm } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import { bagOf } from './bag.ts';
import { builtOf } from './built.ts';
import type { BuildEvent } from './event.ts';
import { foldSeat } from './foldSeat.ts';
import { goOn } from './goOn.ts';
import { anyLog, event, stepIds } from './testing/log.ts';

const fold = (...events: BuildEvent[]) => foldSeat(stepIds, events);

describe('how a learner is met and seen off', () => {
  it('is met once, the first time', () => {
    const first = event(3, { kind: 'greeted' });
    expect(fold(event(9, { kind: 'greeted' }), first).greetedAt).toBe(first.at);
    expect(fold().greetedAt).toBeNull();
  });

  it('has nothing missing once each piece was handed out', () => {
    const told = event(2, { kind: 'part-missing', stepId: 'one', designators: ['R1', 'R2'] });
    const give = (minute: number, designator: string) =>
      event(minute, { kind: 'part-replaced', stepId: 'one', designator }, 'instructor');
    expect(fold(told).missing[0]?.designators).toEqual(['R1', 'R2']);
    expect(fold(told, give(5, 'R1')).missing[0]?.designators).toEqual(['R2']);
    expect(fold(told, give(5, 'R1'), give(6, 'R2')).missing).toEqual([]);
    // One that was handed out before somebody missed it is another one.
    expect(fold(give(1, 'R1'), told).missing[0]?.designators).toEqual(['R1', 'R2']);
  });

  it('said of the evening what was said last', () => {
    const early = event(90, { kind: 'feedback', face: 1, text: '' });
    const late = event(95, { kind: 'feedback', face: 3, text: 'It blinks' });
    expect(fold(late, early).feedback).toMatchObject({ face: 3, text: 'It blinks' });
  });

  it('says more with a call, and keeps it when the call is only named otherwise', () => {
    const call = event(4, { kind: 'help-asked', stepId: 'one', about: 'question', text: 'Cold' });
    const again = event(5, { kind: 'help-asked', stepId: 'one', about: 'broken' });
    expect(fold(call, again).help).toMatchObject({ about: 'broken', text: 'Cold' });
  });

  it('has notes that nothing else depends on', () => {
    fc.assert(
      fc.property(anyLog, (any) => {
        // Only staff write them.
        const log = any.filter(({ kind, by }) => kind !== 'note' || by === 'instructor');
        const { notes: _, ...state } = foldSeat(stepIds, log);
        const without = foldSeat(
          stepIds,
          log.filter(({ kind }) => kind !== 'note'),
        );
        const { notes: none, ...same } = without;
        expect(same).toEqual(state);
        expect(none).toEqual([]);
      }),
      { numRuns: cases(100) },
    );
  });
});

describe('what is in the bag', () => {
  const parts = [
    line('resistor-axial', 'R1 R2', ohm(470)),
    line('resistor-axial', 'R7', ohm(470)),
    line('resistor-axial', 'R3', ohm(10_000)),
    line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
    {
      ...line('led-5mm', 'D2', { kind: 'colour', colour: 'green' }),
      supply: 'not-in-kit' as const,
    },
  ];
  const { steps } = planKit({ parts, supplyVolt: 5 });

  it('holds every piece of the steps once, and nothing that is brought', () => {
    const bag = bagOf(steps);
    expect(bag.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(5);
    expect(bag.flatMap(({ part }) => part.designators)).not.toContain('D2');
  });

  it('is what was built when all is done; checked is only what somebody has seen', () => {
    const done = steps.map(({ id }, at) => event(at, { kind: 'step-done', stepId: id }));
    const [first] = steps.filter(({ kind }) => kind === 'solder');
    const good = event(99, { kind: 'checked-good', stepId: first?.id ?? '' }, 'instructor');
    const ids = steps.map(({ id }) => id);
    const claimed = builtOf(steps, foldSeat(ids, done));
    expect(claimed).toMatchObject({ checked: 0 });
    expect(claimed.claimed).toBeGreaterThan(1);
    // Two leads each (common practice).
    expect(claimed.joints).toBe(2 * 6);
    expect(builtOf(steps, foldSeat(ids, [...done, good]))).toMatchObject({ checked: 1 });
    expect(builtOf(steps, foldSeat(ids, []))).toMatchObject({ joints: 0, claimed: 0, parts: [] });
  });
});

describe('a fault that everybody is told of', () => {
  const { steps } = planKit({
    parts: [line('resistor-axial', 'R1', ohm(470)), line('battery-holder', 'BT1')],
    supplyVolt: 3,
  });
  const ids = steps.map(({ id }) => id);
  const [first] = steps;
  const check = steps.find(({ kind }) => kind === 'check');
  const work = steps.find(({ kind, id }) => kind !== 'check' && id !== first?.id);
  const doneFirst = event(5, { kind: 'step-done', stepId: first?.id ?? '' });
  const told = (holds?: boolean) =>
    event(
      10,
      {
        kind: 'notice',
        notice: 'n',
        stepId: first?.id ?? '',
        designators: [],
        text: 'Turn it',
        holds,
      },
      'instructor',
    );

  it('holds a seat that has built it in at its next check, and not before', () => {
    const state = foldSeat(ids, [doneFirst, told(true)]);
    if (!check || !work) throw new Error('no such step');
    expect(goOn(check, state)).toBe('held');
    expect(goOn(work, state)).not.toBe('held');
  });

  it('lets it go on once somebody has looked, and holds nobody who comes to it later', () => {
    if (!check) throw new Error('no check');
    const notice = told(true);
    const looked = event(12, { kind: 'notice-checked', told: notice.id }, 'instructor');
    expect(goOn(check, foldSeat(ids, [doneFirst, notice, looked]))).not.toBe('held');
    expect(goOn(check, foldSeat(ids, [notice]))).not.toBe('held');
    expect(goOn(check, foldSeat(ids, [doneFirst, told()]))).not.toBe('held');
  });
});
