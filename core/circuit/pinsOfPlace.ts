import type { Board } from '../board/board.ts';
import { footprintOf } from '../board/footprint.ts';
import type { Part } from '../parts/part.ts';

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
