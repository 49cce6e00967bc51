import fc from 'fast-check';
import { checkFailed } from '../../learning/mistakes/checks.ts';
import { bridge } from '../../learning/mistakes/joints.ts';
import type { BuildEvent, Deed } from '../event.ts';

let count = 0;

/** An event of a test's log at a minute of the evening, with an id of its own. */
export function event(minute: number, deed: Deed, by: BuildEvent['by'] = 'learner'): BuildEvent {
  count += 1;
  return {
    ...deed,
    id: `00000000-0000-7000-8000-${String(count).padStart(12, '0')}`,
    seatId: 'seat',
    at: new Date(Date.UTC(2026, 2, 5, 18, 30) + minute * 60_000).toISOString(),
    by,
  };
}

export const stepIds = ['one', 'two', 'three'];

/** Any log of a seat: deeds in any order, undos and answers of events that exist, some at the same moment. */
export const anyLog: fc.Arbitrary<BuildEvent[]> = fc
  .array(
    fc.record({
      kind: fc.constantFrom(
        'step-done',
        'step-reopened',
        'put-at',
        'checked-good',
        'greeted',
        'part-missing',
        'feedback',
        'note',
        'coming',
        'message',
        'message-read',
        'mistake',
        'corrected',
        'amended',
        'photo',
        'check-failed',
        'counted',
        'released',
        'help-asked',
        'help-withdrawn',
        'visit',
        'visit-ended',
        'praise',
        'part-replaced',
        'notice',
        'notice-checked',
        'practised',
        'round-started',
        'round-ended',
        'undo',
      ),
      stepId: fc.constantFrom(...stepIds, 'of another plan'),
      minute: fc.integer({ min: 0, max: 30 }),
      earlier: fc.nat(),
      by: fc.constantFrom('learner' as const, 'instructor' as const),
    }),
    { maxLength: 40 },
  )
  .map((rows) => {
    const log: BuildEvent[] = [];
    for (const { kind, stepId, minute, earlier, by } of rows) {
      const target = log[earlier % Math.max(1, log.length)];
      const deed = deedOf(kind, stepId, target);
      if (deed) log.push(event(minute, deed, by));
    }
    return log;
  });

function deedOf(kind: string, stepId: string, target: BuildEvent | undefined): Deed | undefined {
  switch (kind) {
    case 'step-done':
    case 'step-reopened':
    case 'help-asked':
      return { kind, stepId };
    case 'put-at':
    case 'checked-good':
    case 'praise':
      return { kind, stepId };
    case 'greeted':
      return { kind };
    case 'part-missing':
      return { kind, stepId, designators: ['R1', 'R2'] };
    case 'feedback':
      return { kind, face: 2, text: 'More light' };
    case 'note':
      return { kind, text: 'Left-handed' };
    case 'photo':
      return { kind, photo: '00000000-0000-7000-8000-0000000000ff', of: 'board' };
    case 'corrected':
      return target?.kind === 'mistake'
        ? { kind, corrects: target.id, stepId, mistake: bridge.id }
        : undefined;
    case 'amended': {
      const happenedAt = new Date(Date.UTC(2026, 2, 5, 18, 30 + stepId.length)).toISOString();
      const isStep = target?.kind === 'praise' || target?.kind === 'put-at';
      return isStep
        ? { kind, amends: target.id, deed: { kind: target.kind, stepId }, happenedAt }
        : target?.kind === 'note'
          ? { kind, amends: target.id, deed: { kind: target.kind, text: stepId }, happenedAt }
          : undefined;
    }
    case 'part-replaced':
      return { kind, stepId, designator: 'R1' };
    case 'notice':
      return { kind, notice: 'a notice', stepId, designators: [], text: 'Turn it round.' };
    case 'coming':
      return { kind, calls: target?.kind === 'help-asked' ? [target.id] : [] };
    case 'message':
      return { kind, message: 'a message', sort: 'break', text: 'Tea is ready.', minutes: 10 };
    case 'message-read':
      return target?.kind === 'message' ? { kind, told: target.id } : undefined;
    case 'notice-checked':
      return target?.kind === 'notice' ? { kind, told: target.id } : undefined;
    case 'visit-ended':
      return target?.kind === 'visit' ? { kind, visit: target.id } : undefined;
    case 'practised':
      return { kind, item: 'joints.what.bridge', seed: 1, answer: null, isRight: true, credit: 1 };
    case 'round-started':
      return { kind, round: 'a round', item: 'joints.what.bridge', seed: 1 };
    case 'round-ended':
      return { kind, round: 'a round' };
    case 'check-failed':
      return { kind: 'mistake', stepId, mistake: checkFailed.id };
    case 'counted':
      return { kind, stepId, pieces: 17 };
    case 'released':
      return { kind, stepId, failed: target?.kind === 'mistake' ? [target.id] : [] };
    case 'mistake':
      return { kind, stepId, mistake: bridge.id };
    case 'help-withdrawn':
      return target?.kind === 'help-asked' ? { kind, asked: target.id } : undefined;
    case 'visit':
      return { kind, answers: target?.kind === 'help-asked' ? [target.id] : [] };
    case 'undo':
      return target && target.kind !== 'undo' ? { kind, undoes: target.id } : undefined;
    default:
      return undefined;
  }
}
