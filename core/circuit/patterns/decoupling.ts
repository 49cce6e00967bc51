import type { Pattern } from './pattern.ts';
import { across, doesJob } from './seeing.ts';

/** A capacitor from plus to minus. */
export const decoupling: Pattern = {
  id: 'decoupling',
  find: ({ devices, at, plus }) =>
    devices
      .filter((device) => {
        const other = across(device, at.minus);
        return doesJob(device, 'capacitor') && other !== undefined && plus.has(other);
      })
      .map(({ place }) => ({ places: [place] })),
};
