import type { Conditions } from '#core/pace/evening/conditions';
import type { Capacity } from '#core/pace/evening/room';
import { basedOnVersion } from './basedOn.ts';
import { endpoint } from './endpoint.ts';
import { wholeNumber } from './leaves.ts';
import { fields, list, record, type Schema } from './schema.ts';
import { maxSeats } from './workshops.ts';

/** People who help one evening, at the most. */
export const mostHelpers = 20;

/** The longest welcome, and the longest break, in minutes. */
export const longestWelcome = 120;
export const longestBreak = 60;
const mostBreaks = 6;
/** The longest workshop that can be planned, in minutes. */
const longestEvening = 600;

export const conditionsSchema: Schema<Conditions> = record<Conditions>({
  capacity: record<Capacity>({
    iron: wholeNumber(1, maxSeats),
    meter: wholeNumber(1, maxSeats),
    desoldering: wholeNumber(1, maxSeats),
    helper: wholeNumber(1, mostHelpers),
  }),
  welcomeMinutes: wholeNumber(0, longestWelcome),
  breaks: list(
    record<Conditions['breaks'][number]>({
      at: wholeNumber(0, longestEvening),
      minutes: wholeNumber(1, longestBreak),
    }),
    (array) => array.required().max(mostBreaks),
  ),
  late: record<Conditions['late']>({
    percent: wholeNumber(0, 100),
    minutes: wholeNumber(0, longestWelcome),
  }),
});

/** What an evening has to do with; null where nobody has said: it is as rooms usually are. */
export interface WorkshopConditions {
  readonly conditions: Conditions | null;
  readonly conditionsVersion: number;
}

export const changeConditions = endpoint<WorkshopConditions>()({
  method: 'PUT',
  path: '/api/workshops/:workshopId/conditions',
  access: 'instructor',
  recorded: 'workshop-changed',
  body: fields({ conditions: conditionsSchema, version: basedOnVersion }),
});
