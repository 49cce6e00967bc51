import type { Pad } from '../../board/board.ts';
import { pinName } from '../../board/pinNames.ts';
import { netOfPin, netsJoined } from '../change.ts';
import type { FaultKind } from '../fault.ts';

/** Solder reaches from edge to edge over so much (common practice); pins at 2.54 mm are within it. */
const mostGapMm = 1.6;

const gapOf = (a: Pad, b: Pad): number =>
  Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm) -
  (Math.min(a.widthMm, a.heightMm) + Math.min(b.widthMm, b.heightMm)) / 2;

/** Solder from one pad to the next. */
export const bridge: FaultKind<'bridge'> = {
  id: 'bridge',
  of: (subject) =>
    subject.pads.flatMap((pad, index) =>
      subject.pads.slice(index + 1).flatMap((other) => {
        if (pad.side !== other.side && pad.side !== 'both' && other.side !== 'both') return [];
        if (gapOf(pad, other) > mostGapMm) return [];
        const [one, two] = [netOfPin(subject, pinName(pad)), netOfPin(subject, pinName(other))];
        if (one === undefined || two === undefined || one === two) return [];
        return [{ kind: 'bridge' as const, at: [pinName(pad), pinName(other)] }];
      }),
    ),
  make: (subject, { at: [one = '', other = ''] }) =>
    netsJoined(subject, netOfPin(subject, one) ?? '', netOfPin(subject, other) ?? ''),
};
