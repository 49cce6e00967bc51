import type { Logged, LoggedMistake, SeatState } from '../../build/foldSeat.ts';
import { checkFailed } from '../../learning/mistakes/checks.ts';
import { backwards } from '../../learning/mistakes/fitting.ts';
import { type Said, said } from '../../learning/said.ts';
import { checkOf } from '../../order/checks/index.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { minutesSince } from '../waiting.ts';
import type { Tonight } from './tonight.ts';

/** What is known of a seat when somebody asks where to go. */
export interface SeatNow {
  readonly steps: readonly PlannedStep[];
  readonly state: SeatState;
  readonly tonight: Tonight;
  readonly now: Date;
}

/** One thing that makes a visit worth while; a new one is one record in the list below. */
export interface VisitReason {
  readonly id: string;
  /** Minutes that a visit now saves the learner (priors, common practice); 0 where there is no such reason. */
  readonly worth: (seat: SeatNow) => number;
  readonly says: (seat: SeatNow) => Said;
}

/** Somebody who has been there knows what is wrong; the reason counts again only after this. */
const visitHoldsMinutes = 15;

export const visitReasons: readonly VisitReason[] = [
  {
    id: 'hurt',
    worth: ({ state }) => (state.help?.about === 'hurt' ? 1000 : 0),
    says: ({ state, now }) =>
      said('visit.hurt', { count: minutesSince(state.help?.askedAt ?? '', now) }),
  },
  {
    id: 'asked',
    // Whoever waits does nothing else, and waits for longer if nobody comes.
    worth: ({ state, now }) =>
      state.help && state.help.about !== 'hurt' ? 12 + minutesSince(state.help.askedAt, now) : 0,
    says: ({ state, now }) =>
      said('visit.asked', { count: minutesSince(state.help?.askedAt ?? '', now) }),
  },
  {
    id: 'failed-check',
    worth: (seat) => (failedCheck(seat) ? 10 : 0),
    says: (seat) =>
      said('visit.failed-check', {
        count: minutesSince(failedCheck(seat)?.foundAt ?? '', seat.now),
      }),
  },
  {
    id: 'on-hold',
    // Whoever was there and has not let the seat go on is waited for.
    worth: (seat) => (holdAt(seat) && !failedCheck(seat) ? 9 : 0),
    says: (seat) =>
      said('visit.on-hold', { count: minutesSince(holdAt(seat)?.at ?? '', seat.now) }),
  },
  {
    id: 'told-too-late',
    worth: ({ state }) => (state.notices.some(({ standing }) => standing === 'to-check') ? 8 : 0),
    says: ({ state }) =>
      said('visit.told-too-late', {
        text: state.notices.find(({ standing }) => standing === 'to-check')?.text ?? '',
      }),
  },
  {
    id: 'reversed',
    worth: (seat) => (reversedPart(seat) ? 6 : 0),
    says: (seat) => {
      const place = reversedPart(seat)?.designator;
      return place === undefined ? said('visit.reversed-part') : said('visit.reversed', { place });
    },
  },
  {
    id: 'irreversible',
    worth: (seat) => (irreversible(seat) && !visitedAtThisStep(seat) ? 5 : 0),
    says: (seat) => said(`visit.${irreversible(seat) ?? 'about-to-insert'}`),
  },
  {
    id: 'silent',
    worth: (seat) => {
      const over = silentMinutes(seat) - seat.tonight.long;
      return seat.state.currentStepId !== null && over > 0 ? Math.min(12, 3 + over) : 0;
    },
    says: (seat) =>
      said('visit.silent', {
        minutes: Math.round(silentMinutes(seat)),
        long: Math.round(seat.tonight.long),
      }),
  },
  {
    id: 'unlikely',
    worth: (seat) =>
      chanceTonight(seat) < 0.5 && minutesSinceVisit(seat) >= visitHoldsMinutes
        ? 4 * (1 - chanceTonight(seat))
        : 0,
    says: (seat) => said('visit.unlikely', { chance: chanceOf(chanceTonight(seat)) }),
  },
];

/** A chance in whole per cent; whoever says 0 or 100 % is wrong some day. */
export const chanceOf = (share: number): Said =>
  share < 0.01
    ? said('visit.chance.under', { percent: 1 })
    : share > 0.99
      ? said('visit.chance.over', { percent: 99 })
      : said('visit.chance.about', { percent: Math.round(100 * share) });

/** As long as nothing is forecast nobody is said to be unlikely to finish. */
const chanceTonight = ({ tonight }: SeatNow): number => tonight.forecast?.chance ?? 1;

const lastVisitAt = ({ state }: SeatNow): string | undefined => state.visits.at(-1)?.at;

const minutesSinceVisit = (seat: SeatNow): number => {
  const at = lastVisitAt(seat);
  return at === undefined ? Number.POSITIVE_INFINITY : minutesSince(at, seat.now);
};

/** Whether something happened when no visit was under way, and none came since. */
function isAfterVisits({ state }: SeatNow, at: string): boolean {
  const last = state.visits.at(-1);
  return at > (last?.endedAt ?? last?.at ?? '');
}

const failedCheck = (seat: SeatNow): LoggedMistake | undefined =>
  seat.state.mistakes.findLast(
    (one) =>
      one.mistake === checkFailed.id &&
      one.madeAtStepId === seat.state.currentStepId &&
      isAfterVisits(seat, one.foundAt),
  );

const holdAt = ({ state }: SeatNow): Logged | undefined =>
  state.holds.find(({ stepId }) => stepId === state.currentStepId);

const reversedPart = (seat: SeatNow): LoggedMistake | undefined =>
  seat.state.currentStepId === null
    ? undefined
    : seat.state.mistakes.findLast(
        // Whoever logs it from the floor has seen it.
        ({ mistake, by, foundAt }) =>
          mistake === backwards.id && by === 'learner' && isAfterVisits(seat, foundAt),
      );

/** What the present step does that cannot be taken back: the last part of the key that says it. */
function irreversible({ steps, state }: SeatNow): string | undefined {
  const step = steps.find(({ id }) => id === state.currentStepId);
  if (step?.kind === 'check') {
    return checkOf(step.check).provesSupply ? 'about-to-power' : undefined;
  }
  if (step?.kind === 'power') return 'about-to-put-cells';
  return step?.kind === 'insert' ? 'about-to-insert' : undefined;
}

const visitedAtThisStep = (seat: SeatNow): boolean =>
  minutesSinceVisit(seat) <= seat.tonight.elapsed;

/** Minutes without a tap, a visit or a step that was done. */
export const silentMinutes = (seat: SeatNow): number => {
  const { lastSignAt } = seat.state;
  const sign = lastSignAt === null ? seat.tonight.elapsed : minutesSince(lastSignAt, seat.now);
  return Math.min(seat.tonight.elapsed, sign, minutesSinceVisit(seat));
};
