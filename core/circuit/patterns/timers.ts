import type { Device } from '../circuit.ts';
import { timersOf } from '../models/chipPins.ts';
import type { Pattern } from './pattern.ts';
import { across, doesJob, faradOf, isA, ohmOf, onNet, type Seeing } from './seeing.ts';

const cellsOf = (seeing: Seeing) =>
  seeing.devices.flatMap((device) =>
    isA(device, 'timer')
      ? (timersOf(device.part) ?? []).map((pins) => ({
          device,
          at: (pin: keyof typeof pins) => device.netAt[pins[pin]],
        }))
      : [],
  );

const capacitorToMinus = (seeing: Seeing, net: string | undefined): Device | undefined =>
  onNet(seeing, net).find(
    (device) => doesJob(device, 'capacitor') && across(device, net ?? '') === seeing.at.minus,
  );

/**
 * What lies between two nets in ohms: one resistor, or one behind another, a trimmer counting half; the way may not
 * lead over the supply.
 */
export function ohmsBetween(
  seeing: Seeing,
  from: string,
  to: (net: string) => boolean,
): number | null {
  const look = (net: string, depth: number, passed: ReadonlySet<string>): number | null => {
    if (to(net) && passed.size > 0) return 0;
    if (depth === 0) return null;
    for (const device of onNet(seeing, net)) {
      const ohm = ohmOf(device);
      if (ohm === undefined || passed.has(device.place)) continue;
      const nets = [...new Set(Object.values(device.netAt))].filter((one) => one !== net);
      for (const next of nets) {
        if (next === seeing.at.minus) continue;
        const rest = look(next, depth - 1, new Set([...passed, device.place]));
        if (rest !== null) return rest + (isA(device, 'sliding') ? ohm / 2 : ohm);
      }
    }
    return null;
  };
  return look(from, 3, new Set());
}

/** Trigger and threshold together at a capacitor: 1.44 / ((RA + 2 RB) C) (any data sheet of it). */
export const timerAstable: Pattern = {
  id: 'timer-astable',
  find: (seeing) =>
    cellsOf(seeing).flatMap(({ device, at }) => {
      const [trigger, discharge] = [at('trigger'), at('discharge')];
      if (trigger === undefined || trigger !== at('threshold')) return [];
      const capacitor = capacitorToMinus(seeing, trigger);
      if (!capacitor) return [];
      const a =
        discharge === undefined
          ? null
          : ohmsBetween(seeing, discharge, (net) => seeing.plus.has(net));
      const b =
        discharge === undefined ? null : ohmsBetween(seeing, discharge, (net) => net === trigger);
      const farad = faradOf(capacitor);
      return [
        {
          places: [device.place, capacitor.place],
          ...(a !== null && b !== null && farad ? { hertz: 1.44 / ((a + 2 * b) * farad) } : {}),
        },
      ];
    }),
};

/** Threshold and discharge together at a capacitor, the trigger elsewhere: 1.1 R C (any data sheet of it). */
export const timerMonostable: Pattern = {
  id: 'timer-monostable',
  find: (seeing) =>
    cellsOf(seeing).flatMap(({ device, at }) => {
      const threshold = at('threshold');
      if (threshold === undefined || threshold !== at('discharge')) return [];
      if (at('trigger') === threshold) return [];
      const capacitor = capacitorToMinus(seeing, threshold);
      const ohm = ohmsBetween(seeing, threshold, (net) => seeing.plus.has(net));
      const farad = capacitor && faradOf(capacitor);
      return capacitor
        ? [
            {
              places: [device.place, capacitor.place],
              ...(ohm !== null && farad ? { seconds: 1.1 * ohm * farad } : {}),
            },
          ]
        : [];
    }),
};
