import { placeOfPin } from '../../board/pinNames.ts';
import { nodeOf } from '../../circuit/netlist.ts';
import { familyOf } from '../../parts/families/index.ts';
import { rewired } from '../change.ts';
import type { FaultKind } from '../fault.ts';
import { isPolarised, numberOf } from './alike.ts';

/** What an electrolytic that is the wrong way round lets through, in ohms (from memory: milliamperes at some volts). */
const reversedOhm = 2000;

/**
 * A part that works one way round only, the other way round: a chip by half a turn, the others end for end. Where the
 * supply comes in that is the supply the wrong way round; see cells.ts.
 */
export const backwards: FaultKind<'backwards'> = {
  id: 'backwards',
  of: ({ circuit, at }) =>
    circuit.devices
      .filter(
        ({ place, part, netAt }) =>
          place !== at.place &&
          isPolarised(part) &&
          familyOf(part).power === 'none' &&
          Object.keys(netAt).length > 1 &&
          Object.keys(netAt).every((pin) => numberOf(pin) !== null),
      )
      .map(({ place }) => ({ kind: 'backwards', at: [place] })),
  make: (subject, { at: [place = ''] }) => {
    const device = subject.circuit.devices.find((one) => one.place === place);
    const { job } = device ? familyOf(device.part) : { job: undefined };
    const turned = rewired(subject, placeOfPin(place), ({ netAt, part }) => {
      const numbers = Object.keys(netAt).flatMap((pin) => numberOf(pin) ?? []);
      const pins = Math.max(part.pins ?? 0, ...numbers);
      const comesTo = (pin: number) =>
        familyOf(part).pads === 'two-rows' ? ((pin - 1 + pins / 2) % pins) + 1 : pins + 1 - pin;
      return Object.fromEntries(
        Object.entries(netAt).map(([pin, net]) => [String(comesTo(Number(pin))), net]),
      );
    });
    if (job !== 'capacitor' || !device) return turned;
    const [plus, minus] = [device.netAt['1'], device.netAt['2']];
    if (plus === undefined || minus === undefined) return turned;
    const node = (net: string) => nodeOf(net, subject.at);
    return { ...turned, extra: [`Rreversed ${node(plus)} ${node(minus)} ${reversedOhm}`] };
  },
};
