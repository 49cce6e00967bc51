import type { FaultDictionary } from '#core/faults/dictionary';
import { endpoint } from './endpoint.ts';
import type { FiguresWork } from './figures.ts';

/** What every single fault of the newest revision shows; null where that was not worked out yet. */
export const getFaults = endpoint<FaultDictionary | null>()({
  method: 'GET',
  path: '/api/kits/:kitId/faults',
  access: 'helper',
});

export const getFaultsWork = endpoint<FiguresWork>()({
  method: 'GET',
  path: '/api/kits/:kitId/faults/work',
  access: 'helper',
});

/** Begins to work out what faults of the newest revision show; a work that is under way goes on. */
export const workOutFaults = endpoint<FiguresWork>()({
  method: 'POST',
  path: '/api/kits/:kitId/faults/work',
  access: 'helper',
});

export const stopFaults = endpoint<FiguresWork>()({
  method: 'DELETE',
  path: '/api/kits/:kitId/faults/work',
  access: 'instructor',
});
