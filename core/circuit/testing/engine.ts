import { Worker } from 'node:worker_threads';
import { type SpiceEngine, type SpiceOutput, type SpiceRun, spiceRunOf } from '../spice.ts';

interface Answer {
  readonly id: number;
  readonly output?: SpiceOutput;
  readonly complaints?: readonly string[];
  readonly fault?: string;
}

let warm: Worker | undefined;
let asked = 0;

/**
 * The thread of the server’s simulator: in the thread of the tests the library would leave names behind that other
 * libraries take for a browser’s.
 */
function thread(): Worker {
  if (warm) return warm;
  warm = new Worker(new URL('../../../server/isolated/spice.mjs', import.meta.url), {
    stdout: true,
    stderr: true,
  });
  warm.stdout.resume();
  warm.stderr.resume();
  warm.unref();
  warm.setMaxListeners(0);
  return warm;
}

/** The simulator that the server runs. */
export const testEngine: SpiceEngine = {
  run: (netlist) =>
    new Promise<SpiceRun>((resolve) => {
      const worker = thread();
      asked += 1;
      const id = asked;
      const hear = ({ id: of, output, complaints = [], fault = '' }: Answer) => {
        if (of !== id) return;
        worker.off('message', hear);
        resolve(output ? spiceRunOf(output, complaints) : { ok: false, why: 'fault', says: fault });
      };
      worker.on('message', hear);
      worker.postMessage({ id, netlist });
    }),
};

/** The same, but each circuit may take only so long: what takes longer ends with its thread, and the next gets another. */
export const limitedEngine = (seconds: number): SpiceEngine => ({
  run: async (netlist, mostMilliseconds = 1000 * seconds) => {
    const most = Math.min(mostMilliseconds, 1000 * seconds);
    let timer: NodeJS.Timeout | undefined;
    const late = new Promise<SpiceRun>((resolve) => {
      timer = setTimeout(() => {
        void warm?.terminate();
        warm = undefined;
        resolve({ ok: false, why: 'time', says: `took over ${most / 1000} s` });
      }, most);
    });
    const run = await Promise.race([testEngine.run(netlist), late]);
    clearTimeout(timer);
    return run;
  },
});
