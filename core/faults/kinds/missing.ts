import { joinedDevices, without } from '../change.ts';
import type { FaultKind } from '../fault.ts';
import { isElectrical } from './alike.ts';

export const missing: FaultKind<'missing'> = {
  id: 'missing',
  of: (subject) =>
    joinedDevices(subject)
      .filter(({ part }) => isElectrical(part))
      .map(({ place }) => ({ kind: 'missing', at: [place] })),
  make: (subject, { at: [place = ''] }) => without(subject, place),
};
