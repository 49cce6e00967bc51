import { familyOf } from '../../parts/families/index.ts';
import { rewired } from '../change.ts';
import type { FaultKind } from '../fault.ts';
import { numberOf } from './alike.ts';

/** A chip pushed into its socket one hole too far: both rows are shifted, and two pins hang in the air. */
export const oneHoleOff: FaultKind<'one-hole-off'> = {
  id: 'one-hole-off',
  of: ({ circuit, parts }) =>
    parts.some((part) => familyOf(part).role === 'socket')
      ? circuit.devices
          .filter(
            ({ part, netAt }) =>
              familyOf(part).pads === 'two-rows' &&
              familyOf(part).role === 'chip' &&
              Object.keys(netAt).length > 2 &&
              Object.keys(netAt).every((pin) => numberOf(pin) !== null),
          )
          .map(({ place }) => ({ kind: 'one-hole-off', at: [place] }))
      : [],
  make: (subject, { at: [place = ''] }) =>
    rewired(subject, place, ({ part, netAt }) => {
      const pins = Math.max(part.pins ?? 0, ...Object.keys(netAt).map(Number));
      const half = pins / 2;
      // The pin that lies at the hole of another: pin 1 at that of pin 2, the last pin at that of the one before it.
      const holeOfPin = (pin: number) => (pin <= half ? pin + 1 : pin - 1);
      return Object.fromEntries(
        Array.from({ length: pins }, (_, index) => index + 1).flatMap((pin) => {
          if (pin === half || pin === half + 1) return [];
          const net = netAt[String(holeOfPin(pin))];
          return net === undefined ? [] : [[String(pin), net] as const];
        }),
      );
    }),
};
