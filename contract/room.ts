import * as yup from 'yup';
import { said } from '#core/learning/said';
import { endpoint, fileEndpoint } from './endpoint.ts';
import { fields, leaf, oneOf } from './schema.ts';

/** How learners' devices come: plainly, without any warning, or encrypted, by devices that trust the authority. */
export const seatWays = ['http', 'https'] as const;
export type SeatWay = (typeof seatWays)[number];

/** One way into this computer from a network. */
export interface FoundAddress {
  readonly address: string;
  /** What the system calls the network, such as `wlan0`. */
  readonly network: string;
}

/** A workshop to come whose labels carry an address that phones would not find. */
export interface OutdatedLabels {
  readonly workshopId: string;
  readonly title: string;
  readonly printed: string;
}

/** The door of the room: whether phones can come in, and by which address. */
export interface Room {
  readonly isOpen: boolean;
  /** When it closes by itself. */
  readonly openUntil: string | null;
  /** Found in this computer's networks now. */
  readonly found: readonly FoundAddress[];
  /** The one that was chosen last. */
  readonly address: string | null;
  /** Whether this computer still has it. */
  readonly isHere: boolean;
  readonly seatsBy: SeatWay;
  /** What labels carry; null where no phone could open it. */
  readonly seatAddress: string | null;
  /** Where tablets of helpers sign in while the door is open. */
  readonly staffAddress: string | null;
  /** What the test code leads to. */
  readonly helloAddress: string | null;
  /** When the first device came since the door was opened. */
  readonly reachedAt: string | null;
  /** SHA-256 of the authority that tablets of the room may trust; in pairs of hex digits. */
  readonly fingerprint: string;
  /** The address was given where the program was started: there is nothing to choose. */
  readonly isGiven: boolean;
  readonly outdated: readonly OutdatedLabels[];
}

const openRoomBody = fields({
  address: leaf(
    yup
      .string()
      .strict()
      .required(said('refusals.room.chooseTheNetworkThatThePhonesAre'))
      .max(64, said('refusals.room.anAddressHasAtMost64Characters')),
  ),
  seatsBy: oneOf(seatWays, { wrong: said('refusals.room.seatsComeByHttpOrByHttps') }),
});

export const getRoom = endpoint<Room>()({ method: 'GET', path: '/api/room', access: 'helper' });
/** Lets the phones of a network in, until the evening is over. */
export const openRoom = endpoint<Room>()({
  method: 'PUT',
  path: '/api/room',
  access: 'instructor',
  recorded: 'phones-let-in',
  body: openRoomBody,
});
export const closeRoom = endpoint<Room>()({
  method: 'DELETE',
  path: '/api/room',
  access: 'instructor',
  recorded: 'phones-shut-out',
});

/** The authority of this site, for tablets that belong to the room. */
export const authorityFile = fileEndpoint({
  path: '/api/room/authority.crt',
  access: 'public',
  types: ['application/x-x509-ca-cert'],
});

/** The page that the test code opens. */
export const helloPath = '/hello';
/** The page that says how a tablet comes to trust the site. */
export const trustPath = '/trust';
