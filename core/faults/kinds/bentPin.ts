import { familyOf } from '../../parts/families/index.ts';
import { pinOpen } from '../change.ts';
import type { FaultKind } from '../fault.ts';

/** A pin of a chip that went under it instead of into its hole. */
export const bentPin: FaultKind<'pin-bent'> = {
  id: 'pin-bent',
  of: ({ circuit }) =>
    circuit.devices.flatMap(({ place, part, netAt }) =>
      familyOf(part).role === 'chip'
        ? Object.keys(netAt).map((pin) => ({ kind: 'pin-bent' as const, at: [`${place}.${pin}`] }))
        : [],
    ),
  make: (subject, { at: [pin = ''] }) => pinOpen(subject, pin),
};
