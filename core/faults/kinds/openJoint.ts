import { pinOpen } from '../change.ts';
import type { FaultKind } from '../fault.ts';

/** A joint that was never soldered, or that does not conduct. */
export const openJoint: FaultKind<'open-joint'> = {
  id: 'open-joint',
  of: ({ circuit }) =>
    circuit.devices.flatMap(({ place, netAt }) =>
      Object.keys(netAt).length > 1
        ? Object.keys(netAt).map((pin) => ({
            kind: 'open-joint' as const,
            at: [`${place}.${pin}`],
          }))
        : [],
    ),
  make: (subject, { at: [pin = ''] }) => pinOpen(subject, pin),
};
