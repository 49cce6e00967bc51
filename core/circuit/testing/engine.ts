import { Simulation } from 'eecircuit-engine';
import { type SpiceEngine, spiceRunOf } from '../spice.ts';

let warm: Promise<Simulation> | undefined;

/** What the simulator prints while it tries is not for the reader of tests. */
async function silently<Result>(work: () => Promise<Result>): Promise<Result> {
  const { warn, error, log } = console;
  const nothing = () => {};
  Object.assign(console, { warn: nothing, error: nothing, log: nothing });
  try {
    return await work();
  } finally {
    Object.assign(console, { warn, error, log });
  }
}

/** The simulator that the server runs, in the thread of the test. */
export const testEngine: SpiceEngine = {
  run: (netlist) =>
    silently(async () => {
      warm ??= (async () => {
        const simulation = new Simulation();
        await simulation.start();
        // A run that has no result gives that of the run before: there has to be one.
        simulation.setNetList('* first\nV1 a 0 1\nR1 a 0 1\n.op\n.end');
        await simulation.runSim();
        return simulation;
      })();
      const simulation = await warm;
      simulation.setNetList(netlist);
      const result = await simulation.runSim();
      return spiceRunOf(result, simulation.getError());
    }),
};
