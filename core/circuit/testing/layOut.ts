import { Worker } from 'node:worker_threads';
import type { LaidOut } from '../drawing/circuitDrawing.ts';
import type { LayoutGraph } from '../drawing/layoutGraph.ts';

/** The layout library as the server runs it, in a thread of its own. */
export const layOut = (graph: LayoutGraph): Promise<LaidOut> =>
  new Promise((resolve, reject) => {
    const thread = new Worker(
      new URL('../../../server/isolated/circuitLayout.mjs', import.meta.url),
      { workerData: graph },
    );
    thread.once('error', reject);
    thread.once('message', (laidOut: LaidOut) => {
      resolve(laidOut);
      void thread.terminate();
    });
  });
