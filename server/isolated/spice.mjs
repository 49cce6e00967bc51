// A worker of its own: the simulator is several hundred megabytes of WebAssembly that may not come to an end. It is
// started once, and answers one netlist after the other.
import { parentPort } from 'node:worker_threads';
import { Simulation } from 'eecircuit-engine';

const simulation = new Simulation();
/**
 * The library reads the result of the run before where a run has none, and waits for ever where there was no run
 * before: so one is made that cannot fail. It also tells the simulator, once and for all, that where it finds no
 * voltages at rest it must not take those of ten microseconds after switching on: capacitors have not charged by then.
 */
async function start() {
  await simulation.start();
  simulation.setNetList(
    '* first\nV1 a 0 1\nR1 a 0 1\n.control\noptran 1 1 1 0 0 0\n.endc\n.op\n.end',
  );
  await simulation.runSim();
}
const started = start();

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
