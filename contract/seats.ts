import type { Board } from '#core/board/board';
import type { LookFirst } from '#core/faults/lookFirst';
import type { HeatTimes } from '#core/joint/heat/iron';
import type { StyleId } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { addressOf, endpoint, streamEndpoint } from './endpoint.ts';
import type { EventsAccepted, StreamedEvent } from './events.ts';
import type { KeptPicture } from './pictures.ts';

/** Everything a seat's page needs to work on, with the network or without. */
export interface SeatView {
  readonly seatId: string;
  readonly number: number;
  readonly name: string;
  readonly workshopTitle: string;
  readonly kitName: string;
  /** What the kit is; empty where nobody has said. */
  readonly kitDescription: string;
  readonly kitPicture: KeptPicture | null;
  /** Who works with this learner; null where nobody does, or the seat beside has no name. */
  readonly partner: string | null;
  /** The number of that learner's seat. */
  readonly partnerNumber: number | null;
  readonly startsAt: string;
  /** When the seat opens, where it still waits for its evening; null once it is open. */
  readonly opensAt: string | null;
  /** When the evening was closed and the seat locked; null while it is open. */
  readonly closedAt: string | null;
  readonly steps: readonly PlannedStep[];
  /** The styles of soldering that the steps follow, the first deciding first. */
  readonly styles: readonly StyleId[];
  /** Where the parts go; its pictures are sent by themselves. */
  readonly board: Board | null;
  /** How long joints take with this workshop's iron. */
  readonly heatTimes: HeatTimes;
  readonly events: readonly StreamedEvent[];
  /** The server's time; the device corrects its own by it. */
  readonly now: string;
}

/** Days after its evening on which a seat's link still opens. */
export const linkDays = 7;

export const getSeat = endpoint<SeatView>()({
  method: 'GET',
  path: '/api/seats/:token',
  access: 'seat',
  rate: 'seat-link',
});
export const reportFromSeat = endpoint<EventsAccepted>()({
  method: 'POST',
  path: '/api/seats/:token/events',
  access: 'seat',
  rate: 'seat-link',
  body: async () => (await import('./events.ts')).eventBatchBody,
});

/** Where a seat is among those that wait for help. */
export interface PlaceInQueue {
  /** From 1; null where it does not wait. */
  readonly number: number | null;
}

export const queueOfSeat = endpoint<PlaceInQueue>()({
  method: 'GET',
  path: '/api/seats/:token/queue',
  access: 'seat',
  rate: 'seat-link',
});

/** Where eyes find what is wrong with a board that does not work, likeliest first. */
export const getLookFirst = endpoint<readonly LookFirst[]>()({
  method: 'GET',
  path: '/api/seats/:token/look-first',
  access: 'seat',
  rate: 'seat-link',
});

/** Events of this seat only. */
export const seatStream = streamEndpoint({
  path: '/api/seats/:token/stream',
  access: 'seat',
  rate: 'seat-link',
});
export const seatStreamPath = (token: string) => addressOf(seatStream, { token });

/** The seat's own page. */
export const seatPagePath = (token: string) => `/seat/${token}`;
