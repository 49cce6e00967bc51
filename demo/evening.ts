import { v7 as newEventId } from 'uuid';
import type { SentEvent } from '#contract/events';
import type { Author, Deed } from '#core/build/event';
import type { CheckId } from '#core/order/checks/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { DemoLearner, DemoWorkshop } from './scenario.ts';

export interface EveningEvent {
  readonly by: Author;
  readonly event: SentEvent;
}

/** What a meter shows on a board without a fault: ohms from supply to ground, milliamperes at the first power. */
const usualReading: Readonly<Partial<Record<CheckId, number>>> = {
  'supply-resistance': 4200,
  'first-power': 9,
};

/** Minutes that a learner waits for the instructor in the demo, once help was asked for. */
const waitMinutes = 3;

/** Share of the steps of solder that somebody looks at. */
const lookedAt = 0.6;

/** How long the instructor stays after that, in ms. */
const visitMs = 100_000;

/**
 * What one learner's evening looks like in the log, up to now.
 *
 * @param startMs when the workshop began, ms since 1970
 * @param endMs where the log ends: now, or the end of the evening
 * @param isOver the evening has ended
 * @returns events in the order of their time
 */
export function eveningOf(
  learner: DemoLearner,
  slow: DemoWorkshop['slow'],
  seat: { readonly id: string; readonly number: number },
  steps: readonly PlannedStep[],
  startMs: number,
  endMs: number,
  isOver: boolean,
): EveningEvent[] {
  const log: EveningEvent[] = [];
  const add = (by: Author, atMs: number, deed: Deed): string => {
    const id = newEventId({ msecs: atMs });
    if (atMs <= endMs)
      log.push({ by, event: { ...deed, id, seatId: seat.id, at: new Date(atMs).toISOString() } });
    return id;
  };

  let at = startMs;
  const { waits } = learner;
  for (const [index, step] of steps.entries()) {
    const number = index + 1;
    if (waits?.step === number) {
      add('learner', endMs - waits.minutesAgo * 60_000, { kind: 'help-asked', stepId: step.id });
      break;
    }
    // Steps differ a little from learner to learner; the same seat always takes the same time.
    const wobble = 0.8 + 0.4 * fraction(seat.number * 31 + number * 7.3);
    const times = slow?.step === number ? slow.times : 1;
    at += step.minutes * learner.pace * times * wobble * 60_000;
    for (const mistake of learner.mistakes) {
      if (mistake.step + mistake.foundAfter !== number) continue;
      const made = steps[mistake.step - 1];
      if (!made) continue;
      const foundMs = at - 30_000;
      if (mistake.by === 'instructor' || mistake.foundAfter > 1) {
        const asked = add('learner', foundMs - waitMinutes * 60_000, {
          kind: 'help-asked',
          stepId: step.id,
        });
        if (foundMs <= endMs) {
          const visit = add('instructor', foundMs - 20_000, { kind: 'visit', answers: [asked] });
          add('instructor', foundMs + visitMs, { kind: 'visit-ended', visit });
        }
      }
      add(mistake.by, foundMs, {
        kind: 'mistake',
        stepId: made.id,
        mistake: mistake.mistake,
        ...(mistake.designator ? { designator: mistake.designator } : {}),
      });
      at += 90_000;
    }
    const reading = step.kind === 'check' ? usualReading[step.check] : undefined;
    if (reading !== undefined) {
      const amount = Math.round(reading * (1 + 0.3 * fraction(seat.number * 17)));
      add('learner', at - 20_000, { kind: 'reading', stepId: step.id, amount });
    }
    add('learner', at, { kind: 'step-done', stepId: step.id });
    // At evenings that are over somebody has looked at some of the joints.
    const isGood = !learner.mistakes.some((mistake) => mistake.step === number);
    const looks = isOver && step.kind === 'solder' && isGood;
    if (looks && fraction(seat.number * 13 + number * 5.1) < lookedAt) {
      add('instructor', at + 40_000, { kind: 'checked-good', stepId: step.id });
    }
  }
  return log.sort((a, b) => a.event.at.localeCompare(b.event.at));
}

/** A number from 0 to below 1 that looks random but is always the same. */
function fraction(seed: number): number {
  const x = Math.sin(seed * 12.9898) * 43758.5453;
  return x - Math.floor(x);
}
