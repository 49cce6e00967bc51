import type { Part } from '../parts/part.ts';
import { type Board, type Hole, type Pad, pitchMm } from './board.ts';
import { gridOf, holeName, nearestHole } from './holes.ts';
import { padsOf } from './pads.ts';
import { type PinName, pinName } from './pinNames.ts';

/**
 * Which pins are joined: by the names of the pad list on a printed board, by strips, cuts and links on a hand-wired
 * one.
 *
 * @returns each net as its pins in order; nets of one pin are left out
 */
export function netsOf(board: Board, parts: ReadonlyMap<string, Part>): PinName[][] {
  return netsOfPads(board, padsOf(board, parts));
}

/** The same of pads that are known already. */
export function netsOfPads(board: Board, pads: readonly Pad[]): PinName[][] {
  const groups = board.kind === 'printed' ? byName(pads) : byWiring(board, pads);
  return groups
    .map((pins) => [...new Set(pins)].sort(byPin))
    .filter((pins) => pins.length > 1)
    .sort((a, b) => byPin(a[0] ?? '', b[0] ?? ''));
}

const byPin = (a: PinName, b: PinName) => a.localeCompare(b, 'en', { numeric: true });

function byName(pads: readonly Pad[]): PinName[][] {
  const nets = new Map<string, PinName[]>();
  for (const pad of pads) {
    if (pad.net === null) continue;
    nets.set(pad.net, [...(nets.get(pad.net) ?? []), pinName(pad)]);
  }
  return [...nets.values()];
}

/** Strips run along the rows. Joined holes are one set; sets are merged by links (union-find). */
function byWiring(board: Board, pads: readonly Pad[]): PinName[][] {
  const { columns, rows } = gridOf(board);
  const parent = new Map<string, string>();
  const find = (name: string): string => {
    const up = parent.get(name);
    return up === undefined || up === name ? name : find(up);
  };
  const join = (a: string, b: string) => parent.set(find(a), find(b));
  if (board.kind === 'strip') {
    const cut = new Set(board.cuts.map(holeName));
    for (let row = 1; row <= rows; row += 1) {
      for (let column = 1; column < columns; column += 1) {
        const [a, b] = [holeName({ column, row }), holeName({ column: column + 1, row })];
        // A cut takes the copper around its hole away.
        if (!cut.has(a) && !cut.has(b)) join(a, b);
      }
    }
  }
  for (const { from, to } of board.links) join(holeName(from), holeName(to));
  const nets = new Map<string, PinName[]>();
  for (const pad of pads) {
    const { hole, offMm } = nearestHole(board, { x: pad.xMm, y: pad.yMm });
    if (offMm > pitchMm / 3) continue;
    const net = find(holeName(hole));
    nets.set(net, [...(nets.get(net) ?? []), pinName(pad)]);
  }
  return [...nets.values()];
}

/** The hole that a pad of a hand-wired board lies in. */
export const holeOf = (board: Board, { xMm, yMm }: Pick<Pad, 'xMm' | 'yMm'>): Hole =>
  nearestHole(board, { x: xMm, y: yMm }).hole;
