import { familyOf } from '../../parts/families/index.ts';
import { pinOpen } from '../change.ts';
import type { FaultKind } from '../fault.ts';

/** A pin of a chip that went under it instead of into its hole. */
export const bentPin: FaultKind<'bent-pin'> = {
  id: 'bent-pin',
  of: ({ circuit }) =>
    circuit.devices.flatMap(({ place, part, netAt }) =>
      familyOf(part).role === 'chip'
        ? Object.keys(netAt).map((pin) => ({ kind: 'bent-pin' as const, at: [`${place}.${pin}`] }))
        : [],
    ),
  make: (subject, { at: [pin = ''] }) => pinOpen(subject, pin),
};
