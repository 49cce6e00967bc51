import type { Evening } from '#core/pace/evening/evening';
import type { WorkerTask } from '../../app/useWorkerTask.ts';
import type { AheadResult, ForecastWorker } from './forecast.worker.ts';

export const forecastWorker = () =>
  new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' });

/** Runs an evening hundreds of times; the progress is the share that is done. */
export const aheadTask: WorkerTask<ForecastWorker, Evening, number, AheadResult> = {
  worker: forecastWorker,
  run: (room, evening, onProgress) => room.ahead(evening, onProgress),
};
