import { memoOfObject } from '../../memo.ts';
import { findMixUps, type MixUps } from '../../mixups/findMixUps.ts';
import { withDevices } from '../change.ts';
import type { Faultable, FaultKind } from '../fault.ts';

const mixUpsOf = memoOfObject<readonly unknown[], MixUps>('mix-ups of boards with faults');

/** Pairs that can be taken for one another; see core/mixups. */
export const alikePairs = ({ parts, feed }: Faultable) =>
  mixUpsOf.of(parts, () => findMixUps(parts, feed.volt)).pairs;

/** Of lines with many places only some pairs of places are tried: one exchange is much like the other. */
const mostPlaces = 4;

/** Two that look alike, each in the place of the other. */
export const exchanged: FaultKind<'exchanged'> = {
  id: 'exchanged',
  of: (subject) => {
    const on = new Set(subject.circuit.devices.map(({ place }) => place));
    return alikePairs(subject).flatMap(({ a, b }) =>
      a.designators.slice(0, mostPlaces).flatMap((one) =>
        b.designators
          .slice(0, mostPlaces)
          .filter((other) => on.has(one) && on.has(other))
          .map((other) => ({ kind: 'exchanged' as const, at: [one, other] })),
      ),
    );
  },
  make: (subject, { at: [one, other] }) => {
    const at = (place: string | undefined) =>
      subject.circuit.devices.find((device) => device.place === place);
    return withDevices(subject, (device) => {
      const from = device.place === one ? at(other) : device.place === other ? at(one) : undefined;
      if (!from) return device;
      const { place, netAt } = device;
      return { place, netAt, part: from.part, ...(from.said ? { said: from.said } : {}) };
    });
  },
};
