import type { Board } from '../board/board.ts';
import { signOfPin } from '../board/footprint.ts';
import { needsPlace } from '../board/layout.ts';
import { isMinus } from '../board/minusNets.ts';
import { partsByPlace } from '../board/pads.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Job } from '../parts/family.ts';
import { jointsOfPiece } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import type { Circuit, Device } from './circuit.ts';
import { circuitOf } from './circuitOf.ts';
import { pinsByPlace } from './pinsOfPlace.ts';
import type { WiredKit } from './wiredKit.ts';

/** Something about what is joined that a working board seldom has. */
export interface NetDoubt {
  readonly kind: NetDoubtKind;
  /** Places; of nets that were entered with one pin, their names. */
  readonly names: readonly string[];
}

export const netDoubtKinds = [
  /** Plus and minus of what feeds the board are one net. */
  'supply-joined',
  /** The minus lead is where plus comes in, or the plus lead at minus. */
  'against-supply',
  /** Both leads are in one net: the part does nothing. */
  'both-ends-joined',
  /** A lead is joined to nothing. */
  'end-open',
  /** One of the leads of a transistor or a regulator is joined to nothing. */
  'lead-open',
  /** A chip without a pin at minus has no supply. */
  'chip-off-minus',
  /** A net that was entered has one pin: a name that is written otherwise elsewhere. */
  'one-pin',
  /** In the parts list, and without a pad in the pad list. */
  'no-pads',
  /** In the pad list, and not in the parts list. */
  'not-in-list',
] as const;
export type NetDoubtKind = (typeof netDoubtKinds)[number];

/** Jobs of which a part with two leads does nothing unless each of them is joined to something else (common practice). */
const needsBothEnds: readonly Job[] = [
  'resistor',
  'capacitor',
  'inductor',
  'timebase',
  'diode',
  'light',
  'sound',
];

/** Jobs of which a part with three leads needs all of them (common practice). */
const needsAllThree: readonly Job[] = ['transistor', 'regulator'];

/** What a pad list calls pads that belong to no part: through-contacts, holes, test points, marks (common practice). */
const ofNoPart = /^(?:via|npth|h|mh|mtg|tp|fid|m|logo|ref\*\*)\d*$/i;

/**
 * What of a kit's connections should be looked at, the gravest first. Doubts, not errors: where they are right and the
 * board works, the parts list or what was said of pin 1 may be wrong.
 *
 * @returns none where nothing tells what is joined
 */
export function netDoubts(kit: WiredKit): NetDoubt[] {
  const { board, circuitNotes, parts } = kit;
  const circuit = circuitOf(kit);
  const found = [
    ...(circuit.nets.length > 0 ? doubtsOfCircuit(circuit, kit) : []),
    ...(circuitNotes.nets ?? []).flatMap(({ name, pins }) =>
      pins.length === 1 && !circuit.nets.some((net) => net.name === name)
        ? [{ kind: 'one-pin' as const, name }]
        : [],
    ),
    ...(board && !circuitNotes.nets ? doubtsOfPads(board, partsByPlace(parts)) : []),
  ];
  return netDoubtKinds.flatMap((kind) => {
    const names = found.filter((one) => one.kind === kind).map(({ name }) => name);
    return names.length > 0 ? [{ kind, names }] : [];
  });
}

interface Doubted {
  readonly kind: NetDoubtKind;
  readonly name: string;
}

function doubtsOfCircuit(circuit: Circuit, { board, circuitNotes, parts }: WiredKit): Doubted[] {
  const supply = supplyNets(circuit);
  const pins = pinsByPlace(board, parts);
  const isEntered = circuitNotes.nets !== undefined;
  const doubtOf = ({ place, part, netAt }: Device): NetDoubtKind | undefined => {
    const { job } = familyOf(part);
    const joined = Object.values(netAt);
    // What a pad list does not have at all is told by itself.
    if (joined.length === 0 && !isEntered) return undefined;
    const count = pins.get(place)?.length;
    if (count === 3 && needsAllThree.includes(job))
      return joined.length < 3 ? 'lead-open' : undefined;
    if (job === 'chip' && (count ?? 0) >= 8) {
      return supply.minus !== undefined && !joined.includes(supply.minus)
        ? 'chip-off-minus'
        : undefined;
    }
    if (count !== 2 || jointsOfPiece(part) !== 2 || !needsBothEnds.includes(job)) return undefined;
    if (joined.length < 2) return 'end-open';
    if (joined[0] === joined[1]) return 'both-ends-joined';
    return isAgainst({ place, part, netAt }, supply) ? 'against-supply' : undefined;
  };
  const isShort = supply.plus !== undefined && supply.plus === supply.minus;
  return [
    ...(supply.feed && isShort ? [{ kind: 'supply-joined' as const, name: supply.feed }] : []),
    ...circuit.devices.flatMap((device) => {
      const kind = doubtOf(device);
      return kind ? [{ kind, name: device.place }] : [];
    }),
  ];
}

function doubtsOfPads(board: Board, parts: ReadonlyMap<string, Part>): Doubted[] {
  if (board.kind !== 'printed' || !board.pads.some(({ net }) => net !== null)) return [];
  const listed = new Set(board.pads.map(({ place }) => place));
  const hasSockets = [...parts.values()].some((part) => familyOf(part).role === 'socket');
  const isMissing = ([place, part]: readonly [string, Part]) => {
    const isBoards = needsPlace(part) && !board.nowhere?.includes(place);
    const isPushedIn = hasSockets && familyOf(part).role === 'chip';
    return isBoards && !isPushedIn && !listed.has(place);
  };
  return [
    ...[...parts].filter(isMissing).map(([name]) => ({ kind: 'no-pads' as const, name })),
    ...[...listed]
      .filter((name) => !parts.has(name) && !ofNoPart.test(name))
      .map((name) => ({ kind: 'not-in-list' as const, name })),
  ];
}

interface SupplyNets {
  /** The one part that brings the supply in; undefined where there are more, or none. */
  readonly feed: string | undefined;
  /** Ids of nets. */
  readonly plus: string | undefined;
  readonly minus: string | undefined;
}

/** Where plus and minus come in: by the part that feeds the board; minus also by the name of its net. */
function supplyNets({ nets, devices }: Circuit): SupplyNets {
  const [feed, another] = devices.filter(({ part }) => familyOf(part).power === 'feeds-board');
  const only = another ? undefined : feed;
  const lead = (sign: '+' | '−') => only && netAtSign(only, sign);
  const named = nets.find(({ name }) => isMinus(name))?.id;
  return { feed: only?.place, plus: lead('+'), minus: lead('−') ?? named };
}

const netAtSign = ({ part, netAt }: Pick<Device, 'part' | 'netAt'>, sign: '+' | '−') =>
  Object.entries(netAt).find(([pin]) => signOfPin(part, pin) === sign)?.[1];

/**
 * Capacitors and lights only: a diode may lie across the supply the other way round on purpose. Behind a switch or a
 * resistor nothing is said.
 */
function isAgainst(device: Device, { plus, minus }: SupplyNets): boolean {
  const { job } = familyOf(device.part);
  if (job !== 'capacitor' && job !== 'light') return false;
  const [up, down] = [netAtSign(device, '+'), netAtSign(device, '−')];
  if (plus !== undefined && plus === minus) return false;
  return up !== undefined && (up === minus || (down !== undefined && down === plus));
}
