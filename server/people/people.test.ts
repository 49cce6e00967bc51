import { validate as isUuid } from 'uuid';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Person, PersonSummary } from '#contract/people';
import type { FullKitReport } from '#contract/reports';
import type { Workshop } from '#contract/workshops';
import { textOf } from '../testing/pdf.ts';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';
import type { Statement } from './statements.ts';

let server: TestServer;
let workshop: Workshop;
let terns: string;

/** A whole evening of a seat; a wrong value at R1 for those who slip. */
async function build(index: number, slips: boolean, upTo = workshop.steps.length) {
  const seat = workshop.seats[index];
  let minute = 5;
  const at = () => new Date(Date.parse(workshop.startsAt) + minute * 60_000).toISOString();
  const events = workshop.steps.slice(0, upTo).flatMap(({ id, minutes }, number) => {
    minute += minutes;
    const done = sent(seat?.id ?? '', { kind: 'step-done', stepId: id }, at());
    if (number > 0 || !slips) return [done];
    const mistake = {
      kind: 'mistake',
      stepId: id,
      mistake: 'wrong-value',
      designator: 'R1',
    } as const;
    return [sent(seat?.id ?? '', mistake, at()), done];
  });
  await server.instructor.post(`/api/seats/${seat?.token}/events`).send({ events }).expect(200);
}

beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server, ['Tern', 'Skua', 'Knot']);
  terns = workshop.seats[0]?.learnerId ?? '';
  await build(0, true);
  await build(1, false);
  await build(2, true, 2);
});

const get = async <Body>(path: string): Promise<Body> =>
  (await server.instructor.get(path).expect(200)).body;

describe('people', () => {
  it('are listed with what they did and what is thought of their skills', async () => {
    const people = await get<PersonSummary[]>('/api/people');
    expect(people.map(({ name }) => name)).toEqual(['Knot', 'Skua', 'Tern']);
    const [, skua, tern] = people;
    expect(tern).toMatchObject({ builds: 1, finished: 1, mistakes: 1 });
    const reading = (person?: PersonSummary) =>
      person?.skills.find(({ skill }) => skill === 'reading-values');
    expect(reading(tern)?.chance).toBeLessThan(reading(skua)?.chance ?? 0);
    expect(reading(tern)?.right.of).toBeGreaterThan(0);
    expect(tern?.pace?.share).toBeCloseTo(1, 1);
  });

  it('have every evening, what to practise, and what they are ready for', async () => {
    const tern = await get<Person>(`/api/people/${terns}`);
    expect(tern.evenings).toMatchObject([
      { workshopId: workshop.id, seatNumber: 1, state: { currentStepId: null } },
    ]);
    expect(tern.evenings[0]?.state.mistakes).toMatchObject([{ designator: 'R1' }]);
    expect(tern.ready[0]?.practise[0]).toBe('reading-values');
    await server.instructor.get('/api/people/00000000-0000-7000-8000-000000000000').expect(404);
    await server.instructor.get('/api/people/nobody').expect(404);
  });

  it('leave as CSV', async () => {
    const { text } = await server.instructor.get('/api/people.csv').expect(200);
    const rows = text.trim().split('\r\n');
    expect(rows[0]).toContain('learner,builds,finished,mistakes');
    expect(rows[0]).toContain('Reads values: chance that the next goes right');
    expect(rows).toHaveLength(4);
  });
});

describe('xAPI statements', () => {
  // The rules of the published specification, xAPI 1.0.3, part two (from memory): 2.2 and 2.4.
  it('keep the rules of xAPI 1.0.3', async () => {
    const statements = await get<Statement[]>(`/api/people/${terns}/statements.json`);
    expect(statements.length).toBe(workshop.steps.length + 2);
    expect(new Set(statements.map(({ id }) => id)).size).toBe(statements.length);
    const isIri = (text: string) => /^[a-z][a-z0-9+.-]*:\S+$/i.test(text);
    for (const { id, actor, verb, object, result, context, timestamp, version } of statements) {
      expect(isUuid(id)).toBe(true);
      expect(version).toBe('1.0.3');
      // An Agent has exactly one inverse functional identifier; an account has a home page and a name.
      expect(Object.keys(actor).sort()).toEqual(['account', 'name', 'objectType']);
      expect(isIri(actor.account.homePage)).toBe(true);
      expect(isIri(verb.id)).toBe(true);
      expect(Object.keys(verb.display)).toEqual(['en']);
      expect(object.objectType).toBe('Activity');
      expect(isIri(object.id) && isIri(object.definition.type)).toBe(true);
      // ISO 8601 with a time zone; durations too.
      expect(timestamp).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/);
      if (result?.duration) expect(result.duration).toMatch(/^P(T(\d+H)?(\d+M)?(\d+(\.\d+)?S)?)$/);
      for (const parent of context.contextActivities.parent) expect(isIri(parent.id)).toBe(true);
      // Nothing is null, and no object is empty.
      expect(JSON.stringify({ actor, verb, object, result, context })).not.toMatch(/null|\{\}/);
    }
  });

  it('are the same each time, so that whoever has them already knows them', async () => {
    const ids = async () =>
      (await get<Statement[]>(`/api/people/${terns}/statements.json`)).map(({ id }) => id);
    expect(await ids()).toEqual(await ids());
  });
});

describe('a certificate', () => {
  it('names the learner, the kit, and nothing that nobody has seen', async () => {
    const { body } = await server.instructor
      .get(`/api/people/${terns}/certificates/${workshop.id}.pdf`)
      .buffer()
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response.on('data', (chunk: Buffer) => chunks.push(chunk));
        response.on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200);
    const text = textOf(body);
    expect(text).toContain('Tern');
    expect(text).toContain(workshop.kitName.slice(0, 10));
    // Nobody has looked: it says so, and claims nothing.
    expect(text).toContain('no check of the joints is recorded');
    expect(text).not.toContain('Reads values');
  });

  it('is for a finished board only', async () => {
    const knot = workshop.seats[2]?.learnerId;
    await server.instructor.get(`/api/people/${knot}/certificates/${workshop.id}.pdf`).expect(404);
  });
});

describe('the report on a kit', () => {
  const report = () => get<FullKitReport>(`/api/kits/${workshop.kitId}/report`);

  it('counts what the workshops showed; every figure leads to entries of their logs', async () => {
    const found = await report();
    expect(found).toMatchObject({ workshops: 1, builds: 3, finished: { count: 2, of: 3 } });
    expect(found.steps[0]?.stumbled).toMatchObject({ count: 2, of: 3 });
    const log = await get<{ events: { event: { id: string } }[] }>(
      `/api/workshops/${workshop.id}/log`,
    );
    const ids = log.events.map(({ event }) => event.id);
    for (const { eventId } of found.entries) expect(ids).toContain(eventId);
    const { text } = await server.instructor.get(`/api/kits/${workshop.kitId}/report.csv`);
    expect(text.trim().split('\r\n')).toHaveLength(1 + found.entries.length);
  });

  it('has the times behind a pace, the builds and the chances that were told', async () => {
    const found = await report();
    const [, second] = found.steps;
    const times = await get<{ at: string; minutes: number }[]>(
      `/api/kits/${workshop.kitId}/report/steps/${second?.step.id}`,
    );
    expect(times).toHaveLength(second?.pace?.count ?? -1);
    const log = await get<{ events: { event: { kind: string; stepId?: string; at: string } }[] }>(
      `/api/workshops/${workshop.id}/log`,
    );
    const taps = log.events
      .filter(({ event }) => event.kind === 'step-done' && event.stepId === second?.step.id)
      .map(({ event }) => event.at);
    for (const { at } of times) expect(taps).toContain(at);
    expect(found.built).toHaveLength(found.builds);
    expect(found.forecasts).toHaveLength(found.calibration.count);
  });

  it('compares the forecasts of half time with what came', async () => {
    const { calibration, finishes } = await report();
    // The evening is long and the kit small: those who finished were done before half time, and nothing was forecast of
    // them.
    expect(calibration.count).toBe(1);
    expect(finishes).toEqual([]);
    // There was time enough, and the seat never went on: a forecast that was wrong is told as one.
    expect(calibration.brier).toBeGreaterThan(0.9);
  });
});

describe('erasing a learner', () => {
  it('takes the name away everywhere, and leaves the counts', async () => {
    const before = await get<FullKitReport>(`/api/kits/${workshop.kitId}/report`);
    await server.instructor.delete(`/api/people/${terns}`).expect(200);
    await server.instructor.get(`/api/people/${terns}`).expect(404);
    const people = await get<PersonSummary[]>('/api/people');
    expect(people.map(({ name }) => name)).toEqual(['Knot', 'Skua']);
    const { text } = await server.instructor.get(`/api/workshops/${workshop.id}/wrap-up.csv`);
    expect(text).not.toContain('Tern');
    // The link that Tern had says that there is another; the seat itself has no name.
    await server.instructor.get(`/api/seats/${workshop.seats[0]?.token}`).expect(410);
    const { seats } = await get<Workshop>(`/api/workshops/${workshop.id}`);
    expect(seats[0]).toMatchObject({ name: '' });
    expect((await get<FullKitReport>(`/api/kits/${workshop.kitId}/report`)).entries).toEqual(
      before.entries,
    );
    // Somebody of that name who comes later is somebody else.
    const next = await makeWorkshop(server, ['Tern']);
    expect(next.seats[0]?.learnerId).not.toBe(terns);
  });
});
