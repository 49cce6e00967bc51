import type { RequestHandler } from 'express';
import { staffOf } from '../auth/sessions.ts';
import { forbidden } from '../http/refusal.ts';

/** What a helper may change: what happens in the room. */
const changes: readonly RegExp[] = [
  /^\/api\/workshops\/[^/]+\/seats\/[^/]+\/events$/,
  /^\/api\/workshops\/[^/]+\/checklist\/[^/]+$/,
];

/** What a helper does not even see: records of people, and who else helps. */
const closed = /^\/api\/(people|helpers)\b/;

/** Helpers log on the floor and look things up; kits, stores, plans and records are the instructor's. */
export const helpersMay: RequestHandler = (request, response, next) => {
  if (staffOf(response).helper === null) return next();
  const path = request.baseUrl + request.path;
  const mayPass =
    request.method === 'GET' ? !closed.test(path) : changes.some((change) => change.test(path));
  if (mayPass) return next();
  throw forbidden('Helpers log on the floor; this is for the instructor. Ask her to do it.');
};
