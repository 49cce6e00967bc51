import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { endpoints } from '#contract/endpoints';
import { getOpenApi, openApiOf } from '#contract/openapi';
import { version } from '#contract/version';
import { accountRoutes } from './accounts/routes.ts';
import { Guesses } from './auth/guesses.ts';
import { authRoutes } from './auth/routes.ts';
import { Sessions } from './auth/sessions.ts';
import type { NewDatabase } from './backup/backup.ts';
import type { DailyBackups } from './backup/daily.ts';
import { backupRoutes } from './backup/routes.ts';
import { boardRoutes } from './boards/routes.ts';
import { LogMemory } from './builds/logMemory.ts';
import { circuitRoutes } from './circuit/routes.ts';
import { WarmEngine } from './circuit/warmEngine.ts';
import { clockRoutes } from './clock/routes.ts';
import type { Database } from './db/database.ts';
import { EventLog } from './events/eventLog.ts';
import { LiveChannels } from './events/liveChannels.ts';
import { OpenStreams } from './events/openStreams.ts';
import { boardOfSeatRoutes } from './faults/boardOfSeatRoutes.ts';
import { FaultWork } from './faults/faultWork.ts';
import { lookFirstRoutes } from './faults/lookFirstRoutes.ts';
import { faultRoutes } from './faults/routes.ts';
import { Api } from './http/api.ts';
import { noSuchEndpoint, problemHandler } from './http/errors.ts';
import { pages } from './http/pages.ts';
import {
  addressLimit,
  apiHeaders,
  onlyEncrypted,
  ownPagesOnly,
  pageHeaders,
} from './http/security.ts';
import { kitRoutes } from './kits/routes.ts';
import { paceRoutes } from './pace/routes.ts';
import { paperRoutes } from './papers/routes.ts';
import { Forgetting } from './people/forgetting.ts';
import { peopleRoutes } from './people/routes.ts';
import { photoRoutes } from './photos/routes.ts';
import { pictureRoutes } from './pictures/routes.ts';
import { practiceRoutes } from './practice/routes.ts';
import { readingRoutes } from './readings/routes.ts';
import { recordRoutes } from './record/routes.ts';
import { SiteRecord } from './record/siteRecord.ts';
import { reportRoutes } from './reports/routes.ts';
import type { RoomDoor } from './room/roomDoor.ts';
import { refusePlain, roomPages, roomRoutes } from './room/routes.ts';
import { seatRoutes } from './seats/routes.ts';
import { seatRates } from './seats/seatRates.ts';
import { SeatTokens } from './seats/seatTokens.ts';
import { bookReplaced } from './stores/bookReplaced.ts';
import { packingRoutes } from './stores/packing/routes.ts';
import { storesRoutes } from './stores/routes.ts';
import { ofTheirDay } from './workshops/ofTheirDay.ts';
import { workshopRoutes } from './workshops/routes.ts';

export interface AppOptions {
  readonly db: Database;
  readonly log: Logger;
  /** Folder of the built pages; undefined serves the API only. */
  readonly pagesFolder?: string;
  /** Logs that were read; made here where it is not given. */
  readonly memory?: LogMemory;
  /** Lets somebody choose the first passphrase from another device; undefined lets nobody. */
  readonly setupCode?: string | undefined;
  /** How many proxies stand in front, or whose addresses they have, as Express takes it. */
  readonly trustProxy?: number | string | undefined;
  /** Backups that are made by themselves. */
  readonly daily: DailyBackups;
  /** In which a backup is read before it takes the place of anything. */
  readonly newDatabase: NewDatabase;
  /** The time; of evenings and links. */
  readonly now?: () => Date;
  /** Ends the program so that it is started again, once what was read before holds no more. */
  readonly startAnew?: () => void;
  /** By which learners' devices come. */
  readonly door: RoomDoor;
}

/** The application, and the work that goes on by itself beside it. */
export interface Application {
  readonly app: Express;
  readonly forgetting: Forgetting;
}

/** The whole application on a database that has been migrated. */
export function createApp({
  db,
  log,
  pagesFolder,
  memory = new LogMemory(),
  door,
  setupCode,
  trustProxy,
  daily,
  newDatabase,
  startAnew = () => {},
  now = () => new Date(),
}: AppOptions): Application {
  const app = express();
  const sessions = new Sessions(db);
  const channels = new LiveChannels();
  const streams = new OpenStreams();
  const eventLog = new EventLog(db, channels, bookReplaced);

  app.disable('x-powered-by');
  if (trustProxy !== undefined) {
    app.set('trust proxy', trustProxy);
    app.use(onlyEncrypted);
  }
  // Nothing of the API is kept by a cache, so nothing needs a tag to be asked for again.
  app.disable('etag');
  app.use('/api', apiHeaders, addressLimit(), ownPagesOnly);
  const seats = new SeatTokens(db, streams);
  const record = new SiteRecord(db);
  const forgetting = new Forgetting({ db, memory, tokens: seats, now });
  const api = new Api(
    {
      signedIn: sessions.required,
      ofTheirDay: ofTheirDay(db, now),
      atSeat: seats.required,
      ofSeat: seatRates(),
      refusePlain: refusePlain(door),
    },
    (what, done) => record.add(what, done),
    (workshopId) => channels.tellChanged(workshopId),
  );
  authRoutes(api, db, { sessions, streams, setupCode, guesses: new Guesses(), record });
  accountRoutes(api, db, streams);
  recordRoutes(api, db);
  clockRoutes(api, db);
  seatRoutes(api, { db, log: eventLog, channels, seats, streams, now });
  practiceRoutes(api, db, memory, now);
  backupRoutes(api, { db, daily, newDatabase, startAnew });
  // One simulator for all: whoever asks meanwhile waits.
  const engine = new WarmEngine();
  const faultWork = new FaultWork(db, engine);
  boardRoutes(api, db);
  kitRoutes(api, db);
  circuitRoutes(api, db, engine);
  faultRoutes(api, db, faultWork);
  lookFirstRoutes(api, db, memory, now);
  boardOfSeatRoutes(api, db, memory);
  pictureRoutes(api, db);
  photoRoutes(api, db, seats, now);
  paceRoutes(api, db, memory);
  peopleRoutes(api, db, memory, forgetting, seats, () => door.seatAddress() ?? 'http://localhost');
  readingRoutes(api, db);
  reportRoutes(api, db, memory);
  storesRoutes(api, db);
  packingRoutes(api, db);
  paperRoutes(api, db, door, now);
  roomRoutes(api, door);
  workshopRoutes(api, {
    db,
    memory,
    log: eventLog,
    channels,
    streams,
    sessions,
    door,
    tokens: seats,
    planned: (kitId) => faultWork.planned(kitId),
    now,
  });
  api.serve(getOpenApi, async () => openApiOf(endpoints, version));
  const unanswered = endpoints.filter(([, endpoint]) => !api.served.has(endpoint));
  if (unanswered.length > 0) {
    throw new Error(`no route answers ${unanswered.map(([name]) => name).join(', ')}`);
  }
  app.use(api.router);
  app.use('/api', noSuchEndpoint);
  if (pagesFolder) app.use(pageHeaders(), roomPages(door), pages(pagesFolder));
  app.use(problemHandler(log));
  return { app, forgetting };
}
