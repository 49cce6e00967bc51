import type { RequestHandler } from 'express';
import { said } from '#core/learning/said';
import { isInstructor } from '../auth/sessions.ts';
import type { Database } from '../db/database.ts';
import { forbidden } from '../http/refusal.ts';
import { isUuid } from '../http/uuid.ts';
import { isOfToday } from './helpersDay.ts';
import { selectTimes } from './queries.ts';

/** Helpers come for an evening: of others they see nothing, neither who sits there nor what was logged. */
export const ofTheirDay =
  (db: Database, now: () => Date): RequestHandler =>
  async (request, response, next) => {
    const { workshopId } = request.params;
    if (isInstructor(response) || typeof workshopId !== 'string' || !isUuid(workshopId)) {
      return next();
    }
    const times = await selectTimes(db, workshopId);
    if (!times || isOfToday(times, now())) return next();
    throw forbidden(said('refusals.workshops.helpersLookAtTheEveningsOfTheir'));
  };
