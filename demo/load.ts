import { createKit } from '#contract/kits';
import { reportFromSeat } from '#contract/seats';
import { getSession, setUp } from '#contract/session';
import { createWorkshop, getWorkshop, logAtSeat } from '#contract/workshops';
import { guessMapping } from '#core/partslist/columns';
import { readTable } from '#core/partslist/table';
import { DemoClient } from './client.ts';
import { eveningOf } from './evening.ts';
import fernMinder from './kits/fern-minder.csv?raw';
import twinLamp from './kits/twin-lamp.csv?raw';
import {
  type DemoKitName,
  type DemoWorkshop,
  demoKits,
  demoPassphrase,
  demoWorkshops,
} from './scenario.ts';

const files: Readonly<Record<string, string>> = {
  'twin-lamp.csv': twinLamp,
  'fern-minder.csv': fernMinder,
};

export { demoPassphrase };

/**
 * Loads the demo into a running server that is still empty, through the same doors as real data: the import and the
 * event log of the HTTP contract.
 *
 * @param address such as `http://127.0.0.1:4310`
 * @param now the present of the demo: its running workshop began a while before
 * @returns false where the server has data already, and nothing was done
 */
export async function loadDemo(address: string, now: Date): Promise<boolean> {
  const client = new DemoClient(address);
  if (!(await client.call(getSession, {})).needsSetup) return false;
  await client.call(setUp, {}, { passphrase: demoPassphrase });
  const kitIds = new Map<DemoKitName, string>();
  for (const { file, name, supplyVolt } of demoKits) {
    const csv = files[file] ?? '';
    const table = readTable(csv);
    if (!table.ok) throw new Error(table.problem);
    const { id } = await client.call(
      createKit,
      {},
      { name, supplyVolt, csv, mapping: guessMapping(table.value) },
    );
    kitIds.set(name, id);
  }
  for (const workshop of demoWorkshops)
    await loadWorkshop(client, workshop, kitIds.get(workshop.kit) ?? '', now);
  return true;
}

async function loadWorkshop(
  client: DemoClient,
  demo: DemoWorkshop,
  kitId: string,
  now: Date,
): Promise<void> {
  const startMs = startOf(demo, now);
  const { id: workshopId } = await client.call(
    createWorkshop,
    {},
    {
      title: demo.title,
      kitId,
      startsAt: new Date(startMs).toISOString(),
      lengthMinutes: demo.lengthMinutes,
      seats: demo.names.map((name) => ({ name })),
    },
  );
  const { seats, steps } = await client.call(getWorkshop, { workshopId });
  const endMs = Math.min(now.getTime(), startMs + (demo.lengthMinutes + 10) * 60_000);
  for (const [index, learner] of demo.learners.entries()) {
    const seat = seats[index];
    if (!seat) continue;
    const log = eveningOf(learner, { id: seat.id, number: seat.number }, steps, startMs, endMs);
    for (const run of runsByAuthor(log)) {
      const body = { events: run.map(({ event }) => event) };
      if (run[0]?.by === 'learner') await client.call(reportFromSeat, { token: seat.token }, body);
      else await client.call(logAtSeat, { workshopId, seatId: seat.id }, body);
    }
  }
}

/** Evenings that are not under way begin at half past six. */
function startOf({ startsInMinutes, lengthMinutes }: DemoWorkshop, now: Date): number {
  const start = new Date(now.getTime() + startsInMinutes * 60_000);
  const running = startsInMinutes <= 0 && startsInMinutes > -lengthMinutes;
  if (!running) start.setHours(18, 30, 0, 0);
  return start.getTime();
}

/** Neighbouring events of one author, so that each goes through its author's own door in the order of time. */
function runsByAuthor<Entry extends { readonly by: string }>(log: readonly Entry[]): Entry[][] {
  const runs: Entry[][] = [];
  for (const entry of log) {
    const last = runs.at(-1);
    if (last?.[0]?.by === entry.by) last.push(entry);
    else runs.push([entry]);
  }
  return runs;
}
