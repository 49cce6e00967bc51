import { familyOf } from '../parts/families/index.ts';
import type { Job } from '../parts/family.ts';
import { jointsOfPiece } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import { type Board, type Pad, tellsNets } from './board.ts';
import { signOfPin } from './footprint.ts';
import { needsPlace } from './layout.ts';
import { isMinus } from './minusNets.ts';
import { netsOfPads, pinName } from './nets.ts';
import { padsOf } from './pads.ts';

/** Something about what is joined on a board that a working one seldom has. */
export interface NetDoubt {
  readonly kind: NetDoubtKind;
  readonly places: readonly string[];
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

/** What a pad list calls pads that belong to no part: through-contacts, holes, test points, marks (common practice). */
const ofNoPart = /^(?:via|npth|h|mh|mtg|tp|fid|m|logo|ref\*\*)\d*$/i;

/**
 * What of a board's connections should be looked at, the gravest first. Doubts, not errors: where the pad list is right
 * and the board works, the parts list or what was said of pin 1 may be wrong.
 *
 * @returns none where nothing tells what is joined
 */
export function netDoubts(board: Board, parts: ReadonlyMap<string, Part>): NetDoubt[] {
  if (!tellsNets(board)) return [];
  const pads = padsOf(board, parts);
  const nets = netsOfPads(board, pads).map((pins) => new Set(pins));
  const at = (pad: Pad | undefined) => pad && nets.find((net) => net.has(pinName(pad)));
  const supply = supplyNets(pads, parts, at);
  const found: { readonly kind: NetDoubtKind; readonly place: string }[] = [];
  const doubt = (kind: NetDoubtKind, place: string) => found.push({ kind, place });

  if (supply.feed && supply.plus && supply.plus === supply.minus)
    doubt('supply-joined', supply.feed);
  for (const [place, part] of parts) {
    const own = pads.filter((pad) => pad.place === place);
    const { job } = familyOf(part);
    const [one, other] = own;
    if (own.length !== 2 || jointsOfPiece(part) !== 2 || !needsBothEnds.includes(job)) continue;
    const [here, there] = [at(one), at(other)];
    if (!here || !there) doubt('end-open', place);
    else if (here === there) doubt('both-ends-joined', place);
    else if (isAgainst(part, own, at, supply)) doubt('against-supply', place);
  }
  if (board.kind === 'printed' && board.pads.length > 0) {
    const listed = new Set(board.pads.map(({ place }) => place));
    const hasSockets = [...parts.values()].some((part) => familyOf(part).role === 'socket');
    for (const [place, part] of parts) {
      const isBoards = needsPlace(part) && !board.nowhere?.includes(place);
      const isPushedIn = hasSockets && familyOf(part).role === 'chip';
      if (isBoards && !isPushedIn && !listed.has(place)) doubt('no-pads', place);
    }
    for (const place of listed)
      if (!parts.has(place) && !ofNoPart.test(place)) doubt('not-in-list', place);
  }
  return netDoubtKinds.flatMap((kind) => {
    const places = found.filter((one) => one.kind === kind).map(({ place }) => place);
    return places.length > 0 ? [{ kind, places }] : [];
  });
}

type Net = ReadonlySet<string>;
type At = (pad: Pad | undefined) => Net | undefined;

interface SupplyNets {
  /** The one part that brings the supply in; undefined where there are more, or none. */
  readonly feed: string | undefined;
  readonly plus: Net | undefined;
  readonly minus: Net | undefined;
}

/** Where plus and minus come in: by the part that feeds the board; minus also by the name of its net. */
function supplyNets(pads: readonly Pad[], parts: ReadonlyMap<string, Part>, at: At): SupplyNets {
  const feeds = [...parts].filter(([, part]) => familyOf(part).power === 'feeds-board');
  const [feed, another] = feeds;
  const only = another ? undefined : feed;
  const lead = (sign: '+' | '−') =>
    only && pads.find(({ place, pin }) => place === only[0] && signOfPin(only[1], pin) === sign);
  const named = pads.find(({ net }) => net !== null && isMinus(net));
  return { feed: only?.[0], plus: at(lead('+')), minus: at(lead('−')) ?? at(named) };
}

/**
 * Capacitors and lights only: a diode may lie across the supply the other way round on purpose. Behind a switch or a
 * resistor nothing is said.
 */
function isAgainst(part: Part, own: readonly Pad[], at: At, { plus, minus }: SupplyNets): boolean {
  const { job } = familyOf(part);
  if (job !== 'capacitor' && job !== 'light') return false;
  const net = (sign: '+' | '−') => at(own.find(({ pin }) => signOfPin(part, pin) === sign));
  const [up, down] = [net('+'), net('−')];
  if (plus !== undefined && plus === minus) return false;
  return up !== undefined && (up === minus || (down !== undefined && down === plus));
}
