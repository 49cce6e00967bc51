import { mkdirSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import { createApp } from './app.ts';
import { LogMemory } from './builds/logMemory.ts';
import { openDatabase } from './db/database.ts';
import { lockFolder } from './db/lockFolder.ts';
import { migrate } from './db/migrate.ts';

export interface StartOptions {
  /** The data folder; made where it is missing. */
  readonly dataFolder: string;
  /** 0 takes any free port. */
  readonly port: number;
  /** `127.0.0.1` for this computer only, `0.0.0.0` for the room. */
  readonly host: string;
  readonly pagesFolder: string;
  /** The address to print into seat links; guessed from the network where it is not given. */
  readonly publicAddress?: string | undefined;
}

export interface RunningServer {
  readonly port: number;
  /** Ends the streams, closes the database and frees the folder. */
  close(): Promise<void>;
}

/**
 * Opens the data and serves the application.
 *
 * @throws Error with a sentence for the person at the machine: the folder is in use, the port is taken
 */
export async function start(options: StartOptions): Promise<RunningServer> {
  const { dataFolder, host, pagesFolder } = options;
  mkdirSync(dataFolder, { recursive: true, mode: 0o700 });
  const unlock = lockFolder(dataFolder);
  const log = pino({ level: 'warn' }, pino.destination(2));
  const db = await openDatabase(join(dataFolder, 'postgres'));
  await migrate(db);
  let port = options.port;
  const memory = new LogMemory();
  const app = createApp({
    db,
    log,
    memory,
    pagesFolder,
    seatAddress: () => options.publicAddress ?? `http://${addressInRoom(host)}:${port}`,
  });
  const server = createServer(app);
  const stop = async () => {
    await db.close();
    unlock();
  };
  try {
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(options.port, host, resolve);
    });
  } catch (error) {
    await stop();
    if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE') {
      throw new Error(
        `Port ${port} is in use. Stop the program that uses it, or choose another with PORT=${port + 1}.`,
      );
    }
    throw error;
  }
  port = (server.address() as AddressInfo).port;
  const warming = memory.warm(db).catch((error: unknown) => log.warn(error));
  return {
    port,
    close: async () => {
      const closed = new Promise((resolve) => server.close(resolve));
      server.closeAllConnections();
      await closed;
      await warming;
      await stop();
    },
  };
}

/** The address other devices reach this computer at: its own in the room's network where it listens there. */
function addressInRoom(host: string): string {
  if (host !== '0.0.0.0' && host !== '::') return host;
  const inRoom = Object.values(networkInterfaces())
    .flat()
    .find((address) => address?.family === 'IPv4' && !address.internal);
  return inRoom?.address ?? '127.0.0.1';
}
