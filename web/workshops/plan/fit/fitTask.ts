import type { Evening } from '#core/pace/evening/willItFit';
import type { WorkerTask } from '../../../app/useWorkerTask.ts';
import type { FitResult, FitWorker } from './fit.worker.ts';

/** Runs an evening thousands of times; the progress is the share that is done. */
export const fitTask: WorkerTask<FitWorker, Evening, number, FitResult> = {
  worker: () => new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' }),
  run: (room, evening, onProgress) => room.forecast(evening, onProgress),
};
