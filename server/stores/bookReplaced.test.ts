import { v7 as newId } from 'uuid';
import { describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

async function roomWithDrawer(): Promise<{
  server: TestServer;
  workshop: Workshop;
  itemId: string;
}> {
  const server = await testServer();
  const workshop = await makeWorkshop(server);
  const part = workshop.parts.find(({ designators }) => designators.includes('R1'));
  const { body } = await server.instructor
    .post('/api/stores/items')
    .send({
      part: { family: part?.family, value: part?.value },
      location: 'A1',
      minimum: 0,
    })
    .expect(200);
  await server.instructor
    .post(`/api/stores/items/${body.id}/moves`)
    .send({ id: newId(), kind: 'in', pieces: 5, note: 'bought' })
    .expect(200);
  return { server, workshop, itemId: body.id };
}

const report = ({ instructor }: TestServer, workshop: Workshop, deed: Deed) => {
  const seatId = workshop.seats[0]?.id ?? '';
  const event = sent(seatId, deed);
  const send = () =>
    instructor
      .post(`/api/workshops/${workshop.id}/seats/${seatId}/events`)
      .send({ events: [event] });
  return { event, send };
};

async function movesOf({ instructor }: TestServer, itemId: string) {
  const { body } = await instructor.get(`/api/stores/items/${itemId}/ledger`).expect(200);
  return body.moves.map(
    ({ kind, pieces }: { kind: string; pieces: number }) => `${kind} ${pieces}`,
  );
}

const stepWith = (workshop: Workshop, place: string) =>
  workshop.steps.find(
    (step) => step.kind !== 'check' && step.parts.some((part) => part.designators.includes(place)),
  )?.id ?? '';

describe('a part replaced at a seat', () => {
  it('leaves the drawer once, however often the entry arrives, and comes back when undone', async () => {
    const { server, workshop, itemId } = await roomWithDrawer();
    const { event, send } = report(server, workshop, {
      kind: 'part-replaced',
      stepId: stepWith(workshop, 'R1'),
      designator: 'R1',
    });
    await send().expect(200);
    await send().expect(200);
    expect(await movesOf(server, itemId)).toEqual(['in 5', 'out 1']);
    const undo = report(server, workshop, { kind: 'undo', undoes: event.id });
    await undo.send().expect(200);
    await undo.send().expect(200);
    expect(await movesOf(server, itemId)).toEqual(['in 5', 'out 1', 'in 1']);
  });

  it('is logged where no drawer serves, and books nothing', async () => {
    const { server, workshop, itemId } = await roomWithDrawer();
    await report(server, workshop, {
      kind: 'part-replaced',
      stepId: stepWith(workshop, 'D1'),
      designator: 'D1',
    })
      .send()
      .expect(200);
    expect(await movesOf(server, itemId)).toEqual(['in 5']);
  });

  it('is refused for a part of another step', async () => {
    const { server, workshop, itemId } = await roomWithDrawer();
    const { body } = await report(server, workshop, {
      kind: 'part-replaced',
      stepId: stepWith(workshop, 'D1'),
      designator: 'R1',
    })
      .send()
      .expect(422);
    expect(body.errors[0].message).toBe('R1 is not part of this step.');
    expect(await movesOf(server, itemId)).toEqual(['in 5']);
  });
});
