import * as yup from 'yup';
import { alloys } from '#core/joint/heat/alloys';
import { celsiusRange, type HeatTimes, type Iron } from '#core/joint/heat/iron';
import { tips } from '#core/joint/heat/tips';
import { said } from '#core/learning/said';
import type { StyleId } from '#core/order/styles/ids';
import { type Experience, experiences } from '#core/pace/experience';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Part } from '#core/parts/part';
import { basedOnVersion } from './basedOn.ts';
import { addressOf, endpoint, fileEndpoint, streamEndpoint } from './endpoint.ts';
import { type EventsAccepted, eventBatchBody, type StreamedEvent } from './events.ts';
import { flag, isTime, trimmed, trimmedOrEmpty, uuid } from './leaves.ts';
import { fields, leaf, list, oneOf, optional, record, type Schema } from './schema.ts';

/** Why a workshop is not among those that are planned: called off, or put away. */
export const setAsides = ['cancelled', 'archived'] as const;
export type SetAside = (typeof setAsides)[number];

export interface WorkshopSummary {
  readonly id: string;
  readonly title: string;
  readonly kitName: string;
  readonly revision: number;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  /** Called off or put away; null where it is planned. */
  readonly setAside: SetAside | null;
  readonly seats: number;
  /** What is not ready yet, of a workshop that is upcoming; null of any other. */
  readonly thingsOpen: number | null;
}

export interface Workshop extends Omit<WorkshopSummary, 'seats' | 'thingsOpen'> {
  readonly kitId: string;
  readonly supplyVolt: number | null;
  readonly parts: readonly Part[];
  readonly steps: readonly PlannedStep[];
  /** The styles of soldering that the steps follow, the first deciding first. */
  readonly styles: readonly StyleId[];
  readonly seats: readonly Seat[];
  /** Where it is held, for staff and calendars; empty where nobody has said. */
  readonly place: string;
  /** For instructors and helpers. */
  readonly notes: string;
  /** Raised by every change of title, start, length, place and notes. */
  readonly aboutVersion: number;
  /** Raised by every change of who sits where. */
  readonly version: number;
  /** When somebody let the learners begin before the start; null where nobody did. */
  readonly openedAt: string | null;
  /** The address that learners' devices reach this server at; null where none could. */
  readonly seatAddress: string | null;
  readonly iron: Iron;
  /** How long joints take with that iron, by the heating model. */
  readonly heatTimes: HeatTimes;
}

export interface Seat {
  readonly id: string;
  readonly number: number;
  readonly name: string;
  /** Of the seat's link; null for a helper, who asks for each one that is needed. */
  readonly token: string | null;
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
/** Evenings that are planned at once, at most. */
export const longestSeries = 20;

const seatName = trimmedOrEmpty(40, said('refusals.workshops.giveEachSeatANameOrAn'));

const experience = oneOf(experiences, {
  missing: said('refusals.workshops.sayHowMuchEachLearnerHasSoldered'),
});

const hasName = (seat: unknown): seat is { readonly name: string } =>
  typeof (seat as { readonly name?: unknown } | null)?.name === 'string';

/** Two of one name would be taken for one learner. */
const namesApart = (listed: readonly unknown[] | undefined, context: yup.TestContext) => {
  // What is no seat with a name is told by its own field.
  const seats = (listed ?? []).filter(hasName);
  const names = seats.map(({ name }) => name.toLowerCase()).filter((name) => name !== '');
  const twice = names.find((name, index) => names.indexOf(name) < index);
  return (
    twice === undefined ||
    context.createError({
      message: said('refusals.workshops.twoSeatsAreCalled', {
        name: seats.find(({ name }) => name.toLowerCase() === twice)?.name ?? twice,
      }),
    })
  );
};

export const workshopFields = {
  title: trimmed(100, said('refusals.workshops.giveTheWorkshopATitle')),
  kitId: uuid(
    said('refusals.workshops.chooseAKit'),
    said('refusals.workshops.chooseAKitFromTheList'),
  ),
  lengthMinutes: leaf(
    yup
      .number()
      .typeError(said('refusals.workshops.writeTheLengthAsANumberOf'))
      .integer(said('refusals.workshops.writeWholeMinutes'))
      .min(10, said('refusals.workshops.aWorkshopHasAtLeast10Minutes'))
      .max(600, said('refusals.workshops.aWorkshopHasAtMost600Minutes'))
      .required(said('refusals.workshops.sayHowLongTheWorkshopIs')),
  ),
};

const startsAt = leaf(
  yup
    .string()
    .strict()
    .required(said('refusals.workshops.chooseDateAndStart'))
    .test('time', said('refusals.workshops.chooseADateAndATimeThat'), isTime),
);

/** What can be changed of a workshop that is planned, besides who sits where. */
export const workshopAbout = {
  title: workshopFields.title,
  startsAt,
  lengthMinutes: workshopFields.lengthMinutes,
  place: trimmedOrEmpty(120, said('refusals.workshops.sayWhereItIsOrNothing')),
  notes: trimmedOrEmpty(2000, said('refusals.workshops.writeNotesOrNothing')),
};

export const newWorkshopBody = fields({
  ...workshopFields,
  startsAt,
  /** When the same evening is held again, each as a workshop of its own. */
  further: optional(
    list(startsAt, (array) =>
      array.max(
        longestSeries - 1,
        said('refusals.workshops.planAtMostEvenings', { longestSeries }),
      ),
    ),
  ),
  seats: list(fields({ name: seatName, experience: optional(experience) }), (array) =>
    array
      .required(said('refusals.workshops.sayWhoSitsWhere'))
      .min(1, said('refusals.workshops.planAtLeastOneSeat'))
      .max(maxSeats, said('refusals.workshops.planAtMostSeats', { maxSeats }))
      .test('apart', namesApart),
  ),
});

/** Who sits where, for every seat of the workshop; the seats themselves stay. */
export const seatingBody = fields({
  version: basedOnVersion,
  seats: list(
    fields({
      id: uuid(said('refusals.workshops.sayWhichSeat'), said('refusals.workshops.reloadThePage')),
      name: seatName,
      experience,
      partner: leaf(
        yup
          .number()
          .integer(said('refusals.workshops.aPartnerIsASeatsNumber'))
          .nullable()
          .defined(),
      ),
      /** Somebody else sits here now: the link that the seat had ends. */
      newLink: optional(flag),
    }),
    (array) =>
      array
        .required(said('refusals.workshops.sayWhoSitsWhere'))
        .max(maxSeats)
        .test('apart', namesApart),
  ),
});

/** What the workshop solders with. */
export const ironSchema: Schema<Iron> = record<Iron>({
  tip: oneOf(
    tips.map(({ id }) => id),
    {
      wrong: said('refusals.workshops.chooseATipFromTheList'),
      missing: said('refusals.workshops.chooseATip'),
    },
  ),
  celsius: leaf(
    yup
      .number()
      .strict()
      .typeError(said('refusals.workshops.writeTheTemperatureAsANumber'))
      .required(said('refusals.workshops.sayWhatTheIronsAreSetTo'))
      .min(
        celsiusRange.from,
        said('refusals.workshops.ironsAreSetToCOrMore', { from: celsiusRange.from }),
      )
      .max(
        celsiusRange.to,
        said('refusals.workshops.ironsAreSetToCOrLess', { to: celsiusRange.to }),
      ),
  ),
  alloy: oneOf(
    alloys.map(({ id }) => id),
    {
      wrong: said('refusals.workshops.chooseASolderFromTheList'),
      missing: said('refusals.workshops.chooseASolder'),
    },
  ),
});

/** A line of the room's checklist that somebody has looked at. */
export interface ChecklistSign {
  readonly item: string;
  /** As it was written. */
  readonly by: string;
  /** Who was signed in on the device; null for signatures of the time before that was kept. */
  readonly account: string | null;
  /** ISO 8601, UTC. */
  readonly at: string;
}

export const signBody = fields({
  by: trimmed(40, said('refusals.workshops.writeTheNameOfWhoeverHasLooked')),
});

export const listWorkshops = endpoint<WorkshopSummary[]>()({
  method: 'GET',
  path: '/api/workshops',
  access: 'helper',
});
export const getWorkshop = endpoint<Workshop>()({
  method: 'GET',
  path: '/api/workshops/:workshopId',
  access: 'helper',
});
export const createWorkshop = endpoint<{ id: string }>()({
  method: 'POST',
  path: '/api/workshops',
  access: 'instructor',
  recorded: 'workshop-planned',
  body: newWorkshopBody,
});
/** Another title, start, length or place. Links wait and end by the new start; the plan stays as it is. */
export const changeWorkshop = endpoint<{ version: number }>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ ...workshopAbout, version: basedOnVersion }),
});
/** A seat more, also while the evening runs: somebody has walked in. */
export const addSeat = endpoint<{ id: string; number: number }>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/seats',
  access: 'helper',
  recorded: 'workshop-changed',
  body: fields({ name: seatName }),
});
export const changeSeating = endpoint<{ version: number; seats: readonly Seat[] }>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/seating',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: seatingBody,
});
/** Lets the learners begin before the start: their seats wait no longer. */
export const openSeats = endpoint<{ openedAt: string }>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/open',
  access: 'helper',
  recorded: 'seats-opened',
});
/** The link of one seat, for whoever is not shown all of them. */
export const showLink = endpoint<{ token: string }>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/seats/:seatId/link',
  access: 'helper',
  recorded: 'link-shown',
});
/** Gives a seat another link; whoever has the old one is told so. */
export const renewLink = endpoint<{ token: string }>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/seats/:seatId/link',
  access: 'instructor',
  recorded: 'link-renewed',
});
export const changeIron = endpoint<{ iron: Iron; heatTimes: HeatTimes }>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/iron',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: ironSchema,
});
export const getChecklist = endpoint<ChecklistSign[]>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/checklist',
  access: 'helper',
});
export const signChecklist = endpoint<ChecklistSign[]>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/checklist/:item',
  access: 'helper',
  recorded: 'checklist-signed',
  body: signBody,
});
export const unsignChecklist = endpoint<ChecklistSign[]>()({
  method: 'DELETE',
  path: '/api/workshops/:workshopId/checklist/:item',
  access: 'helper',
  recorded: 'checklist-withdrawn',
});
export const calendar = fileEndpoint({
  path: '/api/workshops/:workshopId/calendar.ics',
  access: 'helper',
  types: ['text/calendar'],
  query: ['lang'],
});
export const calendarPath = (workshopId: string, lang: string) =>
  addressOf(calendar, { workshopId }, { lang });
export const getWorkshopLog = endpoint<WorkshopLog>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/log',
  access: 'helper',
});
export const logAtSeat = endpoint<EventsAccepted>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/seats/:seatId/events',
  access: 'helper',
  body: eventBatchBody,
});

/** Of several seats at once: a message to a full room is one request. */
export const logAtSeats = endpoint<EventsAccepted>()({
  method: 'POST',
  path: '/api/workshops/:workshopId/events',
  access: 'helper',
  body: eventBatchBody,
});

/** Events of the whole workshop. */
export const workshopStream = streamEndpoint({
  path: '/api/workshops/:workshopId/stream',
  access: 'helper',
});
export const workshopStreamPath = (workshopId: string) => addressOf(workshopStream, { workshopId });

export const wrapUpCsv = fileEndpoint({
  path: '/api/workshops/:workshopId/wrap-up.csv',
  access: 'helper',
  types: ['text/csv'],
  query: ['lang'],
});
export const wrapUpCsvPath = (workshopId: string, lang: string) =>
  addressOf(wrapUpCsv, { workshopId }, { lang });
