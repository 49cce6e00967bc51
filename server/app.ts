import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { endpoints } from '#contract/endpoints';
import { getOpenApi, openApiOf } from '#contract/openapi';
import { version } from '#contract/version';
import { authRoutes } from './auth/routes.ts';
import { Sessions } from './auth/sessions.ts';
import { boardRoutes } from './boards/routes.ts';
import { LogMemory } from './builds/logMemory.ts';
import type { Database } from './db/database.ts';
import { EventLog } from './events/eventLog.ts';
import { LiveChannels } from './events/liveChannels.ts';
import { helperRoutes } from './helpers/routes.ts';
import { Api } from './http/api.ts';
import { noSuchEndpoint, problemHandler } from './http/errors.ts';
import { pages } from './http/pages.ts';
import { apiHeaders, pageHeaders } from './http/security.ts';
import { kitRoutes } from './kits/routes.ts';
import { paceRoutes } from './pace/routes.ts';
import { paperRoutes } from './papers/routes.ts';
import { peopleRoutes } from './people/routes.ts';
import { practiceRoutes } from './practice/routes.ts';
import { readingRoutes } from './readings/routes.ts';
import { reportRoutes } from './reports/routes.ts';
import { seatRoutes } from './seats/routes.ts';
import { SeatTokens } from './seats/seatTokens.ts';
import { bookReplaced } from './stores/bookReplaced.ts';
import { storesRoutes } from './stores/routes.ts';
import { workshopRoutes } from './workshops/routes.ts';

export interface AppOptions {
  readonly db: Database;
  readonly log: Logger;
  /** Folder of the built pages; undefined serves the API only. */
  readonly pagesFolder?: string;
  /** Logs that were read; made here where it is not given. */
  readonly memory?: LogMemory;
  /** The address that learners' devices reach the server at. */
  readonly seatAddress: () => string;
}

/** The whole application on a database that has been migrated. */
export function createApp({
  db,
  log,
  pagesFolder,
  memory = new LogMemory(),
  seatAddress,
}: AppOptions): Express {
  const app = express();
  const sessions = new Sessions(db);
  const channels = new LiveChannels();
  const eventLog = new EventLog(db, channels, bookReplaced);

  app.disable('x-powered-by');
  // Nothing of the API is kept by a cache, so nothing needs a tag to be asked for again.
  app.disable('etag');
  app.use('/api', apiHeaders);
  const seats = new SeatTokens(db);
  const api = new Api({ signedIn: sessions.required, atSeat: seats.required });
  authRoutes(api, db, sessions);
  seatRoutes(api, db, eventLog, channels, seats);
  practiceRoutes(api, db, memory);
  helperRoutes(api, db);
  boardRoutes(api, db);
  kitRoutes(api, db);
  paceRoutes(api, db, memory);
  peopleRoutes(api, db, memory, seatAddress);
  readingRoutes(api, db);
  reportRoutes(api, db, memory);
  storesRoutes(api, db);
  paperRoutes(api, db, seatAddress);
  workshopRoutes(api, { db, log: eventLog, channels, seatAddress });
  api.serve(getOpenApi, async () => openApiOf(endpoints, version));
  const unanswered = endpoints.filter(([, endpoint]) => !api.served.has(endpoint));
  if (unanswered.length > 0) {
    throw new Error(`no route answers ${unanswered.map(([name]) => name).join(', ')}`);
  }
  app.use(api.router);
  app.use('/api', noSuchEndpoint);
  if (pagesFolder) app.use(pageHeaders(), pages(pagesFolder));
  app.use(problemHandler(log));
  return app;
}
