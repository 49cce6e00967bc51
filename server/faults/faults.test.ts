import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Kit } from '#contract/kits';
import { emptyBoard, type Pad } from '#core/board/board';
import type { FaultDictionary } from '#core/faults/dictionary';
import {
  changeKitTo,
  helperAt,
  makeKit,
  type TestServer,
  testServer,
  workedOut,
} from '../testing/testServer.ts';

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
