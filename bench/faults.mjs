/** What the faults of a kit cost: its dictionary, one ranking, and what an event waits meanwhile. */

import { acknowledged, exampleOf } from './circuit.mjs';
import { loadCore } from './core.mjs';
import { startEvening } from './evening.mjs';
import { median, ms, percentile } from './figures.mjs';

const seats = 12;
const rankings = 60;

export async function benchFaults() {
  const { ranked, rankedGroups } = await loadCore('faults/rank.ts');
  const { nextTests } = await loadCore('faults/nextTest.ts');
  const evening = await startEvening(seats);
  const document = exampleOf('fern-minder');
  const { id } = await evening.call('POST', '/api/kits/from-document', { document });
  await acknowledged(evening);
  const idle = await acknowledged(evening);
  const begun = performance.now();
  await evening.call('POST', `/api/kits/${id}/faults/work`);
  const busy = await acknowledged(evening);
  let work = await evening.call('GET', `/api/kits/${id}/faults/work`);
  while (work.kind === 'working') {
    await new Promise((resolve) => setTimeout(resolve, 100));
    work = await evening.call('GET', `/api/kits/${id}/faults/work`);
  }
  const seconds = (performance.now() - begun) / 1000;
  const dictionary = await evening.call('GET', `/api/kits/${id}/faults`);
  await evening.stop();
  const answers = dictionary.points.probes
    .map((_, probe) => ({ test: { kind: 'volt', probe }, outcome: (0.3 * probe) % 3 }))
    .slice(0, 6);
  const [rank, next] = [[], []];
  for (let round = 0; round < rankings; round += 1) {
    const start = performance.now();
    const all = ranked(dictionary, answers);
    rankedGroups(dictionary, all);
    rank.push(performance.now() - start);
    const then = performance.now();
    nextTests(dictionary, all, answers.slice(0, round % 6));
    next.push(performance.now() - then);
  }
  console.log(
    `${dictionary.entries.length} faults of a kit worked out in ${seconds.toFixed(0)} s (goal: under 60 s); ranked in ${ms(median(rank))} (goal: under 50 ms), the next test chosen in ${ms(median(next))}`,
  );
  console.log(
    `acknowledge an event meanwhile: ${(median(busy) / median(idle)).toFixed(2)} times as at rest, at 95 % ${(percentile(busy, 0.95) / percentile(idle, 0.95)).toFixed(2)} times`,
  );
}
