import { v7 as newMoveId } from 'uuid';
import { changeConditions } from '#contract/conditions';
import { changeKitAbout } from '#contract/kitShelf';
import {
  changeBoard,
  changeErrata,
  changeLines,
  changeOrder,
  createKit,
  getKit,
} from '#contract/kits';
import { keepStepPicture } from '#contract/pictures';
import { reportFromSeat } from '#contract/seats';
import { getSession, setUp } from '#contract/session';
import { bookMove, changeOffers, createStockItem, createSupplier } from '#contract/stores';
import { createWorkshop, getWorkshop, logAtSeat } from '#contract/workshops';
import { usualConditions } from '#core/pace/evening/conditions';
import { guessMapping } from '#core/partslist/guessMapping';
import { readTable } from '#core/partslist/readTable';
import { demoBoards } from './boards.ts';
import { DemoClient } from './client.ts';
import { eveningOf } from './evening.ts';
import { demoOwn } from './instructor.ts';
import fernMinder from './kits/fern-minder.csv?raw';
import pierChaser from './kits/pier-chaser.csv?raw';
import tideBadge from './kits/tide-badge.csv?raw';
import twinLamp from './kits/twin-lamp.csv?raw';
import wireFinder from './kits/wire-finder.csv?raw';
import { practiceOf } from './practice.ts';
import {
  type DemoKit,
  type DemoKitName,
  type DemoWorkshop,
  demoKits,
  demoPassphrase,
  demoPractice,
  demoWorkshops,
} from './scenario.ts';
import { demoItems, demoSuppliers } from './stores.ts';

const files: Readonly<Record<string, string>> = {
  'twin-lamp.csv': twinLamp,
  'fern-minder.csv': fernMinder,
  'tide-badge.csv': tideBadge,
  'wire-finder.csv': wireFinder,
  'pier-chaser.csv': pierChaser,
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
  for (const kit of demoKits) kitIds.set(kit.name, await loadKit(client, kit));
  await loadStores(client);
  for (const workshop of demoWorkshops)
    await loadWorkshop(client, workshop, kitIds.get(workshop.kit) ?? '', now);
  return true;
}

/** Imports the list, then notes what was found out about its lots and its board. */
async function loadKit(client: DemoClient, demo: DemoKit): Promise<string> {
  const { file, name, description, tags, supplyVolt, lotNotes, errata } = demo;
  const csv = files[file] ?? '';
  const table = readTable(csv);
  if (!table.ok) throw new Error(table.problem.says);
  const { id: kitId } = await client.call(
    createKit,
    {},
    { name, supplyVolt, csv, mapping: guessMapping(table.value) },
  );
  const kit = await client.call(getKit, { kitId });
  const lines = kit.lines.map(({ part, confidence, doubts }) => {
    const lotNote = lotNotes[part.designators[0] ?? ''];
    return { confidence, doubts, part: lotNote ? { ...part, lotNote } : part };
  });
  const { versions } = kit;
  await client.call(
    changeKitAbout,
    { kitId },
    { version: kit.about.version, name, description, tags },
  );
  await client.call(changeLines, { kitId }, { version: versions.lines, lines });
  await client.call(changeErrata, { kitId }, { version: versions.errata, errata: [...errata] });
  const by = await demoOwn[name]?.();
  const board = demoBoards[name];
  if (board) {
    const drawn = by ? { ...board, ...by.onBoard } : board;
    await client.call(changeBoard, { kitId }, { version: versions.board, board: drawn });
  }
  if (by) {
    for (const { image } of by.stepPictures) {
      await client.call(keepStepPicture, { kitId }, { image });
    }
    const order = { ...kit.order, own: by.own };
    await client.call(changeOrder, { kitId }, { version: versions.order, order });
  }
  return kitId;
}

/** Suppliers, drawers with their offers, and what was booked in and out of them. */
async function loadStores(client: DemoClient): Promise<void> {
  const supplierIds = new Map<string, string>();
  for (const supplier of demoSuppliers) {
    supplierIds.set(supplier.name, (await client.call(createSupplier, {}, supplier)).id);
  }
  for (const { part, location, minimum, cameIn, wentOut, spoiled, offers } of demoItems) {
    const { id: itemId } = await client.call(createStockItem, {}, { part, location, minimum });
    const book = (kind: 'in' | 'out' | 'spoiled', pieces: number, note: string) =>
      client.call(bookMove, { itemId }, { id: newMoveId(), kind, pieces, note });
    await book('in', cameIn, 'bought for the autumn courses');
    if (wentOut) await book('out', wentOut.pieces, wentOut.note);
    if (spoiled) await book('spoiled', spoiled, 'broken while packing');
    await client.call(
      changeOffers,
      { itemId },
      {
        // A drawer that was just made.
        version: 1,
        offers: offers.map(({ supplier, packSize, breaks }) => ({
          supplierId: supplierIds.get(supplier) ?? '',
          packSize,
          breaks: [...breaks],
        })),
      },
    );
  }
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
  const workshop = await client.call(getWorkshop, { workshopId });
  const { seats, steps } = workshop;
  if (demo.welcomeMinutes !== undefined) {
    const conditions = { ...usualConditions(seats.length), welcomeMinutes: demo.welcomeMinutes };
    await client.call(changeConditions, { workshopId }, { conditions, version: 1 });
  }
  if (demo.learners.length === 0) {
    for (const practice of demoPractice) {
      const seat = seats.find(({ name }) => name === practice.name);
      if (!seat) continue;
      const events = practiceOf(practice, seat.id, workshop, now);
      await client.call(reportFromSeat, { token: seat.token ?? '' }, { events });
    }
  }
  const endMs = Math.min(now.getTime(), startMs + (demo.lengthMinutes + 10) * 60_000);
  for (const [index, learner] of demo.learners.entries()) {
    const seat = seats[index];
    if (!seat) continue;
    const log = eveningOf(
      learner,
      demo.slow,
      { id: seat.id, number: seat.number },
      steps,
      startMs,
      endMs,
      endMs < now.getTime(),
    );
    for (const run of runsByAuthor(log)) {
      const body = { events: run.map(({ event }) => event) };
      if (run[0]?.by === 'learner')
        await client.call(reportFromSeat, { token: seat.token ?? '' }, body);
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
