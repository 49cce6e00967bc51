import { readFileSync } from 'node:fs';
import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createEncryptedServer } from 'node:https';
import type { AddressInfo, ListenOptions } from 'node:net';
import type { FoundAddress, Room, SeatWay } from '#contract/room';
import { helloPath } from '#contract/room';
import { type Said, said } from '#core/learning/said';
import type { Database } from '../db/database.ts';
import { type Door, markDoor } from '../http/cameBy.ts';
import { Refusal } from '../http/refusal.ts';
import { type CertificateFiles, siteCertificate } from './certificates.ts';
import {
  type StoredRoom,
  selectEveningsEnd,
  selectOutdatedLabels,
  selectRoom,
  upsertRoom,
} from './queries.ts';

export interface RoomDoorOptions {
  readonly db: Database;
  /** Of the data, for the certificates. */
  readonly folder: string;
  /** The addresses of this computer in its networks, asked anew each time: they come and go. */
  readonly found: () => readonly FoundAddress[];
  /** An address that was given at the start, behind which somebody else keeps the door. */
  readonly given?: string | undefined;
  /** Used instead of the site's own certificate. */
  readonly own?: CertificateFiles | undefined;
  readonly now?: () => Date;
}

/** Behind the end of the evening, for those who finish late. */
const graceMinutes = 60;
/** An evening that begins within so many hours is the one that the door is opened for. */
const soonHours = 12;
/** Where no evening is near: somebody tries it out. */
const withoutEveningHours = 4;
const lookEveryMs = 30_000;

interface Listening {
  readonly plain: Server;
  readonly encrypted: Server;
  readonly port: number;
  readonly encryptedPort: number;
  readonly address: string;
}

/** The door of the room: two servers beside the one of this computer, opened and closed while it runs. */
export class RoomDoor {
  readonly #options: RoomDoorOptions;
  readonly #now: () => Date;
  #application: RequestListener = (_request, response) => response.writeHead(503).end();
  #port = 0;
  #stored: StoredRoom | undefined;
  #listening: Listening | undefined;
  #reachedAt: Date | null = null;
  /** One after the other: two people at the switch must not both open it. */
  #turn: Promise<unknown> = Promise.resolve();
  #watch: NodeJS.Timeout | undefined;

  constructor(options: RoomDoorOptions) {
    this.#options = options;
    this.#now = options.now ?? (() => new Date());
  }

  /**
   * Opens the door again where the program ended while it was open, and has it closed when its time is over.
   *
   * @param port of this computer's own server: labels of the evening before stay right where it is the same
   */
  async start(application: RequestListener, port: number): Promise<void> {
    this.#application = application;
    this.#port = port;
    this.#stored = await selectRoom(this.#options.db);
    this.#watch = setInterval(() => void this.#look().catch(() => {}), lookEveryMs);
    this.#watch.unref();
    // Without its network the door stays closed; the page says so.
    await this.#look().catch(() => {});
  }

  async stop(): Promise<void> {
    clearInterval(this.#watch);
    await this.#inTurn(() => this.#shut());
  }

  /**
   * Lets the phones of a network in.
   *
   * @throws Refusal where this computer has no such address, or its port there is taken
   */
  open(address: string, seatsBy: SeatWay): Promise<void> {
    return this.#inTurn(async () => {
      const now = this.#now();
      const end = await selectEveningsEnd(this.#options.db, now, soonHours);
      const openUntil = end
        ? new Date(end.getTime() + graceMinutes * 60_000)
        : new Date(now.getTime() + withoutEveningHours * 3600_000);
      if (this.#listening?.address !== address) {
        await this.#shut();
        await this.#listen(address);
        this.#reachedAt = null;
      }
      await this.#store({ address, seatsBy, openUntil });
    });
  }

  close(): Promise<void> {
    return this.#inTurn(async () => {
      await this.#shut();
      if (this.#stored) await this.#store({ ...this.#stored, openUntil: null });
    });
  }

  /** Somebody's device has come in by the room's door. */
  reached(): void {
    this.#reachedAt ??= this.#now();
  }

  /** What labels and codes carry; null where no phone could open it. */
  seatAddress(): string | null {
    const { given } = this.#options;
    if (given !== undefined) return given;
    if (!this.#stored) return null;
    const { address, seatsBy } = this.#stored;
    return seatsBy === 'https'
      ? `https://${address}:${this.#encryptedPort()}`
      : `http://${address}:${this.#listening?.port ?? this.#port}`;
  }

  /** Where staff pages are to be had over the network; null while the door is closed. */
  staffAddress(): string | null {
    const at = this.#listening;
    return at ? `https://${at.address}:${at.encryptedPort}` : null;
  }

  /** Whether seats may come plainly now. */
  get seatsBy(): SeatWay {
    return this.#stored?.seatsBy ?? 'http';
  }

  /** DER of the authority that devices may trust. */
  async authority(): Promise<Buffer> {
    return (await this.#certificate()).authority;
  }

  async state(): Promise<Room> {
    const found = this.#options.found();
    const address = this.#stored?.address ?? null;
    const seatAddress = this.seatAddress();
    const at = this.#listening;
    return {
      isOpen: at !== undefined,
      openUntil: (at && this.#stored?.openUntil?.toISOString()) ?? null,
      found,
      address,
      isHere: found.some((one) => one.address === address),
      seatsBy: this.seatsBy,
      seatAddress,
      staffAddress: this.staffAddress(),
      helloAddress: at ? `${seatAddress}${helloPath}` : null,
      reachedAt: this.#reachedAt?.toISOString() ?? null,
      fingerprint: (await this.#certificate()).fingerprint,
      isGiven: this.#options.given !== undefined,
      outdated:
        seatAddress === null
          ? []
          : await selectOutdatedLabels(this.#options.db, seatAddress, this.#now()),
    };
  }

  /** What the clock and the networks ask for: closed when its time is over, opened again when it should be open. */
  #look(): Promise<void> {
    return this.#inTurn(async () => {
      const until = this.#stored?.openUntil;
      if (!this.#stored || !until) return;
      if (until <= this.#now()) {
        await this.#shut();
        await this.#store({ ...this.#stored, openUntil: null });
      } else if (!this.#listening) {
        await this.#listen(this.#stored.address);
      }
    });
  }

  async #listen(address: string): Promise<void> {
    if (!this.#options.found().some((one) => one.address === address)) {
      throw refused(said('refusals.room.thisComputerHasNoAddressNowJoin', { address }));
    }
    const { key, cert } = await this.#keys();
    const plain = createServer(this.#through('room'));
    const encrypted = createEncryptedServer({ key, cert }, this.#through('room-encrypted'));
    try {
      const port = await listen(plain, { host: address, port: this.#port });
      const encryptedPort = await listenFrom(encrypted, address, this.#encryptedPort());
      this.#listening = { plain, encrypted, port, encryptedPort, address };
    } catch (error) {
      await Promise.all([ended(plain), ended(encrypted)]);
      const { code, message } = error as NodeJS.ErrnoException;
      throw refused(
        code === 'EADDRINUSE'
          ? said('refusals.room.anotherProgramUsesPortPortAtEnd', {
              address,
              port: this.#port,
              last: this.#port + 10,
            })
          : said('refusals.room.theDoorCannotBeOpenedAt', { address, message }),
      );
    }
  }

  async #shut(): Promise<void> {
    const at = this.#listening;
    this.#listening = undefined;
    if (at) await Promise.all([ended(at.plain), ended(at.encrypted)]);
  }

  #through(door: Door): RequestListener {
    return (request, response) => {
      markDoor(request, door);
      this.#application(request, response);
    };
  }

  #encryptedPort(): number {
    return this.#listening?.encryptedPort ?? this.#port + 1;
  }

  #certificate() {
    const addresses = this.#options.found().map(({ address }) => address);
    const chosen = this.#stored ? [this.#stored.address] : [];
    return siteCertificate(this.#options.folder, [...addresses, ...chosen], this.#now());
  }

  /** What the encrypted door shows: the files of the site's own certificate where there are any. */
  async #keys(): Promise<CertificateFiles> {
    const { own } = this.#options;
    if (!own) return this.#certificate();
    try {
      return { cert: readFileSync(own.cert, 'utf8'), key: readFileSync(own.key, 'utf8') };
    } catch (error) {
      throw refused(
        said('refusals.room.theCertificateOfThisSiteCannotBe', {
          message: (error as Error).message,
        }),
      );
    }
  }

  async #store(room: StoredRoom): Promise<void> {
    await upsertRoom(this.#options.db, room);
    this.#stored = room;
  }

  #inTurn<Result>(work: () => Promise<Result>): Promise<Result> {
    const done = this.#turn.then(work, work);
    this.#turn = done.catch(() => {});
    return done;
  }
}

const refused = (says: Said) =>
  new Refusal(409, said('refusals.room.theDoorStaysClosed'), says, [{ field: 'address', says }]);

/** @returns the port that it listens at */
function listen(server: Server, options: ListenOptions): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(options, () => {
      server.off('error', reject);
      resolve((server.address() as AddressInfo).port);
    });
  });
}

/** The first free port of a few: nothing is printed with it, so that it may be another one. */
async function listenFrom(server: Server, host: string, first: number): Promise<number> {
  for (let port = first; port < first + 9; port += 1) {
    try {
      return await listen(server, { host, port });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    }
  }
  return listen(server, { host, port: 0 });
}

function ended(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.closeAllConnections();
  });
}
