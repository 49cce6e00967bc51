import { pinName, placeOfPin } from '../../board/pinNames.ts';
import { familyOf } from '../../parts/families/index.ts';
import { deviceAt, netOfPin, rewired } from '../change.ts';
import type { FaultKind } from '../fault.ts';

/** A wire goes into a hole that is not its own, but near it. */
const nearMm = 6;

/** A wire of a part beside the board, at the pad next to its own. */
export const wrongPad: FaultKind<'wrong-pad'> = {
  id: 'wrong-pad',
  of: (subject) =>
    subject.pads.flatMap((pad) => {
      const device = deviceAt(subject, pad.place);
      const own = netOfPin(subject, pinName(pad));
      if (!device || own === undefined || familyOf(device.part).mount !== 'off-board') return [];
      const far = (other: typeof pad) => Math.hypot(other.xMm - pad.xMm, other.yMm - pad.yMm);
      const [nearest] = subject.pads
        .filter((other) => {
          const net = netOfPin(subject, pinName(other));
          return far(other) < nearMm && net !== undefined && net !== own;
        })
        .sort((a, b) => far(a) - far(b));
      return nearest ? [{ kind: 'wrong-pad' as const, at: [pinName(pad), pinName(nearest)] }] : [];
    }),
  make: (subject, { at: [pin = '', to = ''] }) => {
    const [own, other] = [netOfPin(subject, pin), netOfPin(subject, to) ?? ''];
    const place = placeOfPin(pin);
    const { stage, extra } = rewired(subject, place, ({ netAt }) => ({
      ...netAt,
      [pin.slice(place.length + 1)]: other,
    }));
    if (place !== subject.at.place) return { stage, extra };
    const { plus, minus } = subject.at;
    const at = { place, plus: plus === own ? other : plus, minus: minus === own ? other : minus };
    return { stage: { ...stage, at }, extra };
  },
};
