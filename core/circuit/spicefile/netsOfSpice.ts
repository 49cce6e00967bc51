import { placeOfPin } from '../../board/pinNames.ts';
import type { Part } from '../../parts/part.ts';
import { pinoutOf } from '../../parts/pinouts.ts';
import type { SaidNet } from '../notes.ts';
import type { SpiceElement, SpiceNetlist } from './readSpice.ts';

/** What of a netlist becomes connections of a kit. */
export interface TakenNetlist {
  readonly nets: readonly SaidNet[];
  /** Elements that no place of the kit is called by. */
  readonly notInKit: readonly string[];
  /** Places whose value is another one in the parts list. */
  readonly otherValue: readonly string[];
  /** Places whose leads nobody knows: their nodes cannot be given to pins. */
  readonly leadsUnknown: readonly string[];
  readonly notRead: readonly string[];
}

/** Nodes of a transistor, in the order in which SPICE has them. */
const leads: Readonly<Record<string, readonly string[]>> = {
  Q: ['collector', 'base', 'emitter'],
  J: ['drain', 'gate', 'source'],
  M: ['drain', 'gate', 'source'],
};

/**
 * The nets of a netlist, by the places of a kit. `R1`, `QQ1` and `XU1` are R1, Q1 and U1. Nodes of a subcircuit are
 * taken to be its pins in order. Where comments tell the nets pin by pin, they count.
 */
export function netsOfSpice(netlist: SpiceNetlist, parts: ReadonlyMap<string, Part>): TakenNetlist {
  if (netlist.nets.length > 0) return asCommented(netlist, parts);
  const nets = new Map<string, string[]>();
  const notInKit: string[] = [];
  const otherValue: string[] = [];
  const leadsUnknown: string[] = [];
  for (const element of netlist.elements) {
    const place = placeOf(element, parts);
    const part = place === undefined ? undefined : parts.get(place);
    if (place === undefined || !part) {
      // Sources stand for what feeds the board.
      if (element.letter !== 'V' && element.letter !== 'I') notInKit.push(element.name);
      continue;
    }
    const pins = pinsFor(element, part);
    if (!pins) {
      leadsUnknown.push(place);
      continue;
    }
    if (isOther(element, part)) otherValue.push(place);
    for (const [index, node] of element.nodes.entries()) {
      const pin = pins[index];
      if (pin !== undefined) nets.set(node, [...(nets.get(node) ?? []), `${place}.${pin}`]);
    }
  }
  return {
    nets: [...nets].map(([node, pins]) => ({ name: node === '0' ? 'GND' : node, pins })),
    notInKit,
    otherValue,
    leadsUnknown,
    notRead: netlist.notRead,
  };
}

function asCommented(
  { nets, elements }: SpiceNetlist,
  parts: ReadonlyMap<string, Part>,
): TakenNetlist {
  const places = nets.flatMap(({ pins }) => pins.map(placeOfPin));
  return {
    nets: nets.flatMap(({ name, pins }) => {
      const own = pins.filter((pin) => parts.has(placeOfPin(pin)));
      return own.length > 0 ? [{ name, pins: own }] : [];
    }),
    notInKit: [...new Set(places.filter((place) => !parts.has(place)))],
    otherValue: elements.flatMap((element) => {
      const place = placeOf(element, parts);
      const part = place === undefined ? undefined : parts.get(place);
      return place !== undefined && part && isOther(element, part) ? [place] : [];
    }),
    leadsUnknown: [],
    notRead: [],
  };
}

function placeOf({ name }: SpiceElement, parts: ReadonlyMap<string, Part>): string | undefined {
  const places = [...parts.keys()];
  const same = (text: string) => places.find((place) => place.toUpperCase() === text.toUpperCase());
  return same(name) ?? same(name.slice(1));
}

function pinsFor({ letter, nodes }: SpiceElement, part: Part): (string | undefined)[] | undefined {
  const names = leads[letter];
  if (!names) return nodes.map((_, index) => String(index + 1));
  const pinout = pinoutOf(part)?.pins;
  if (!pinout) return undefined;
  return names.map((name) => {
    const at = pinout.indexOf(name);
    return at < 0 ? undefined : String(at + 1);
  });
}

const isOther = ({ letter, value }: SpiceElement, { value: listed }: Part): boolean =>
  value !== undefined &&
  (letter === 'R' || letter === 'C' || letter === 'L') &&
  listed.kind === 'amount' &&
  Math.abs(value / listed.amount - 1) > 0.01;
