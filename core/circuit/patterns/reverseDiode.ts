import type { Pattern } from './pattern.ts';
import { endsOf, isA } from './seeing.ts';

/** In the way of plus it keeps out a supply turned round; across the supply, the wrong way, it shorts one. */
export const reverseDiode: Pattern = {
  id: 'reverse-diode',
  find: ({ devices, at, plus }) =>
    devices
      .filter((device) => {
        if (!isA(device, 'diode')) return false;
        const [anode, cathode] = endsOf(device) ?? [];
        const isInTheWay = anode === at.plus && cathode !== undefined && plus.has(cathode);
        return isInTheWay || (anode === at.minus && cathode !== undefined && plus.has(cathode));
      })
      .map(({ place }) => ({ places: [place] })),
};
