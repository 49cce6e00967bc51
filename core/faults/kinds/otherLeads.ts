import { familyOf } from '../../parts/families/index.ts';
import { rewired } from '../change.ts';
import type { FaultKind } from '../fault.ts';

/** A transistor or a regulator whose middle lead is another than the board thinks: another maker, another type. */
export const otherLeads: FaultKind<'other-leads'> = {
  id: 'other-leads',
  of: ({ circuit }) =>
    circuit.devices
      .filter(
        ({ part, netAt }) =>
          ['transistor', 'regulator'].includes(familyOf(part).job) &&
          ['1', '2', '3'].every((pin) => netAt[pin] !== undefined),
      )
      .map(({ place }) => ({ kind: 'other-leads', at: [place] })),
  make: (subject, { at: [place = ''] }) =>
    rewired(subject, place, ({ netAt }) => ({
      ...netAt,
      ...(netAt['3'] === undefined ? {} : { '2': netAt['3'] }),
      ...(netAt['2'] === undefined ? {} : { '3': netAt['2'] }),
    })),
};
