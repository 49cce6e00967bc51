import { colourOf } from '../models/amounts.ts';
import type { Pattern } from './pattern.ts';
import { across, doesJob, endsOf, faradOf, isA, ohmOf, onNet } from './seeing.ts';

const isPlain = (device: Parameters<typeof endsOf>[0]) =>
  endsOf(device) !== null && isA(device, 'resistor');

/** Two resistors in a row from plus to minus, with something at their middle. */
export const divider: Pattern = {
  id: 'divider',
  find: (seeing) => {
    const { devices, at, plus, volt } = seeing;
    return devices.filter(isPlain).flatMap((lower) => {
      const middle = across(lower, at.minus);
      if (middle === undefined || plus.has(middle)) return [];
      return onNet(seeing, middle, lower).flatMap((upper) => {
        const far = isPlain(upper) ? across(upper, middle) : undefined;
        if (far === undefined || !plus.has(far)) return [];
        const [a, b] = [ohmOf(upper) ?? 0, ohmOf(lower) ?? 0];
        return a + b > 0
          ? [{ places: [upper.place, lower.place], volt: (volt * b) / (a + b) }]
          : [];
      });
    });
  },
};

/** Lamps and a resistor in a row, nothing else where they meet; the last place is the resistor's. */
export const ledWithResistor: Pattern = {
  id: 'led',
  find: (seeing) =>
    seeing.devices.filter(isPlain).flatMap((resistor) => {
      const lamps = (endsOf(resistor) ?? []).flatMap((net) => {
        const there = onNet(seeing, net, resistor);
        const isLamp = (one: (typeof there)[number]) =>
          doesJob(one, 'light') && colourOf(one.part) !== undefined;
        return there.every(isLamp) ? there : [];
      });
      return lamps.length > 0
        ? [{ places: [...lamps.map(({ place }) => place), resistor.place] }]
        : [];
    }),
};

/** A capacitor to minus that a resistor from plus charges: R C until two thirds. */
export const charging: Pattern = {
  id: 'charging',
  find: (seeing) =>
    seeing.devices
      .filter((device) => doesJob(device, 'capacitor'))
      .flatMap((capacitor) => {
        const top = across(capacitor, seeing.at.minus);
        if (top === undefined || seeing.plus.has(top)) return [];
        const resistor = onNet(seeing, top, capacitor).find((one) => {
          const far = across(one, top);
          return isPlain(one) && far !== undefined && seeing.plus.has(far);
        });
        const seconds = (faradOf(capacitor) ?? 0) * (resistor ? (ohmOf(resistor) ?? 0) : 0);
        return resistor && seconds > 0
          ? [{ places: [resistor.place, capacitor.place], seconds }]
          : [];
      }),
};
