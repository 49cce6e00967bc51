import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { authRoutes } from './auth/routes.ts';
import { Sessions } from './auth/sessions.ts';
import { boardRoutes } from './boards/routes.ts';
import { LogMemory } from './builds/logMemory.ts';
import type { Database } from './db/database.ts';
import { EventLog } from './events/eventLog.ts';
import { LiveChannels } from './events/liveChannels.ts';
import { helpersMay } from './helpers/helpersMay.ts';
import { helperRoutes } from './helpers/routes.ts';
import { noSuchEndpoint, problemHandler } from './http/errors.ts';
import { pages } from './http/pages.ts';
import { apiHeaders, guessLimit, pageHeaders } from './http/security.ts';
import { kitRoutes } from './kits/routes.ts';
import { paceRoutes } from './pace/routes.ts';
import { paperRoutes } from './papers/routes.ts';
import { peopleRoutes } from './people/routes.ts';
import { practiceRoutes } from './practice/routes.ts';
import { readingRoutes } from './readings/routes.ts';
import { reportRoutes } from './reports/routes.ts';
import { seatRoutes } from './seats/routes.ts';
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

const wrongPassphrasesPerQuarterHour = 10;
const wrongSeatLinksPerQuarterHour = 40;

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
  // A parts list of 1 MB may grow when it is written as JSON; every other body is small.
  app.use('/api/kits', express.json({ limit: '2mb' }));
  app.use('/api', express.json({ limit: '256kb' }));
  app.use(seatRoutes(db, eventLog, channels, guessLimit(wrongSeatLinksPerQuarterHour)));
  app.use(practiceRoutes(db, memory));
  app.use(authRoutes(db, sessions, guessLimit(wrongPassphrasesPerQuarterHour)));
  app.use('/api', sessions.required, helpersMay);
  app.use(helperRoutes(db));
  app.use(boardRoutes(db));
  app.use(kitRoutes(db));
  app.use(paceRoutes(db, memory));
  app.use(peopleRoutes(db, memory, seatAddress));
  app.use(readingRoutes(db));
  app.use(reportRoutes(db, memory));
  app.use(storesRoutes(db));
  app.use(paperRoutes(db, seatAddress));
  app.use(workshopRoutes({ db, log: eventLog, channels, seatAddress }));
  app.use('/api', noSuchEndpoint);
  if (pagesFolder) app.use(pageHeaders(), pages(pagesFolder));
  app.use(problemHandler(log));
  return app;
}
