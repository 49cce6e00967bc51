/** How long the server takes to acknowledge a build event, against the same insert done straight on the database. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import { v7 as newEventId } from 'uuid';
import { root } from '../scripts/prepare.mjs';
import { startEvening } from './evening.mjs';
import { median, ms } from './figures.mjs';

/** One link may not send so much alone. */
const seats = 12;
const rounds = 400;
/** Both sides are compiled while they run; these rounds are not counted. */
const warmUp = 400;
const goal = 3;
/** As many a second come from a full room; here they come at the same moment and share what can be shared. */
const together = 10;
const groups = 60;
const goalTogether = 2;

/** @returns median time of an acknowledgement, in ms */
export async function benchAcknowledge() {
  const evening = await startEvening(seats);
  const direct = await openDirect(evening);
  const stepId = evening.workshop.steps[0].id;
  const through = [];
  const straight = [];
  const event = (index) => ({
    kind: 'step-reopened',
    stepId,
    id: newEventId(),
    seatId: evening.workshop.seats[index % seats].id,
    at: new Date().toISOString(),
  });
  const report = (index) =>
    evening.call('POST', `/api/seats/${evening.workshop.seats[index % seats].token}/events`, {
      events: [event(index)],
    });
  for (let round = 0; round < rounds + warmUp; round++) {
    const viaServer = await timed(() => report(round));
    const viaDatabase = await timed(() => direct.insert(event(round)));
    if (round < warmUp) continue;
    through.push(viaServer);
    straight.push(viaDatabase);
  }
  const grouped = [];
  for (let group = 0; group < groups; group++) {
    const indices = Array.from({ length: together }, (_, index) => group * together + index);
    const viaServer = await timed(() => Promise.all(indices.map(report)));
    const viaDatabase = await timed(() =>
      Promise.all(indices.map((index) => direct.insert(event(index)))),
    );
    grouped.push(viaServer / viaDatabase);
  }
  await direct.close();
  await evening.stop();
  const ratio = median(through) / median(straight);
  console.log(
    `acknowledge an event: ${ratio.toFixed(2)} times the insert alone (goal: at most ${goal}); medians ${ms(median(through))} and ${ms(median(straight))} of ${rounds}`,
  );
  console.log(
    `acknowledge ${together} events at once: ${median(grouped).toFixed(2)} times the inserts alone (goal: at most ${goalTogether}); median of ${groups}`,
  );
  return { medianMs: median(through), ratio };
}

async function timed(work) {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

/** A database with the same tables and the same workshop, opened in this process. */
async function openDirect({ workshop }) {
  const folder = mkdtempSync(join(tmpdir(), 'ozzet-bench-'));
  const { start } = await import(pathToFileURL(join(root, 'dist', 'server', 'start.js')).href);
  const server = await start({
    dataFolder: folder,
    port: 0,
    pagesFolder: join(root, 'dist', 'web'),
  });
  await server.close();
  const db = await PGlite.create(join(folder, 'postgres'));
  const kitId = newEventId();
  const revisionId = newEventId();
  await db.query('insert into kit (id, name) values ($1, $2)', [kitId, 'Bench kit']);
  await db.query('insert into kit_revision (id, kit_id, number) values ($1, $2, 1)', [
    revisionId,
    kitId,
  ]);
  await db.query(
    'insert into workshop (id, title, revision_id, starts_at, length_minutes, steps) values ($1, $2, $3, now(), 1, $4)',
    [workshop.id, 'Bench', revisionId, JSON.stringify(workshop.steps)],
  );
  for (const { id, number, name, token } of workshop.seats) {
    await db.query(
      'insert into seat (id, workshop_id, number, name, token) values ($1, $2, $3, $4, $5)',
      [id, workshop.id, number, name, token],
    );
  }
  const insert = ({ id, seatId, at, ...deed }) =>
    db.query(
      `insert into build_event (id, workshop_id, seat_id, at, author, deed) values ($1, $2, $3, $4, 'learner', $5)
       on conflict (id) do nothing returning seq`,
      [id, workshop.id, seatId, at, JSON.stringify(deed)],
    );
  const close = async () => {
    await db.close();
    rmSync(folder, { recursive: true, force: true });
  };
  return { insert, close };
}
