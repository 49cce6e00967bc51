import { beforeAll, describe, expect, it } from 'vitest';
import type { Person, PersonSummary } from '#contract/people';
import type { SeatPractice } from '#contract/practice';
import type { Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import { exerciseOf } from '#core/learning/drills/exercise';
import type { Statement } from '../people/statements.ts';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let first: Workshop;
let second: Workshop;

const practised = (more: Partial<Extract<Deed, { kind: 'practised' }>> = {}): Deed => ({
  kind: 'practised',
  item: 'bands.read.orange',
  seed: 12,
  answer: { ohm: 470, by: 'eye' },
  isRight: false,
  credit: 0,
  ...more,
});

const report = (workshop: Workshop, index: number, ...deeds: Deed[]) => {
  const seat = workshop.seats[index];
  return server.instructor
    .post(`/api/seats/${seat?.token}/events`)
    .send({ events: deeds.map((deed) => sent(seat?.id ?? '', deed)) });
};

const practiceOf = async (workshop: Workshop, index: number): Promise<SeatPractice> =>
  (await server.instructor.get(`/api/seats/${workshop.seats[index]?.token}/practice`).expect(200))
    .body;

beforeAll(async () => {
  server = await testServer();
  first = await makeWorkshop(server, ['Tern', 'Skua']);
  second = await makeWorkshop(server, ['Tern', 'Knot']);
  const { kit } = await practiceOf(first, 0);
  const exercise = exerciseOf('bands.read.orange', 12, kit);
  const answer: unknown = exercise?.kind.answer(exercise.task);
  const wrong = { ohm: 1, by: 'eye' };
  await report(
    first,
    0,
    practised({ answer: wrong }),
    practised({ answer, isRight: true, credit: 1 }),
  ).expect(200);
  await report(second, 0, {
    kind: 'mistake',
    stepId: second.steps[0]?.id ?? '',
    mistake: 'wrong-value',
    designator: 'R1',
  }).expect(200);
});

describe('what a seat practises', () => {
  it('comes from its kit, with what its learner answered elsewhere and what went wrong', async () => {
    const allow = (keepsPage: boolean) =>
      server.instructor
        .put(`/api/people/${first.seats[0]?.learnerId}/own-page`)
        .send({ keepsPage })
        .expect(200);
    // The link is on paper: other evenings are shown only where the instructor lets the learner keep them.
    expect((await practiceOf(second, 0)).earlier).toEqual([]);
    await allow(true);
    const { kit, earlier, slips } = await practiceOf(second, 0);
    await allow(false);
    expect((await practiceOf(second, 0)).earlier).toEqual([]);
    expect(kit.parts.map(({ family }) => family)).toContain('resistor-axial');
    expect(earlier.map(({ isRight }) => isRight)).toEqual([false, true]);
    expect(slips).toMatchObject([{ mistake: 'wrong-value' }]);
    expect(slips[0]?.parts[0]?.designators).toContain('R1');
    // Somebody else’s seat says nothing of it.
    expect((await practiceOf(first, 1)).earlier).toEqual([]);
  });

  it('is for the next workshop where one is planned', async () => {
    await server.db.query(
      `update workshop set starts_at = now() + interval '2 days' where id = $1`,
      [second.id],
    );
    const kits = await server.db.query<{ name: string }>(
      `select kit.name from kit join kit_revision on kit_id = kit.id
         join workshop on revision_id = kit_revision.id where workshop.id = $1`,
      [second.id],
    );
    expect((await practiceOf(first, 0)).kitName).toBe(kits[0]?.name);
    expect((await practiceOf(first, 1)).kitName).not.toBe(kits[0]?.name);
  });

  it('needs the link', async () => {
    await server.instructor.get('/api/seats/none-such/practice').expect(404);
  });
});

describe('what was answered', () => {
  it('is judged again from item and seed: what is only claimed is not believed', async () => {
    const workshop = await makeWorkshop(server, ['Ruff']);
    const { kit } = await practiceOf(workshop, 0);
    const exercise = exerciseOf('bands.read.orange', 12, kit);
    if (!exercise) throw new Error('the kit has a resistor to read');
    const answer: unknown = exercise.kind.answer(exercise.task);
    const claims = [
      practised({ answer, isRight: true, credit: 1 }),
      // Right, though the device says otherwise; wrong, though it says so; nonsense; not counted there.
      practised({ answer, isRight: false, credit: 0 }),
      practised({ answer: { ohm: 1, by: 'eye' }, isRight: true, credit: 1 }),
      practised({ answer: 'anything', isRight: true, credit: 1 }),
      practised({ answer, isRight: null, credit: 0 }),
      practised({ item: 'bands.read.no-such-colour', answer, isRight: true, credit: 1 }),
    ];
    await report(workshop, 0, ...claims).expect(200);
    const { body } = await server.instructor
      .get(`/api/seats/${workshop.seats[0]?.token}`)
      .expect(200);
    const judged = (body.events as { event: { kind: string; isRight?: boolean | null } }[])
      .filter(({ event }) => event.kind === 'practised')
      .map(({ event }) => event.isRight);
    expect(judged).toEqual([true, true, false, false, null, null]);
  });
});

describe('how hard exercises are', () => {
  it('is counted over everybody, for staff and for the seat’s own practice', async () => {
    const { items } = await practiceOf(first, 1);
    const orange = items.find(({ item }) => item === 'bands.read.orange');
    expect(orange?.of).toBeGreaterThanOrEqual(2);
    expect(orange?.right).toBeLessThan(orange?.of ?? 0);
    const { body } = await server.instructor.get('/api/practice/items').expect(200);
    expect(body).toEqual(items);
  });
});

describe('the log of practice', () => {
  it.each([
    ['no item', { item: 'bands' }, /like bands\.read\.orange/],
    ['a seed that is none', { seed: 1.5 }, /whole number/],
    ['a credit above 1', { credit: 2 }, /from 0 to 1/],
    ['a long answer', { answer: 'x'.repeat(3000) }, /at most 2000/],
  ])('refuses %s', async (_name, more, message) => {
    const { body } = await report(first, 1, practised(more as object)).expect(422);
    expect(body.errors[0].message).toMatch(message);
    expect((await practiceOf(first, 1)).earlier).toEqual([]);
  });

  it('lets only the instructor ask the whole class', async () => {
    const round = '0198c1de-0000-7000-8000-000000000001';
    const begin: Deed = { kind: 'round-started', round, item: 'joints.what.bridge', seed: 4 };
    await report(first, 1, begin).expect(403);
    const seat = first.seats[1];
    await server.instructor
      .post(`/api/workshops/${first.id}/seats/${seat?.id}/events`)
      .send({ events: [sent(seat?.id ?? '', begin)] })
      .expect(200);
    await report(
      first,
      1,
      practised({ item: 'joints.what.bridge', seed: 4, answer: null, round }),
    ).expect(200);
  });

  it('counts for the learner, and not as a build', async () => {
    const people: PersonSummary[] = (await server.instructor.get('/api/people').expect(200)).body;
    const of = (name: string) => people.find((one) => one.name === name);
    expect(of('Tern')).toMatchObject({ practised: 2, builds: 1 });
    expect(of('Skua')).toMatchObject({ practised: 1, builds: 0 });
    const tern: Person = (
      await server.instructor.get(`/api/people/${first.seats[0]?.learnerId}`).expect(200)
    ).body;
    expect(tern.practice).toHaveLength(2);
    expect(tern.weaknesses.map(({ item }) => item)).toContain('bands.read.yellow');
    const exercises = tern.opportunities.filter((one) => one.in.kind === 'exercise');
    expect(exercises.map(({ skill }) => skill)).toEqual(['reading-values', 'reading-values']);
    const reading = tern.skills.find(({ skill }) => skill === 'reading-values');
    expect(reading?.right.of).toBe(
      tern.opportunities.filter(({ skill }) => skill === 'reading-values').length,
    );
  });

  it('leaves as statements of questions that were answered (xAPI 1.0.3)', async () => {
    const statements: Statement[] = (
      await server.instructor
        .get(`/api/people/${first.seats[0]?.learnerId}/statements.json`)
        .expect(200)
    ).body;
    const answered = statements.filter(({ verb }) => verb.id.endsWith('/answered'));
    expect(answered.map(({ result }) => result?.success)).toEqual([false, true]);
    expect(answered[0]?.result?.score?.scaled).toBe(0);
  });
});
