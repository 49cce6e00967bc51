import type { Device } from '../circuit.ts';
import { isType } from '../models/amounts.ts';
import { amplifierPinsOf } from '../models/chipPins.ts';
import type { Pattern, PatternId } from './pattern.ts';
import { isA, onNet } from './seeing.ts';

/** Chips that do one thing, whatever is joined to them, by the models that do it. */
const purposes = {
  counter: ['counter', 'up-down-counter'],
  decoder: ['decoder'],
  'line-decoder': ['line-decoder'],
  selector: ['selector'],
  'shift-register': ['shift-register'],
  register: ['register', 'flip-flop'],
  buffer: ['buffer'],
  'light-row': ['light-row'],
  'audio-amplifier': ['audio-amplifier'],
  'driver-array': ['driver-array'],
  'half-bridges': ['half-bridges'],
  'analog-switches': ['analog-switches'],
} as const satisfies Partial<Readonly<Record<PatternId, readonly string[]>>>;

export const chipsOfOnePurpose: readonly Pattern[] = (
  Object.entries(purposes) as [keyof typeof purposes, readonly string[]][]
).map(([id, models]) => ({
  id,
  find: ({ devices }) =>
    devices.filter((device) => isA(device, ...models)).map(({ place }) => ({ places: [place] })),
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

/** Some hold a voltage as a reference does. */
const tellsTemperature = (device: Device): boolean =>
  isType(device.part, 'temperature-sensor') && isA(device, 'thermometer', 'two-lead-reference');

/** Tells the temperature by its voltage. */
export const sensingTemperature: Pattern = {
  id: 'temperature',
  find: ({ devices }) => devices.filter(tellsTemperature).map(({ place }) => ({ places: [place] })),
};

/** Gives a steady voltage from a higher one. */
export const regulating: Pattern = {
  id: 'regulator',
  find: ({ devices }) =>
    devices
      .filter(
        (device) =>
          !tellsTemperature(device) &&
          isA(
            device,
            'regulator',
            'adjustable-regulator',
            'zener',
            'shunt-reference',
            'two-lead-reference',
          ),
      )
      .map(({ place }) => ({ places: [place] })),
};
