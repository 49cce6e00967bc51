/** What the circuit costs: one operating point, many, and what an event waits while a kit is worked out. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { strFromU8, unzipSync } from 'fflate';
import { v7 as newEventId } from 'uuid';
import { root } from '../scripts/prepare.mjs';
import { loadCore } from './core.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';

const seats = 12;
const boards = 500;
const rounds = 300;

export async function benchCircuit() {
  const points = await solved(await netlistOf(exampleOf('fern-minder')), boards);
  const seconds = points.reduce((sum, one) => sum + one, 0) / 1000;
  console.log(
    `an operating point of a kit: median ${ms(median(points))} (goal: under 50 ms); ${boards} of them in ${seconds.toFixed(1)} s (goal: under 10 s)`,
  );
  const evening = await startEvening(seats);
  const document = exampleOf('pier-chaser');
  const { id } = await evening.call('POST', '/api/kits/from-document', { document });
  await acknowledged(evening);
  const idle = await acknowledged(evening);
  await evening.call('POST', `/api/kits/${id}/figures/work`);
  const busy = await acknowledged(evening);
  const { kind } = await evening.call('DELETE', `/api/kits/${id}/figures/work`);
  await evening.stop();
  console.log(
    `acknowledge an event while a kit is worked out (then ${kind}): ${(median(busy) / median(idle)).toFixed(2)} times as at rest, at 95 % ${(percentile(busy, 0.95) / percentile(idle, 0.95)).toFixed(2)} times; medians ${ms(median(busy))} and ${ms(median(idle))} of ${rounds}`,
  );
}

/** An example that ships, as a document. */
export function exampleOf(name) {
  const file = readFileSync(join(root, 'web', 'public', 'examples', `${name}.ozzet-kit`));
  return JSON.parse(strFromU8(unzipSync(new Uint8Array(file))['kit.json']));
}

async function netlistOf({ name, board, lines, supplyVolt }) {
  const { circuitOf } = await loadCore('circuit/circuitOf.ts');
  const { supplyOf } = await loadCore('circuit/supplyOf.ts');
  const { writeSpice } = await loadCore('circuit/spicefile/writeSpice.ts');
  const circuit = circuitOf(
    board,
    lines.map(({ part }) => part),
  );
  return writeSpice(name, circuit, supplyOf(circuit, board.circuit), supplyVolt, board.circuit);
}

/** How long the warm simulator takes for each of so many runs, in ms. */
async function solved(netlist, times) {
  const worker = new Worker(join(root, 'server', 'isolated', 'spice.mjs'), {
    stdout: true,
    stderr: true,
  });
  const run = (id) =>
    new Promise((resolve) => {
      worker.once('message', resolve);
      worker.postMessage({ id, netlist });
    });
  await run(0);
  const took = [];
  for (let id = 1; id <= times; id += 1) {
    const start = performance.now();
    await run(id);
    took.push(performance.now() - start);
  }
  await worker.terminate();
  return took;
}

/** How long each of so many events waits for its answer, in ms. */
export async function acknowledged({ workshop, call }) {
  const stepId = workshop.steps[0].id;
  const waited = [];
  for (let round = 0; round < rounds; round += 1) {
    const seat = workshop.seats[round % seats];
    const event = {
      kind: 'step-reopened',
      stepId,
      id: newEventId(),
      seatId: seat.id,
      at: new Date().toISOString(),
    };
    const start = performance.now();
    await call('POST', `/api/seats/${seat.token}/events`, { events: [event] });
    waited.push(performance.now() - start);
  }
  return waited;
}
