import type { Board, Pad } from '../board/board.ts';
import { isMinus } from '../board/minusNets.ts';
import { netsOfPads } from '../board/nets.ts';
import { padsOf, partsByPlace, sitsInSocket, socketUnder } from '../board/pads.ts';
import { pinName } from '../board/pinNames.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import type { Circuit, Device, Net } from './circuit.ts';
import type { CircuitNotes, SaidNet } from './notes.ts';
import { isPlus, perhapsPlus } from './plusNames.ts';
import type { WiredKit } from './wiredKit.ts';

/**
 * The circuit of a kit: its nets as the instructor says them, else by the names of the pad list, by the strips or by
 * the wires of its board, and the parts on them. A chip in a socket is joined where its socket is.
 *
 * @returns no nets where nothing tells what is joined
 */
export function circuitOf({ board, circuitNotes, parts }: WiredKit): Circuit {
  const byPlace = partsByPlace(parts);
  const pads = board ? padsOf(board, byPlace) : [];
  const { nets: said, supply } = circuitNotes;
  const nets = said ? netsAsSaid(said, supply) : board ? netsOnBoard(board, pads) : [];
  const netOfPin = new Map(nets.flatMap(({ id, pins }) => pins.map((pin) => [pin, id] as const)));
  const netAt = (place: string): Record<string, string> =>
    Object.fromEntries(
      [...netOfPin].flatMap(([pin, net]) => {
        const dot = pin.lastIndexOf('.');
        return pin.slice(0, dot) === place ? [[pin.slice(dot + 1), net] as const] : [];
      }),
    );
  const saidOf = new Map(circuitNotes.parts?.map((one) => [one.place, one]));
  const deviceOf = (place: string, part: Part, at: Device['netAt']): Device => {
    const of = saidOf.get(place);
    if (!of) return { place, part, netAt: at };
    // A lead that is named here is named for this board, as a note of the batch would do it.
    const named = of.leads
      ? { ...part, lotNote: { text: '', ...part.lotNote, pinout: of.leads } }
      : part;
    return { place, part: named, netAt: at, said: of };
  };
  const devices: Device[] = [];
  for (const [place, part] of byPlace) {
    if (familyOf(part).role === 'socket' || familyOf(part).role === 'chip') continue;
    devices.push(deviceOf(place, part, netAt(place)));
  }
  for (const [place, part] of chipsByPlace(parts)) {
    const own = netAt(place);
    const isOwn = Object.keys(own).length > 0;
    devices.push(
      deviceOf(place, part, isOwn ? own : netAt(holderOf(place, part, board, byPlace, pads))),
    );
  }
  return { nets, devices };
}

/** A net of one pin joins nothing, unless the supply may come in there from something that is no part of the kit. */
const netsAsSaid = (said: readonly SaidNet[], supply: CircuitNotes['supply']): Net[] =>
  said
    .filter(
      ({ name, pins: [pin, ...more] }) =>
        pin !== undefined &&
        (more.length > 0 ||
          isPlus(name) ||
          perhapsPlus.test(name) ||
          isMinus(name) ||
          pin === supply?.plus ||
          pin === supply?.minus),
    )
    .map(({ name, pins }, index) => ({ id: `n${index + 1}`, name, pins }));

/** Those with several pins; and what is called by a pole of the supply, which may come in where no part of the kit is. */
function netsOnBoard(board: Board, pads: readonly Pad[]): Net[] {
  const joined = netsOfPads(board, pads).map((pins) => {
    const named = pads.find((pad) => pad.net !== null && pins.includes(pinName(pad)));
    return { name: named?.net ?? pins[0] ?? '', pins };
  });
  const poles = pads.flatMap((pad) =>
    pad.net !== null &&
    (isPlus(pad.net) || isMinus(pad.net)) &&
    !joined.some(({ name }) => name === pad.net)
      ? [{ name: pad.net, pins: [pinName(pad)] }]
      : [],
  );
  return [...joined, ...poles].map((net, index) => ({ id: `n${index + 1}`, ...net }));
}

/** Also those which share the place of their socket. */
function chipsByPlace(parts: readonly Part[]): Map<string, Part> {
  return new Map(
    parts
      .filter((part) => part.supply !== 'spare' && familyOf(part).role === 'chip')
      .flatMap((part) =>
        part.designators.map((place) => [place, { ...part, quantity: 1 }] as const),
      ),
  );
}

/** Whose pads a chip is at: its own, or those of the socket it is pushed into. */
function holderOf(
  place: string,
  chip: Part,
  board: Board | null,
  byPlace: ReadonlyMap<string, Part>,
  pads: readonly Pad[],
): string {
  const placement = board?.placements.find((one) => one.place === place);
  if (board && placement && sitsInSocket(placement, board, byPlace)) {
    return socketUnder(placement, board, byPlace)?.place ?? place;
  }
  if (pads.some((pad) => pad.place === place)) return place;
  // Where nothing tells which socket, the only one of its size.
  const fitting = [...byPlace].filter(
    ([, part]) => familyOf(part).role === 'socket' && part.pins === chip.pins,
  );
  return fitting.length === 1 ? (fitting[0]?.[0] ?? place) : place;
}
