import { randomUUID } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import pino from 'pino';
import request, { type Response, type Test } from 'supertest';
import type TestAgent from 'supertest/lib/agent.js';
import { v7 as newEventId } from 'uuid';
import type { SentEvent } from '#contract/events';
import type { FiguresWork } from '#contract/figures';
import type { Kit, KitPart } from '#contract/kits';
import type { Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { guessMapping } from '#core/partslist/guessMapping';
import { readTable } from '#core/partslist/readTable';
import { insertAccount } from '../accounts/queries.ts';
import { createApp } from '../app.ts';
import { insertSession } from '../auth/queries.ts';
import { hashedToken } from '../auth/sessions.ts';
import { DailyBackups } from '../backup/daily.ts';
import type { Database } from '../db/database.ts';
import { plannedSteps } from '../kits/plannedSteps.ts';
import { RoomDoor } from '../room/roomDoor.ts';
import { cheapHash } from './cheapHash.ts';
import { sessionToken } from './owner.ts';
import { testDatabase } from './testDatabase.ts';

export const smallKitCsv = 'Ref,Qty,Part,Value\n"R1, R2",2,resistor,470\nD1,1,LED red 5 mm,\n';

export interface TestServer {
  readonly app: Express;
  readonly db: Database;
  /** Signed in as the instructor. */
  readonly instructor: TestAgent<Test>;
}

/** The whole server on a database in memory, with a passphrase chosen. */
export async function testServer(): Promise<TestServer> {
  const db = await testDatabase('owned');
  const { app } = createApp(testParts(db));
  const instructor = request.agent(app);
  instructor.set('Cookie', `ozzet_session=${sessionToken}`);
  return { app, db, instructor };
}

/** A helper who is signed in; signing in has tests of its own, and takes long on purpose. */
export async function helperAt({ app, db }: Pick<TestServer, 'app' | 'db'>, name = 'Knot') {
  const [id, token] = [randomUUID(), `token-of-${randomUUID()}`];
  await insertAccount(db, { id, role: 'helper', name }, cheapHash('the second lantern'));
  await insertSession(db, {
    tokenHash: hashedToken(token),
    days: 30,
    accountId: id,
    device: 'a test',
  });
  const agent = request.agent(app);
  agent.set('Cookie', `ozzet_session=${token}`);
  return { id, agent };
}

/** What the application of a test is made of: nothing is logged, somebody else keeps the door, at a made-up address. */
export const testParts = (db: Database) => ({
  db,
  log: pino({ level: 'silent' }),
  door: new RoomDoor({ db, folder: tmpdir(), found: () => [], given: 'http://bench.test' }),
  daily: new DailyBackups(db, mkdtempSync(join(tmpdir(), 'ozzet-backups-'))),
  newDatabase: () => testDatabase('bare'),
  // While the evening of `makeWorkshop` runs.
  now: () => new Date('2026-03-05T19:00:00Z'),
});

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
  ofKit?: string,
): Promise<Workshop> {
  const kitId = ofKit ?? (await makeKit(server, `Kit ${newEventId()}`));
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

interface KitChanges {
  readonly lines?: readonly unknown[];
  readonly errata?: readonly unknown[];
  readonly supplyVolt?: number | null;
  readonly order?: unknown;
  readonly board?: unknown;
  readonly circuitNotes?: unknown;
}

/** Changes some of a kit, part by part, until one is refused; the last answer comes back. */
export function changeKitTo(server: TestServer, kit: Kit, changes: KitChanges) {
  const put = (part: KitPart, body: object) =>
    server.instructor
      .put(`/api/kits/${kit.id}/${part}`)
      .send({ version: kit.versions[part], ...body });
  const calls: (() => Test)[] = [];
  const { lines, errata, supplyVolt, order, board, circuitNotes } = changes;
  if (lines !== undefined) calls.push(() => put('lines', { lines }));
  if (errata !== undefined) calls.push(() => put('errata', { errata }));
  if (supplyVolt !== undefined) calls.push(() => put('supply', { supplyVolt }));
  if (order !== undefined) calls.push(() => put('order', { order }));
  if (board !== undefined) calls.push(() => put('board', { board }));
  if (circuitNotes !== undefined) calls.push(() => put('circuit', { circuitNotes }));
  const last = (async () => {
    let answer: Response | undefined;
    for (const call of calls) {
      answer = await call();
      if (answer.status !== 200) break;
    }
    if (!answer) throw new Error('nothing to change');
    return answer;
  })();
  return Object.assign(last, {
    expect: async (status: number): Promise<Response> => {
      const answer = await last;
      if (answer.status !== status) {
        throw new Error(`expected ${status}, got ${answer.status}: ${answer.text}`);
      }
      return answer;
    },
  });
}

/** The steps that a kit is built by now. */
export const stepsOf = (kit: Kit): readonly PlannedStep[] => plannedSteps(kit);

/** Begins what the server works out of a kit, and waits until it is done. */
export async function workedOut(server: TestServer, path: string): Promise<FiguresWork> {
  let { body } = await server.instructor.post(path).expect(200);
  while (body.kind === 'working') {
    await new Promise((resolve) => setTimeout(resolve, 50));
    ({ body } = await server.instructor.get(path).expect(200));
  }
  return body;
}
