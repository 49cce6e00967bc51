import type { BuildEvent, Deed } from '../../../build/event.ts';
import { bridge } from '../../../learning/mistakes/joints.ts';
import { measuringOf } from '../../../order/checks/measuring.ts';
import { between, pick, type Random, seeded } from '../../../random.ts';
import { kindOfStep } from '../../learnt/stepTimes.ts';
import type { PlannedStep } from '../../stepMinutes.ts';
import { exponential } from '../distributions.ts';
import { type Activity, type Capacity, type Job, runRoom } from '../room.ts';

/**
 * A site and its evenings as the forecast does not believe them to be: times are gamma distributed, some people are of
 * another sort than the rest, everybody gets quicker in the course of an evening, phones ring, the room is interrupted,
 * and half of what goes wrong nobody logs. What comes of an evening is known.
 */
export interface OtherSite {
  /** Share of the plan's minutes that each kind of step takes here. */
  readonly kinds: ReadonlyMap<string, number>;
  readonly random: Random;
}

export interface OtherEvening {
  readonly startsAt: string;
  /** By seat. */
  readonly logs: readonly (readonly BuildEvent[])[];
  /** Minutes from the start, by seat: also behind the end. */
  readonly finished: readonly number[];
}

export const otherStartsAt = '2026-03-05T18:30:00.000Z';

export function otherSite(seed: number, steps: readonly PlannedStep[]): OtherSite {
  const random = seeded(seed * 7919 + 17);
  const kinds = new Map(
    [...new Set(steps.map(kindOfStep))].map((kind) => [kind, 1.15 * gamma(random, 14)]),
  );
  return { kinds, random };
}

/** From the gamma distribution with mean 1, as the mean of so many exponential times. */
const gamma = (random: Random, shape: number): number =>
  Array.from({ length: shape }, () => exponential(random, 1)).reduce((sum, one) => sum + one, 0) /
  shape;

/** Most are alike, some are slow, a few know it already. */
const somebody = (random: Random): number =>
  (random() < 0.75 ? 1 : pick(random, [0.65, 1.35, 1.35, 1.35])) * gamma(random, 24);

let count = 0;

/** One evening of a site. */
export function otherEvening(
  { kinds, random }: OtherSite,
  steps: readonly PlannedStep[],
  seats: number,
  capacity: Capacity,
): OtherEvening {
  const welcome = between(random, 7, 14);
  const stop =
    random() < 0.3 ? { at: between(random, 30, 90), minutes: between(random, 4, 10) } : null;
  const today = new Map(
    [...kinds].map(([kind, share]) => [kind, share * between(random, 0.88, 1.12)]),
  );
  const people = Array.from({ length: seats }, () => {
    const pace = somebody(random);
    const activities: Activity[] = [];
    const troubles: { step: number; activity: number; isLogged: boolean }[] = [];
    const endOf = steps.map((step, index) => {
      const isNew = 0.93 + 0.25 * Math.exp(-index / 5);
      const minutes =
        step.minutes * pace * isNew * (today.get(kindOfStep(step)) ?? 1) * gamma(random, 7);
      const isSoldered = step.kind === 'solder';
      activities.push({
        needs: null,
        minutes: minutes * (isSoldered ? 0.45 : 0) + chat(random, minutes),
      });
      activities.push({
        needs: isSoldered ? 'iron' : step.kind === 'check' && measuringOf(step) ? 'meter' : null,
        minutes: minutes * (isSoldered ? 0.55 : 1),
      });
      if (isSoldered && random() < 1 - 0.98 ** step.joints) {
        activities.push({ needs: 'helper', minutes: 4 * gamma(random, 2) });
        troubles.push({ step: index, activity: activities.length - 1, isLogged: random() < 0.5 });
        if (random() < 0.4)
          activities.push({ needs: 'desoldering', minutes: 5 * gamma(random, 3) });
      }
      return activities.length - 1;
    });
    const startsAt = Math.max(welcome, random() < 0.08 ? between(random, 0, 18) : 0);
    return { job: { startsAt, activities } satisfies Job, endOf, troubles };
  });
  const clock = (minute: number) => (stop && minute > stop.at ? minute + stop.minutes : minute);
  const results = runRoom(
    people.map(({ job }) => job),
    capacity,
  );
  const logs = results.map(({ over }, seat) => {
    const { endOf, troubles } = people[seat] ?? { endOf: [], troubles: [] };
    const log: BuildEvent[] = steps.map(({ id }, index) =>
      event(
        seat,
        clock(over[endOf[index] ?? 0] ?? 0),
        { kind: 'step-done', stepId: id },
        'learner',
      ),
    );
    for (const { step, activity, isLogged } of troubles) {
      if (!isLogged) continue;
      const ended = over[activity] ?? 0;
      const visit = event(
        seat,
        clock(over[activity - 1] ?? 0),
        { kind: 'visit', answers: [] },
        'instructor',
      );
      const mistake = {
        kind: 'mistake' as const,
        stepId: steps[step]?.id ?? '',
        mistake: bridge.id,
      };
      log.push(
        visit,
        event(seat, clock(ended), { kind: 'visit-ended', visit: visit.id }, 'instructor'),
        event(seat, clock(ended) - 0.05, mistake, 'instructor'),
      );
    }
    return log.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  });
  return {
    startsAt: otherStartsAt,
    logs,
    finished: results.map(({ finishedAt }) => clock(finishedAt)),
  };
}

/** Now and then somebody does something else: 0.6 times an hour, for four minutes. */
const chat = (random: Random, minutes: number): number =>
  random() < (0.6 * minutes) / 60 ? 4 * gamma(random, 2) : 0;

function event(seat: number, minute: number, deed: Deed, by: BuildEvent['by']): BuildEvent {
  count += 1;
  return {
    ...deed,
    id: `00000000-0000-7000-8000-${String(count).padStart(12, '0')}`,
    seatId: `seat ${seat}`,
    at: new Date(Date.parse(otherStartsAt) + minute * 60_000).toISOString(),
    by,
  };
}
