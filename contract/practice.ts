import type { PracticeKit } from '#core/learning/drills/drill';
import type { PracticeAnswer } from '#core/learning/practice/answers';
import type { ItemTally } from '#core/learning/practice/difficulty';
import type { TimedSlip } from '#core/learning/practice/weaknesses';
import { endpoint } from './endpoint.ts';

/** What a learner practises for, and what is known of them beside what this seat's own log says. */
export interface SeatPractice {
  /** The next kit that they build; the seat's own where none is planned. */
  readonly kitName: string;
  readonly kit: PracticeKit;
  /** Answers given at their other seats, in the order of time. */
  readonly earlier: readonly PracticeAnswer[];
  /** What went wrong in their builds. */
  readonly slips: readonly TimedSlip[];
  /** How often each exercise went right, by everybody here. */
  readonly items: readonly ItemTally[];
}

/** How often each exercise went right, by everybody here. */
export const getPracticeItems = endpoint<readonly ItemTally[]>()({
  method: 'GET',
  path: '/api/practice/items',
  access: 'helper',
});

export const getSeatPractice = endpoint<SeatPractice>()({
  method: 'GET',
  path: '/api/seats/:token/practice',
  access: 'seat',
  rate: 'seat-link',
});

/** Where a learner practises. */
export const seatPracticePath = (token: string) => `/seat/${token}/practice`;
