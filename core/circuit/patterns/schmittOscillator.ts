import { gatesOf } from '../models/logic/gatePins.ts';
import type { Pattern } from './pattern.ts';
import { across, doesJob, faradOf, isA, ohmOf, onNet } from './seeing.ts';

/** An inverting gate with two thresholds, a resistor from its output to its input, a capacitor there to minus. */
export const schmittOscillator: Pattern = {
  id: 'schmitt-oscillator',
  find: (seeing) =>
    seeing.devices
      .filter((device) => isA(device, 'gate'))
      .flatMap((device) =>
        (gatesOf(device.part)?.cells ?? []).flatMap(({ ins, out, schmitt, does }) => {
          if (!schmitt || (does !== 'not' && does !== 'nand')) return [];
          return ins.slice(0, 2).flatMap((pin) => {
            const [input, output] = [device.netAt[pin], device.netAt[out]];
            const near = onNet(seeing, input, device);
            const capacitor = near.find(
              (one) => doesJob(one, 'capacitor') && across(one, input ?? '') === seeing.at.minus,
            );
            const resistor = near.find(
              (one) => ohmOf(one) !== undefined && across(one, input ?? '') === output,
            );
            if (!capacitor || !resistor || output === undefined) return [];
            const seconds = 0.8 * (ohmOf(resistor) ?? 0) * (faradOf(capacitor) ?? 0);
            return [
              {
                places: [device.place, resistor.place, capacitor.place],
                ...(seconds > 0 ? { hertz: 1 / seconds } : {}),
              },
            ];
          });
        }),
      ),
};
