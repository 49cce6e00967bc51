import { randomInt } from 'node:crypto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino from 'pino';
import { countInstructors } from './accounts/queries.ts';
import { createApp } from './app.ts';
import { DailyBackups } from './backup/daily.ts';
import { LogMemory } from './builds/logMemory.ts';
import { readSiteClock } from './clock/siteTime.ts';
import { endOnFault } from './faults.ts';
import { hourly } from './hourly.ts';
import { deleteRemoved } from './kits/shelf/queries.ts';
import { deleteTakenBack } from './photos/queries.ts';
import { addressesFound } from './room/addresses.ts';
import type { CertificateFiles } from './room/certificates.ts';
import { RoomDoor } from './room/roomDoor.ts';
import { openSite } from './site.ts';
import { deleteRemovedWorkshops } from './workshops/shelf/queries.ts';

export interface StartOptions {
  /** The data folder; made where it is missing. */
  readonly dataFolder: string;
  /** 0 takes any free port. */
  readonly port: number;
  readonly pagesFolder: string;
  /** The address that phones reach, where a proxy or a name keeps the door: nothing is opened or chosen here then. */
  readonly publicAddress?: string | undefined;
  /** Proxies in front, as Express takes it. */
  readonly trustProxy?: number | string | undefined;
  /** Files of a certificate of the site's own, in PEM. */
  readonly certificate?: CertificateFiles | undefined;
  /** Called when everything is closed and the program is to be started again. */
  readonly startAnew?: (() => void) | undefined;
  /** This computer's addresses in its networks, where they cannot be found. */
  readonly roomAddresses?: readonly string[] | undefined;
}

/** A proxy in front keeps its connections for a minute: closed here first, a request on its way would be lost. */
const keptOpenMs = 65_000;

export interface RunningServer {
  readonly port: number;
  /** For choosing the first passphrase from another device; undefined once there is one. */
  readonly setupCode: string | undefined;
  /** Asked again it is the same one. Ends the streams, closes the database and frees the folder. */
  close(): Promise<void>;
}

/**
 * Opens the data and serves the application.
 *
 * @throws Error with a sentence for the person at the machine: the folder is in use, the port is taken
 */
export async function start(options: StartOptions): Promise<RunningServer> {
  const { dataFolder, pagesFolder, roomAddresses } = options;
  const { db, newDatabase, close: closeSite } = await openSite(dataFolder);
  const log = pino({ level: 'warn' }, pino.destination(2));
  const door = new RoomDoor({
    db,
    folder: dataFolder,
    given: options.publicAddress,
    own: options.certificate,
    found: () =>
      roomAddresses?.map((address) => ({ address, network: 'given' })) ?? addressesFound(),
  });
  await readSiteClock(db);
  const memory = new LogMemory();
  const setupCode = (await countInstructors(db)) === 0 ? newSetupCode() : undefined;
  const daily = new DailyBackups(db, dataFolder);
  const { app, forgetting } = createApp({
    daily,
    newDatabase,
    startAnew: () => void close().then(() => options.startAnew?.()),
    setupCode,
    trustProxy: options.trustProxy,
    db,
    log,
    memory,
    pagesFolder,
    door,
  });
  const server = createServer({ keepAliveTimeout: keptOpenMs }, app);
  try {
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(options.port, thisComputer, resolve);
    });
  } catch (error) {
    await closeSite();
    if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE') {
      throw new Error(
        `Port ${options.port} is in use. Stop the program that uses it, or choose another with PORT=${options.port + 1}.`,
      );
    }
    throw error;
  }
  const { port } = server.address() as AddressInfo;
  await door.start(app, port);
  const fault = (what: string) => (error: unknown) =>
    log.error({ code: (error as NodeJS.ErrnoException).code }, what);
  daily.start(fault('no backup'));
  const retention = hourly(() => forgetting.eraseDue(), fault('nobody erased'));
  // Workshops first: a kit that was removed after its workshop is free then.
  const removal = hourly(
    () =>
      db.transaction(async (tx) => {
        await deleteRemovedWorkshops(tx);
        await deleteRemoved(tx);
        await deleteTakenBack(tx);
      }),
    fault('nothing deleted'),
  );
  const warming = memory.warm(db).catch((error: unknown) => log.warn(error));
  let closing: Promise<void> | undefined;
  const close = () => {
    closing ??= (async () => {
      await door.stop();
      await daily.stop();
      await retention.stop();
      await removal.stop();
      const closed = new Promise((resolve) => server.close(resolve));
      server.closeAllConnections();
      await closed;
      await warming;
      await closeSite();
      lookNoMore();
    })();
    return closing;
  };
  const lookNoMore = endOnFault(dataFolder, close);
  return { port, setupCode, close };
}

/** Eight signs that nobody confuses, in two groups. */
function newSetupCode(): string {
  const signs = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
  const four = () => Array.from({ length: 4 }, () => signs[randomInt(signs.length)]).join('');
  return `${four()}-${four()}`;
}

/** The network's door is another one; see RoomDoor. */
const thisComputer = '127.0.0.1';
