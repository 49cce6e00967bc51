import { Simulation } from 'eecircuit-engine';
import { type SpiceEngine, spiceRunOf } from '../spice.ts';

let warm: Promise<Simulation> | undefined;

/** The simulator that the server runs, in the thread of the test. */
export const testEngine: SpiceEngine = {
  run: async (netlist) => {
    warm ??= (async () => {
      const simulation = new Simulation();
      await simulation.start();
      return simulation;
    })();
    const simulation = await warm;
    simulation.setNetList(netlist);
    const result = await simulation.runSim();
    return spiceRunOf(result, simulation.getError());
  },
};
