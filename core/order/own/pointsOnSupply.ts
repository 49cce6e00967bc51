import type { Board } from '../../board/board.ts';
import { signOfPin } from '../../board/footprint.ts';
import { netsOf } from '../../board/nets.ts';
import { partsByPlace } from '../../board/pads.ts';
import { familyOf } from '../../parts/families/index.ts';
import type { Part } from '../../parts/part.ts';

/** A lead that the whole supply is at once the board has power, and where the other probe goes. */
export interface PointOnSupply {
  readonly place: string;
  readonly pin: string;
  /** Where the black probe goes: the minus lead of what brings the supply in. */
  readonly minus: { readonly place: string; readonly pin: string };
  readonly least: number;
  readonly most: number;
}

/** Cells that are used but good still show this share of what is written on them, fresh ones that (common practice). */
const used = 0.85;
const fresh = 1.1;
const tenth = (volt: number): number => Math.round(volt * 10) / 10;

/**
 * Where the supply can be measured, read from what is joined on the board: leads of chips and sockets on the same net as
 * the plus lead of what feeds it, or behind a switch, a fuse or a diode.
 *
 * @param supplyVolt of the kit, in volts
 * @returns none where nets, voltage or the two leads of the supply are not known
 */
export function pointsOnSupply(
  board: Board | null,
  parts: readonly Part[],
  supplyVolt: number | null,
): readonly PointOnSupply[] {
  if (!board || supplyVolt === null) return [];
  const byPlace = partsByPlace(parts);
  const nets = netsOf(board, byPlace).map((pins) => pins.map(parted));
  const feeds = [...byPlace].filter(([, part]) => familyOf(part).power === 'feeds-board');
  const [feed, another] = feeds;
  // Of two ways in nobody can say which one is measured at.
  if (!feed || another) return [];
  const [place, part] = feed;
  const net = (sign: '+' | '−') =>
    nets.find((pins) =>
      pins.some((one) => one.place === place && signOfPin(part, one.pin) === sign),
    );
  const [plus, minus] = [net('+'), net('−')];
  const black = minus?.find((one) => one.place === place);
  if (!plus || !minus || !black || plus === minus) return [];
  return [...reached(plus, minus, nets, byPlace)].flatMap(([pins, drop]) =>
    pins
      .filter((one) => {
        const there = byPlace.get(one.place);
        return there !== undefined && ['chip', 'socket'].includes(familyOf(there).role);
      })
      .map((one) => ({
        ...one,
        minus: black,
        least: tenth(supplyVolt * used - drop),
        most: tenth(supplyVolt * fresh),
      })),
  );
}

type Net = readonly { readonly place: string; readonly pin: string }[];

/** What a diode may take of it, in volts (silicon, common practice). */
const mostOfDiode = 1;

/** What the supply may lose in a part that it comes to at this pin; undefined where it does not simply go through. */
function lostIn(part: Part, pin: string): number | undefined {
  const { passesSupply } = familyOf(part);
  if (passesSupply === 'freely') return 0;
  return passesSupply === 'forward' && signOfPin(part, pin) === '+' ? mostOfDiode : undefined;
}

/** The nets that plus comes to through nothing but switches, fuses and diodes, and how much of it may be lost there. */
function reached(
  plus: Net,
  minus: Net,
  nets: readonly Net[],
  byPlace: ReadonlyMap<string, Part>,
): ReadonlyMap<Net, number> {
  const found = new Map<Net, number>([[plus, 0]]);
  for (const [net, drop] of found) {
    for (const { place, pin } of net) {
      const part = byPlace.get(place);
      const lost = part && lostIn(part, pin);
      if (lost === undefined) continue;
      for (const next of nets) {
        if (next === minus || found.has(next) || !next.some((one) => one.place === place)) continue;
        found.set(next, drop + lost);
      }
    }
  }
  return found;
}

/** `U1.8` in its two halves. */
function parted(name: string): { readonly place: string; readonly pin: string } {
  const at = name.lastIndexOf('.');
  return { place: name.slice(0, at), pin: name.slice(at + 1) };
}
