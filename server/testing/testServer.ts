import type { Express } from 'express';
import pino from 'pino';
import request, { type Test } from 'supertest';
import type TestAgent from 'supertest/lib/agent.js';
import { v7 as newEventId } from 'uuid';
import type { SentEvent } from '#contract/events';
import type { Kit } from '#contract/kits';
import type { Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import { guessMapping } from '#core/partslist/columns';
import { readTable } from '#core/partslist/table';
import { createApp } from '../app.ts';
import { type Database, openDatabase } from '../db/database.ts';
import { migrate } from '../db/migrate.ts';

export const passphrase = 'a quiet harbour';

export const smallKitCsv = 'Ref,Qty,Part,Value\n"R1, R2",2,resistor,470\nD1,1,LED red,\n';

export interface TestServer {
  readonly app: Express;
  readonly db: Database;
  /** Signed in as the instructor. */
  readonly instructor: TestAgent<Test>;
}

/** The whole server on a database in memory, with a passphrase chosen. */
export async function testServer(): Promise<TestServer> {
  const db = await openDatabase();
  await migrate(db);
  const app = createApp({
    db,
    log: pino({ level: 'silent' }),
    seatAddress: () => 'http://bench.test',
  });
  const instructor = request.agent(app);
  await instructor.post('/api/setup').send({ passphrase }).expect(200);
  return { app, db, instructor };
}

/** The body that imports a list with its columns as guessed. */
export function kitBody(name: string, csv = smallKitCsv) {
  const table = readTable(csv);
  return { name, supplyVolt: 6, csv, mapping: table.ok ? guessMapping(table.value) : {} };
}

export async function makeKit(
  { instructor }: TestServer,
  name: string,
  csv = smallKitCsv,
): Promise<string> {
  const { body } = await instructor.post('/api/kits').send(kitBody(name, csv)).expect(200);
  return body.id;
}

export async function makeWorkshop(
  server: TestServer,
  names: readonly string[] = ['Tern', 'Skua'],
): Promise<Workshop> {
  const kitId = await makeKit(server, `Kit ${newEventId()}`);
  const made = await server.instructor
    .post('/api/workshops')
    .send({
      title: 'A test evening',
      kitId,
      startsAt: '2026-03-05T18:30:00Z',
      lengthMinutes: 120,
      seats: names.map((name) => ({ name })),
    })
    .expect(200);
  return (await server.instructor.get(`/api/workshops/${made.body.id}`).expect(200)).body;
}

/** An event as a device would send it. */
export const sent = (seatId: string, deed: Deed, at = '2026-03-05T18:40:00.000Z'): SentEvent => ({
  ...deed,
  id: newEventId(),
  seatId,
  at,
});

/** Changes some of a kit, and sends the rest of it as it is. */
export const changeKitTo = (server: TestServer, kit: Kit, more: object) =>
  server.instructor.put(`/api/kits/${kit.id}/content`).send({
    basedOn: kit.revisionId,
    supplyVolt: kit.supplyVolt,
    lines: kit.lines,
    errata: kit.errata,
    board: kit.board,
    order: kit.order,
    ...more,
  });
