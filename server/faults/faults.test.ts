import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { BoardOfSeat } from '#contract/faults';
import type { Kit } from '#contract/kits';
import type { SeatPractice } from '#contract/practice';
import type { Workshop } from '#contract/workshops';
import { emptyBoard, type Pad } from '#core/board/board';
import type { Deed } from '#core/build/event';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { LookFirst } from '#core/faults/lookFirst';
import { exerciseOf } from '#core/learning/drills/exercise';
import { backwards } from '#core/learning/mistakes/fitting';
import { WarmEngine } from '../circuit/warmEngine.ts';
import {
  changeKitTo,
  helperAt,
  makeKit,
  makeWorkshop,
  sent,
  type TestServer,
  testServer,
  workedOut,
} from '../testing/testServer.ts';
import { FaultWork } from './faultWork.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const pad = (place: string, pin: string, net: string, xMm: number): Pad => ({
  place,
  pin,
  net,
  xMm,
  yMm: 5,
  widthMm: 1.6,
  heightMm: 1.6,
  rotation: 0,
  side: 'both',
  drillMm: 0.8,
  plated: true,
  square: false,
});
/** An LED behind two resistors in a row. */
const board = {
  ...emptyBoard(40, 30, 'printed'),
  pads: [
    pad('R1', '1', 'VCC', 2),
    pad('R1', '2', 'MID', 10),
    pad('R2', '1', 'MID', 14),
    pad('R2', '2', 'LED', 22),
    pad('D1', '1', 'LED', 28),
    pad('D1', '2', 'GND', 30.54),
  ],
};

const kitOf = async (id: string): Promise<Kit> =>
  (await server.instructor.get(`/api/kits/${id}`).expect(200)).body;
const faultsOf = async (id: string): Promise<FaultDictionary | null> =>
  (await server.instructor.get(`/api/kits/${id}/faults`).expect(200)).body;

describe('the faults of a kit', () => {
  it('what is missing is told before anything is worked out', async () => {
    const id = await makeKit(server, 'No Board For Faults');
    expect(await workedOut(server, `/api/kits/${id}/faults/work`)).toEqual({
      kind: 'not-readable',
      why: 'no-nets',
    });
    expect(await faultsOf(id)).toBeNull();
  });

  it('are worked out, kept, gone when the kit changes, and back when it is changed back', async () => {
    const id = await makeKit(server, 'Faulty Lamp');
    await changeKitTo(server, await kitOf(id), { board, supplyVolt: 9 });
    expect(await faultsOf(id)).toBeNull();
    expect(await workedOut(server, `/api/kits/${id}/faults/work`)).toEqual({ kind: 'idle' });
    const kinds = (await faultsOf(id))?.entries.map(({ fault }) => fault.kind);
    for (const kind of ['backwards', 'missing', 'open-joint', 'bridge', 'cells-reversed']) {
      expect(kinds).toContain(kind);
    }
    await changeKitTo(server, await kitOf(id), { supplyVolt: 5 });
    expect(await faultsOf(id)).toBeNull();
    await changeKitTo(server, await kitOf(id), { supplyVolt: 9 });
    expect(await faultsOf(id)).not.toBeNull();
  }, 120_000);

  it('helpers look, and begin what nobody has begun; a kit that is not there is told', async () => {
    const id = await makeKit(server, 'Helped Lamp');
    await changeKitTo(server, await kitOf(id), { board, supplyVolt: 9 });
    const { agent: helper } = await helperAt(server);
    await helper.get(`/api/kits/${id}/faults`).expect(200);
    await helper.post(`/api/kits/${id}/faults/work`).expect(200);
    await helper.delete(`/api/kits/${id}/faults/work`).expect(403);
    await server.instructor.delete(`/api/kits/${id}/faults/work`).expect(200, { kind: 'idle' });
    await server.instructor.post('/api/kits/nothing/faults/work').expect(404);
  });
});

describe('a workshop of a kit', () => {
  it('has the faults worked out some time after it was planned, once', async () => {
    const id = await makeKit(server, 'Planned Lamp');
    await changeKitTo(server, await kitOf(id), { board, supplyVolt: 9 });
    const work = new FaultWork(server.db, new WarmEngine(), 0);
    work.planned(id);
    await expect.poll(() => faultsOf(id), { timeout: 60_000 }).not.toBeNull();
    await expect.poll(() => work.stateOf(id)).toEqual({ kind: 'idle' });
  }, 120_000);

  it('tells a seat where to look first, by what went wrong at earlier builds', async () => {
    const id = await makeKit(server, 'Looked At Lamp');
    const looks = async (token: string | null | undefined): Promise<readonly LookFirst[]> =>
      (await server.instructor.get(`/api/seats/${token}/look-first`).expect(200)).body;
    const first = await makeWorkshop(server, ['Tern', 'Skua', 'Knot'], id);
    const before = await looks(first.seats[0]?.token);
    // No board says what is joined: the parts alone tell it.
    expect(before).toContainEqual({ at: 'way-round', place: 'D1' });
    expect(before).toContainEqual({ at: 'joints', place: 'R1' });
    const dry: Deed = {
      kind: 'mistake',
      stepId: first.steps[0]?.id ?? '',
      mistake: 'dry-joint',
      designator: 'R1',
    };
    for (const { id: seatId, token } of first.seats) {
      await server.instructor
        .post(`/api/seats/${token}/events`)
        .send({ events: [sent(seatId, dry), sent(seatId, dry)] })
        .expect(200);
    }
    expect((await looks(first.seats[1]?.token))[0]).toEqual({ at: 'joints', place: 'R1' });
    await server.instructor.get('/api/seats/none-such/look-first').expect(404);
  });

  it('has boards that the bench knows: their revision, what is on them, what was read and what happened', async () => {
    const id = await makeKit(server, 'Benched Lamp');
    await changeKitTo(server, await kitOf(id), { board, supplyVolt: 9 });
    await workedOut(server, `/api/kits/${id}/faults/work`);
    const boardOf = async (
      { id: workshopId }: Pick<Workshop, 'id'>,
      seatId = '',
      who = server.instructor,
    ): Promise<BoardOfSeat> =>
      (await who.get(`/api/workshops/${workshopId}/seats/${seatId}/board`).expect(200)).body;
    // Two evenings of the same learner: the first counts at the second, for instructors.
    const first = await makeWorkshop(server, ['Dunlin'], id);
    const second = await makeWorkshop(server, ['Dunlin'], id);
    const report = (token: string | null | undefined, seatId: string, deeds: readonly Deed[]) =>
      server.instructor
        .post(`/api/seats/${token}/events`)
        .send({ events: deeds.map((deed) => sent(seatId, deed)) })
        .expect(200);
    const [before, seat] = [first.seats[0], second.seats[0]];
    if (!before || !seat) throw new Error('no seats');
    const turned = (stepId: string): Deed => ({
      kind: 'mistake',
      stepId,
      mistake: 'backwards',
      designator: 'D1',
    });
    const stepOfD1 = (steps: Workshop['steps']) =>
      steps.find(
        (step) =>
          step.kind !== 'check' && step.parts.some(({ designators }) => designators.includes('D1')),
      )?.id ?? '';
    await report(before.token, before.id, [turned(stepOfD1(first.steps))]);

    const fresh = await boardOf(second, seat.id);
    expect([...fresh.missing].sort()).toEqual(['D1', 'R1', 'R2']);
    expect(fresh.faults?.entries.length).toBeGreaterThan(5);
    expect(fresh).toMatchObject({ readings: [], habit: { builds: 2, mistakes: ['backwards'] } });
    const { agent: helper } = await helperAt(server, 'Ruff');
    expect((await boardOf(second, seat.id, helper)).habit).toEqual({ builds: 1, mistakes: [] });

    const power = second.steps.find(
      (step) => step.kind === 'check' && step.check === 'first-power',
    );
    const work = second.steps.filter(({ kind }) => kind !== 'check');
    await report(seat.token, seat.id, [
      ...work.map(({ id: stepId }): Deed => ({ kind: 'step-done', stepId })),
      { kind: 'reading', stepId: power?.id ?? '', amount: 0 },
      turned(stepOfD1(second.steps)),
    ]);
    const built = await boardOf(second, seat.id);
    expect(built.missing).toEqual([]);
    expect(built.readings).toEqual([{ test: { kind: 'current' }, outcome: 0 }]);
    expect(built.happened.mistakes).toMatchObject([{ mistake: 'backwards', designator: 'D1' }]);

    // The kit goes on; the boards in the room stay what they are.
    await changeKitTo(server, await kitOf(id), { supplyVolt: 5 });
    expect((await boardOf(second, seat.id)).faults?.volt).toBe(9);
    expect(await faultsOf(id)).toBeNull();

    await server.instructor.get(`/api/workshops/${second.id}/seats/${before.id}/board`).expect(404);
    await server.instructor.get(`/api/workshops/nothing/seats/${seat.id}/board`).expect(404);
  }, 120_000);

  it('practises with its own faults, and answers are judged by them', async () => {
    const id = await makeKit(server, 'Practised Lamp');
    await changeKitTo(server, await kitOf(id), { board, supplyVolt: 9 });
    await workedOut(server, `/api/kits/${id}/faults/work`);
    const workshop = await makeWorkshop(server, ['Ruff'], id);
    const [seat] = workshop.seats;
    const { kit }: SeatPractice = (
      await server.instructor.get(`/api/seats/${seat?.token}/practice`).expect(200)
    ).body;
    expect(kit.faults?.entries.length).toBeGreaterThan(5);
    const exercise = exerciseOf('faults.find.backwards', 5, kit);
    const answer: unknown = exercise?.kind.answer(exercise.task);
    expect(answer).toMatchObject({ named: `${backwards.id} D1` });
    const practised = (mine: unknown): Deed => ({
      kind: 'practised',
      item: 'faults.find.backwards',
      seed: 5,
      answer: mine,
      isRight: true,
      credit: 1,
    });
    await server.instructor
      .post(`/api/seats/${seat?.token}/events`)
      .send({
        events: [answer, { made: [], named: 'missing R1' }].map((mine) =>
          sent(seat?.id ?? '', practised(mine)),
        ),
      })
      .expect(200);
    const { body } = await server.instructor.get(`/api/seats/${seat?.token}`).expect(200);
    const judged = (body.events as { event: { kind: string; isRight?: boolean } }[])
      .filter(({ event }) => event.kind === 'practised')
      .map(({ event }) => event.isRight);
    expect(judged).toEqual([true, false]);
  }, 120_000);
});
