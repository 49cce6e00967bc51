// A worker of its own: the simulator is several hundred megabytes of WebAssembly that may not come to an end. It is
// started once, and answers one netlist after the other.
import { parentPort } from 'node:worker_threads';
import { Simulation } from 'eecircuit-engine';

const simulation = new Simulation();
const started = simulation.start();

parentPort?.on('message', async ({ id, netlist }) => {
  try {
    await started;
    simulation.setNetList(netlist);
    const { dataType, numPoints, data } = await simulation.runSim();
    const columns =
      dataType === 'real'
        ? data.map(({ name, values }) => ({ name, values: Float64Array.from(values) }))
        : [];
    parentPort.postMessage(
      { id, output: { dataType, numPoints, data: columns }, complaints: simulation.getError() },
      columns.map(({ values }) => values.buffer),
    );
  } catch (error) {
    parentPort.postMessage({ id, fault: error instanceof Error ? error.message : String(error) });
  }
});
