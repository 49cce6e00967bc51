import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Kit } from '#contract/kits';
import { type Board, emptyBoard } from '#core/board/board';
import { changeKitTo, makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const kitOf = async (id: string): Promise<Kit> =>
  (await server.instructor.get(`/api/kits/${id}`).expect(200)).body;
const change = (kit: Kit, board: unknown) => changeKitTo(server, kit, { board });

const board: Board = {
  ...emptyBoard(50, 30, 'printed'),
  placements: [
    { place: 'R1', xMm: 12.7, yMm: 10.16, rotation: 90, side: 'top' },
    { place: 'D1', xMm: 25.4, yMm: 10.16, rotation: 0, side: 'bottom', spanMm: 5.08 },
  ],
  planes: ['GND'],
  otherRecords: ['C  a comment'],
  pictures: [
    {
      side: 'bottom',
      what: 'photo',
      hash: 'ab'.repeat(32),
      widthPx: 10,
      heightPx: 5,
      mmPerPx: 5,
      xMm: 0,
      yMm: 0,
    },
  ],
};

const [picture] = board.pictures ?? [];

describe('the board of a kit', () => {
  it('is kept with the revision, word for word', async () => {
    const kit = await kitOf(await makeKit(server, 'Board Kit'));
    expect(kit.board).toBeNull();
    await change(kit, board).expect(200);
    expect((await kitOf(kit.id)).board).toEqual(board);
    await change(await kitOf(kit.id), null).expect(200);
    expect((await kitOf(kit.id)).board).toBeNull();
  });

  it('goes over to the next revision, and the planned one keeps its own', async () => {
    const kit = await kitOf(await makeKit(server, 'Planned Board'));
    await change(kit, board).expect(200);
    const { body } = await server.instructor
      .post('/api/workshops')
      .send({
        title: 'Evening',
        kitId: kit.id,
        startsAt: '2026-03-05T18:30:00Z',
        lengthMinutes: 60,
        seats: [{ name: 'Tern' }],
      })
      .expect(200);
    const moved = { ...board, widthMm: 60 };
    expect((await change(await kitOf(kit.id), moved).expect(200)).body).toMatchObject({
      revision: 2,
      isNew: true,
    });
    const { seats } = (await server.instructor.get(`/api/workshops/${body.id}`)).body;
    const seat = (await server.instructor.get(`/api/seats/${seats[0].token}`).expect(200)).body;
    // The seat gets the board of its plan, with the pictures that a learner can look at.
    expect(seat.board).toEqual(board);
  });

  it.each([
    [{ ...board, widthMm: 2 }, 'board.widthMm', /from 5 to 600/],
    [{ ...board, kind: 'paper' }, 'board.kind', /printed/],
    [{ ...board, pictures: [{ ...picture, hash: '../x' }] }, 'board.pictures[0].hash', /Choose/],
    [
      { ...board, placements: [{ ...board.placements[0], side: 'inside' }] },
      'board.placements[0].side',
      /top, bottom/,
    ],
  ])('what cannot be one is refused by its field', async (wrong, field, message) => {
    const kit = await kitOf(await makeKit(server, `Wrong ${field}`));
    const answer = await change(kit, wrong);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({ field, message: expect.stringMatching(message) });
    expect((await kitOf(kit.id)).board).toBeNull();
  });
});
