import * as yup from 'yup';
import { alloys } from '#core/joint/heat/alloys';
import { celsiusRange, type HeatTimes, type Iron } from '#core/joint/heat/iron';
import { tips } from '#core/joint/heat/tips';
import type { StyleId } from '#core/order/styles/ids';
import { type Experience, experiences } from '#core/pace/experience';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Part } from '#core/parts/part';
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
  readonly parts: readonly Part[];
  readonly steps: readonly PlannedStep[];
  /** The styles of soldering that the steps follow, the first deciding first. */
  readonly styles: readonly StyleId[];
  readonly seats: readonly Seat[];
  /** The address that learners' devices reach this server at. */
  readonly seatAddress: string;
  readonly iron: Iron;
  /** How long joints take with that iron, by the heating model. */
  readonly heatTimes: HeatTimes;
}

export interface Seat {
  readonly id: string;
  readonly number: number;
  readonly name: string;
  readonly token: string;
  /** Known by name from one workshop to the next; null for a seat without a name. */
  readonly learnerId: string | null;
  readonly experience: Experience;
  /** The number of the seat that this one is paired with. */
  readonly partner: number | null;
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

const experience = yup
  .string<Experience>()
  .strict()
  .oneOf(experiences, `The experience is one of ${experiences.join(', ')}.`);

/** Two of one name would be taken for one learner. */
const namesApart = <Named extends { readonly name: string }>(
  seats: readonly Named[] | undefined,
) => {
  const names = (seats ?? []).map(({ name }) => name.toLowerCase()).filter((name) => name !== '');
  const twice = names.find((name, index) => names.indexOf(name) < index);
  return (
    twice === undefined ||
    new yup.ValidationError(
      `Two seats are called ${seats?.find(({ name }) => name.toLowerCase() === twice)?.name}. Add an initial, so that their records stay apart.`,
    )
  );
};

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
    .array(yup.object({ name: seatName, experience: experience.optional() }).required())
    .required('Say who sits where.')
    .min(1, 'Plan at least one seat.')
    .max(maxSeats, `Plan at most ${maxSeats} seats.`)
    .test('apart', namesApart),
});

/** Who sits where, for every seat of the workshop; the seats themselves stay. */
export const seatingBody = yup.object({
  seats: yup
    .array(
      yup
        .object({
          id: yup.string().strict().required('Say which seat.').uuid('Reload the page.'),
          name: seatName,
          experience: experience.required('Say how much each learner has soldered.'),
          partner: yup.number().integer('A partner is a seat’s number.').nullable().defined(),
        })
        .required(),
    )
    .required('Say who sits where.')
    .max(maxSeats)
    .test('apart', namesApart),
});

/** What the workshop solders with. */
export const ironBody = yup.object({
  tip: yup
    .string()
    .strict()
    .required('Choose a tip.')
    .oneOf(
      tips.map(({ id }) => id),
      'Choose a tip from the list.',
    ),
  celsius: yup
    .number()
    .strict()
    .typeError('Write the temperature as a number.')
    .required('Say what the irons are set to.')
    .min(celsiusRange.from, `Irons are set to ${celsiusRange.from} °C or more.`)
    .max(celsiusRange.to, `Irons are set to ${celsiusRange.to} °C or less.`),
  alloy: yup
    .string()
    .strict()
    .required('Choose a solder.')
    .oneOf(
      alloys.map(({ id }) => id),
      'Choose a solder from the list.',
    ),
});

/** A line of the room's checklist that somebody has looked at. */
export interface ChecklistSign {
  readonly item: string;
  readonly by: string;
  /** ISO 8601, UTC. */
  readonly at: string;
}

export const signBody = yup.object({
  by: yup
    .string()
    .strict()
    .trim('Remove the blanks before and behind the name.')
    .required('Write the name of whoever has looked.')
    .max(40, 'A name has at most 40 characters.'),
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
export const changeSeating = endpoint<{ seats: readonly Seat[] }>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/seating',
  body: seatingBody,
});
export const changeIron = endpoint<{ iron: Iron; heatTimes: HeatTimes }>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/iron',
  body: ironBody,
});
export const getChecklist = endpoint<ChecklistSign[]>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/checklist',
});
export const signChecklist = endpoint<ChecklistSign[]>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/checklist/:item',
  body: signBody,
});
export const unsignChecklist = endpoint<ChecklistSign[]>()({
  method: 'DELETE',
  path: '/api/workshops/:workshopId/checklist/:item',
});
export const calendarPath = (workshopId: string) => `/api/workshops/${workshopId}/calendar.ics`;
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
