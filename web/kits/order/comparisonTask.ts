import type { StyleReport } from '#core/order/compareStyles';
import type { KitToPlan } from '#core/order/planKit';
import type { WorkerTask } from '../../app/useWorkerTask.ts';
import type { CompareWorker } from './compare.worker.ts';

/** Plans a kit in every style; the progress is the share that is done. */
export const comparisonTask: WorkerTask<CompareWorker, KitToPlan, number, StyleReport[]> = {
  worker: () => new Worker(new URL('./compare.worker.ts', import.meta.url), { type: 'module' }),
  run: (planner, kit, onProgress) => planner.compare(kit, onProgress),
};
