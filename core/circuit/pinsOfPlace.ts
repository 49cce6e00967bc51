import type { Board } from '../board/board.ts';
import { footprintOf } from '../board/footprint.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { netNames } from './netTable.ts';
import type { SaidNet } from './notes.ts';

/** The pins of each place of a kit: those of its pads, else those that such a part has. */
export function pinsByPlace(
  board: Board | null,
  parts: readonly Part[],
): Map<string, readonly string[]> {
  const found = new Map<string, readonly string[]>();
  for (const part of parts) {
    if (part.supply === 'spare') continue;
    const { pins } = footprintOf(part);
    for (const place of part.designators) {
      const own = (board?.pads ?? []).filter((pad) => pad.place === place).map(({ pin }) => pin);
      found.set(place, own.length > 0 ? own : pins.map(({ pin }) => pin));
    }
  }
  return found;
}

export interface PinsOfPart {
  readonly place: string;
  readonly part: Part;
  readonly pins: readonly string[];
}

/**
 * The parts whose pins are to be joined. What is pushed into a socket is joined where the socket is, so that one of the
 * two is enough: that which is on a net already, else the chip.
 *
 * @param pins of each place; see `pinsByPlace`
 */
export function pinsToJoin(
  pins: ReadonlyMap<string, readonly string[]>,
  byPlace: ReadonlyMap<string, Part>,
  nets: readonly SaidNet[],
): PinsOfPart[] {
  const names = netNames(nets);
  const rows = [...pins].flatMap(([place, own]) => {
    const part = byPlace.get(place);
    return part && own.length > 0 ? [{ place, part, pins: own }] : [];
  });
  const roleOf = ({ part }: PinsOfPart) => familyOf(part).role;
  const isNamed = ({ place, pins: own }: PinsOfPart) =>
    own.some((pin) => names.has(`${place}.${pin}`));
  const sockets = rows.filter((row) => roleOf(row) === 'socket' && isNamed(row));
  return rows.filter((row) => {
    if (isNamed(row)) return true;
    if (roleOf(row) === 'socket') return false;
    return roleOf(row) !== 'chip' || !sockets.some((one) => one.pins.length === row.pins.length);
  });
}
