import type { Board, Hole } from '../../board/board.ts';
import { holeName } from '../../board/holes.ts';
import { holeOf } from '../../board/nets.ts';
import { pinName } from '../../board/pinNames.ts';
import { circuitOf } from '../../circuit/circuitOf.ts';
import { asMeant, netOfPin, netsJoined } from '../change.ts';
import type { Faultable, FaultKind, Faulty, Subject } from '../fault.ts';

/** The board, where it is its holes that tell what is joined. */
const boardByHoles = ({ board, circuitNotes }: Faultable): Board | undefined =>
  board && board.kind !== 'printed' && !circuitNotes.nets ? board : undefined;

/** The board with other copper: nets are found anew, and called as they were where they still are. */
function withCopper(subject: Subject, copper: Partial<Board>): Faulty {
  const board = subject.board && { ...subject.board, ...copper };
  const found = circuitOf({ ...subject, board });
  const feeds = (net: string) =>
    subject.circuit.nets
      .find(({ id }) => id === net)
      ?.pins.find((pin) => netOfPin({ circuit: found }, pin));
  const at = (net: string) => netOfPin({ circuit: found }, feeds(net) ?? '') ?? net;
  const { stage } = asMeant(subject);
  const { plus, minus, place } = subject.at;
  return {
    stage: {
      ...stage,
      circuit: found,
      at: { plus: at(plus), minus: at(minus), ...(place === undefined ? {} : { place }) },
    },
    extra: [],
  };
}

/** A strip that goes on where it should be cut. */
export const cutNotMade: FaultKind<'cut-not-made'> = {
  id: 'cut-not-made',
  of: (subject) =>
    (boardByHoles(subject)?.cuts ?? []).map((cut) => ({
      kind: 'cut-not-made',
      at: [holeName(cut)],
    })),
  make: (subject, { at: [hole] }) =>
    withCopper(subject, { cuts: subject.board?.cuts.filter((cut) => holeName(cut) !== hole) }),
};

/** A bare wire that is not there. */
export const linkForgotten: FaultKind<'link-forgotten'> = {
  id: 'link-forgotten',
  of: (subject) =>
    (boardByHoles(subject)?.links ?? []).map(({ from, to }) => ({
      kind: 'link-forgotten',
      at: [holeName(from), holeName(to)],
    })),
  make: (subject, { at: [from, to] }) =>
    withCopper(subject, {
      links: subject.board?.links.filter(
        (link) => holeName(link.from) !== from || holeName(link.to) !== to,
      ),
    }),
};

/** Solder across two strips that lie side by side. */
export const stripsBridged: FaultKind<'strips-bridged'> = {
  id: 'strips-bridged',
  of: (subject) => {
    const board = boardByHoles(subject);
    if (board?.kind !== 'strip') return [];
    const { pads } = subject;
    const at = pads.map((pad) => ({ pin: pinName(pad), hole: holeOf(board, pad) }));
    const isCutBetween = (one: Hole, other: Hole) =>
      board.cuts.some(
        ({ row, column }) =>
          row === one.row &&
          column >= Math.min(one.column, other.column) &&
          column <= Math.max(one.column, other.column),
      );
    const pairs = new Map<string, readonly string[]>();
    for (const one of at) {
      for (const other of at) {
        if (other.hole.row !== one.hole.row + 1) continue;
        const net = netOfPin(subject, one.pin);
        const next = netOfPin(subject, other.pin);
        if (net === undefined || next === undefined || net === next) continue;
        const above = { row: one.hole.row, column: other.hole.column };
        // Side by side somewhere: the strip of the one goes on to the column of the other, or the other way.
        if (isCutBetween(one.hole, above)) continue;
        const key = [net, next].sort().join(' ');
        if (!pairs.has(key)) pairs.set(key, [one.pin, other.pin]);
      }
    }
    return [...pairs.values()].map((pins) => ({ kind: 'strips-bridged' as const, at: pins }));
  },
  make: (subject, { at: [one = '', other = ''] }) =>
    netsJoined(subject, netOfPin(subject, one) ?? '', netOfPin(subject, other) ?? ''),
};
