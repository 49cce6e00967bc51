import { amplifierPinsOf } from '../models/chipPins.ts';
import type { Pattern } from './pattern.ts';
import { isA, onNet } from './seeing.ts';

/** Chips that do one thing, whatever is joined to them. */
export const chipsOfOnePurpose: readonly Pattern[] = (
  [
    'counter',
    'decoder',
    'light-row',
    'audio-amplifier',
    'driver-array',
    'half-bridges',
    'analog-switches',
  ] as const
).map((id) => ({
  id,
  find: ({ devices }) =>
    devices.filter((device) => isA(device, id)).map(({ place }) => ({ places: [place] })),
}));

/** Compares two nets, of which at least one is no pole of the supply. */
export const comparing: Pattern = {
  id: 'comparator',
  find: (seeing) =>
    seeing.devices
      .filter((device) => isA(device, 'comparator', 'loose-comparator'))
      .filter((device) => {
        const cells = amplifierPinsOf(device.part)?.cells ?? [{ inPlus: 2, inMinus: 3, out: 7 }];
        return cells.some(
          ({ inPlus, inMinus }) =>
            onNet(seeing, device.netAt[inPlus], device).length > 0 &&
            onNet(seeing, device.netAt[inMinus], device).length > 0,
        );
      })
      .map(({ place }) => ({ places: [place] })),
};

/** Gives a steady voltage from a higher one. */
export const regulating: Pattern = {
  id: 'regulator',
  find: ({ devices }) =>
    devices
      .filter((device) =>
        isA(device, 'regulator', 'adjustable-regulator', 'zener', 'shunt-reference'),
      )
      .map(({ place }) => ({ places: [place] })),
};
