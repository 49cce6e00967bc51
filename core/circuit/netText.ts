import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import type { SaidNet } from './notes.ts';

/** Nets as people type them: a line each, `VCC: R1.1 C2.1`. */
export const netText = (nets: readonly SaidNet[]): string =>
  nets.map(({ name, pins }) => `${name}: ${pins.join(' ')}`).join('\n');

export const mostNets = 400;

/**
 * Reads nets as they are typed: a line each, its name before a colon, then its pins as place and pin.
 *
 * @param pinsOf the pins that a place has; undefined where the kit has no such place
 * @returns the nets, or what is wrong, with the number of the line
 */
export function readNetText(
  text: string,
  pinsOf: (place: string) => readonly string[] | undefined,
): Result<SaidNet[], Said> {
  const nets: SaidNet[] = [];
  const seen = new Map<string, number>();
  for (const [index, written] of text.split(/\r?\n/).entries()) {
    const line = index + 1;
    if (written.trim() === '') continue;
    const colon = written.indexOf(':');
    if (colon < 1) return fail(said('ui.nets.noColon', { line }));
    const name = written.slice(0, colon).trim();
    if (name === '') return fail(said('ui.nets.noColon', { line }));
    if (nets.some((net) => net.name === name)) return fail(said('ui.nets.twice', { line, name }));
    const pins = written
      .slice(colon + 1)
      .split(/[\s,;]+/)
      .filter((pin) => pin !== '');
    for (const pin of pins) {
      const dot = pin.lastIndexOf('.');
      const known = dot > 0 ? pinsOf(pin.slice(0, dot)) : undefined;
      if (!known) return fail(said('ui.nets.noSuchPlace', { line, pin }));
      if (!known.includes(pin.slice(dot + 1))) {
        return fail(said('ui.nets.noSuchPin', { line, pin, pins: known.join(', ') }));
      }
      const before = seen.get(pin);
      if (before !== undefined) return fail(said('ui.nets.pinTwice', { line, pin, before }));
      seen.set(pin, line);
    }
    nets.push({ name, pins });
    if (nets.length > mostNets) return fail(said('ui.nets.tooMany', { most: mostNets }));
  }
  return ok(nets);
}

/** Pins that one of two ways to join them has in one net, and the other has not. */
export interface NetDifference {
  readonly one: string;
  readonly other: string;
  /** Where they are joined. */
  readonly joined: 'on-board' | 'as-said';
}

/** What differs between the nets of a board and those that were typed; at most one pair for each net. */
export function netDifferences(
  onBoard: readonly (readonly string[])[],
  asSaid: readonly (readonly string[])[],
): NetDifference[] {
  const apart = (
    nets: readonly (readonly string[])[],
    others: readonly (readonly string[])[],
    joined: NetDifference['joined'],
  ) => {
    const netOf = new Map(
      others.flatMap((pins, index) => pins.map((pin) => [pin, index] as const)),
    );
    return nets.flatMap((pins): NetDifference[] => {
      const [one, ...rest] = pins;
      if (one === undefined) return [];
      const other = rest.find((pin) => !netOf.has(pin) || netOf.get(pin) !== netOf.get(one));
      return other === undefined ? [] : [{ one, other, joined }];
    });
  };
  return [...apart(onBoard, asSaid, 'on-board'), ...apart(asSaid, onBoard, 'as-said')];
}
