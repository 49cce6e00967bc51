import * as yup from 'yup';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { endpoint } from './endpoint.ts';
import { type EventsAccepted, eventBatchBody, type StreamedEvent } from './events.ts';

export interface WorkshopSummary {
  readonly id: string;
  readonly title: string;
  readonly kitName: string;
  readonly revision: number;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly seats: number;
}

export interface Workshop extends Omit<WorkshopSummary, 'seats'> {
  readonly kitId: string;
  readonly supplyVolt: number | null;
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly Seat[];
  /** The address that learners' devices reach this server at. */
  readonly seatAddress: string;
}

export interface Seat {
  readonly id: string;
  readonly number: number;
  readonly name: string;
  readonly token: string;
}

export interface WorkshopLog {
  readonly events: readonly StreamedEvent[];
  /** The server's time, so that waiting times are right on a device whose clock is not. */
  readonly now: string;
}

export const maxSeats = 60;

const seatName = yup
  .string()
  .strict()
  .trim('Remove the blanks before and behind the name.')
  .defined('Give each seat a name, or an empty one.')
  .max(40, 'A name has at most 40 characters.');

export const newWorkshopBody = yup.object({
  title: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the title.')
    .required('Give the workshop a title.')
    .max(100, 'A title has at most 100 characters.'),
  kitId: yup.string().strict().required('Choose a kit.').uuid('Choose a kit from the list.'),
  startsAt: yup
    .string()
    .strict()
    .required('Choose date and start.')
    .test(
      'time',
      'Choose a date and a time, such as 2026-03-05 18:30.',
      (text) => !Number.isNaN(Date.parse(text)),
    ),
  lengthMinutes: yup
    .number()
    .typeError('Write the length as a number of minutes.')
    .integer('Write whole minutes.')
    .min(10, 'A workshop has at least 10 minutes.')
    .max(600, 'A workshop has at most 600 minutes; plan a second evening.')
    .required('Say how long the workshop is.'),
  seats: yup
    .array(yup.object({ name: seatName }).required())
    .required('Say who sits where.')
    .min(1, 'Plan at least one seat.')
    .max(maxSeats, `Plan at most ${maxSeats} seats.`),
});

export const listWorkshops = endpoint<WorkshopSummary[]>()({
  method: 'GET',
  path: '/api/workshops',
});
export const getWorkshop = endpoint<Workshop>()({
  method: 'GET',
  path: '/api/workshops/:workshopId',
});
export const createWorkshop = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/workshops',
  body: newWorkshopBody,
});
export const getWorkshopLog = endpoint<WorkshopLog>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/log',
});
export const logAtSeat = endpoint<EventsAccepted>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/seats/:seatId/events',
  body: eventBatchBody,
});

/** Server-sent events of the whole workshop; resumes behind `Last-Event-ID`. */
export const workshopStreamPath = (workshopId: string) => `/api/workshops/${workshopId}/stream`;
export const wrapUpCsvPath = (workshopId: string) => `/api/workshops/${workshopId}/wrap-up.csv`;
