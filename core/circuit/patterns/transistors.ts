import type { Device } from '../circuit.ts';
import { isType } from '../models/amounts.ts';
import type { Pattern } from './pattern.ts';
import { isA, netAtLead, onNet, type Seeing } from './seeing.ts';

const isSwitchingPole = ({ at, plus }: Seeing, device: Device, lead: string): boolean => {
  const net = netAtLead(device, lead);
  if (net === undefined) return false;
  return isType(device.part, 'pnp', 'p-mosfet') ? plus.has(net) : net === at.minus;
};

/** Emitter or source at a pole of the supply: what hangs at the other end is switched. */
export const switching: Pattern = {
  id: 'switching',
  find: (seeing) =>
    seeing.devices
      .filter(
        (device) =>
          (isA(device, 'bipolar') && isSwitchingPole(seeing, device, 'emitter')) ||
          (isA(device, 'field-effect') && isSwitchingPole(seeing, device, 'source')),
      )
      .map(({ place }) => ({ places: [place] })),
};

/** Collector at plus, emitter at what it feeds. */
export const emitterFollower: Pattern = {
  id: 'emitter-follower',
  find: (seeing) =>
    seeing.devices
      .filter((device) => {
        const [collector, emitter] = [netAtLead(device, 'collector'), netAtLead(device, 'emitter')];
        return (
          isA(device, 'bipolar') &&
          isType(device.part, 'npn') &&
          collector !== undefined &&
          seeing.plus.has(collector) &&
          emitter !== seeing.at.minus &&
          onNet(seeing, emitter, device).length > 0
        );
      })
      .map(({ place }) => ({ places: [place] })),
};
