import type { BuyingProblem, BuyingProgress } from '#core/stores/buying';
import type { WorkerTask } from '../app/useWorkerTask.ts';
import type { BuyingResult, BuyingWorker } from './buying.worker.ts';

/** Solves a buying problem. */
export const buyingTask: WorkerTask<BuyingWorker, BuyingProblem, BuyingProgress, BuyingResult> = {
  worker: () => new Worker(new URL('./buying.worker.ts', import.meta.url), { type: 'module' }),
  run: (solver, problem, onProgress) => solver.solve(problem, onProgress),
};
