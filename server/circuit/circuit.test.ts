import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Kit } from '#contract/kits';
import { type Board, emptyBoard, type Pad } from '#core/board/board';
import {
  changeKitTo,
  helperAt,
  makeKit,
  stepsOf,
  type TestServer,
  testServer,
  workedOut,
} from '../testing/testServer.ts';
import { WarmEngine } from './warmEngine.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const kitOf = async (id: string): Promise<Kit> =>
  (await server.instructor.get(`/api/kits/${id}`).expect(200)).body;

const pad = (place: string, pin: string, net: string): Pad => ({
  place,
  pin,
  net,
  xMm: 1,
  yMm: 1,
  widthMm: 1,
  heightMm: 1,
  rotation: 0,
  side: 'both',
  drillMm: 0.8,
  plated: true,
  square: false,
});
/** An LED behind two resistors in a row, with a supply that only names tell. */
const board: Board = {
  ...emptyBoard(40, 30, 'printed'),
  pads: [
    pad('R1', '1', 'VCC'),
    pad('R1', '2', 'MID'),
    pad('R2', '1', 'MID'),
    pad('R2', '2', 'LED'),
    pad('D1', '1', 'LED'),
    pad('D1', '2', 'GND'),
  ],
};

async function kitWithBoard(name: string): Promise<Kit> {
  const id = await makeKit(server, name);
  await changeKitTo(server, await kitOf(id), { board, supplyVolt: 9 });
  return kitOf(id);
}

describe('the figures of a kit', () => {
  it('what is missing is told before anything is worked out', async () => {
    const id = await makeKit(server, 'No Board');
    expect(await workedOut(server, `/api/kits/${id}/figures/work`)).toEqual({
      kind: 'not-readable',
      why: 'no-nets',
    });
  });

  it('of a kit without a board are worked out from the connections that were entered', async () => {
    const id = await makeKit(server, 'Loose Lamp');
    const nets = [
      { name: 'VCC', pins: ['R1.1'] },
      { name: 'MID', pins: ['R1.2', 'R2.1'] },
      { name: 'LED', pins: ['R2.2', 'D1.1'] },
      { name: 'GND', pins: ['D1.2'] },
    ];
    const circuitNotes = { nets, supply: { plus: 'R1.1', minus: 'D1.2' } };
    const before = await kitOf(id);
    await changeKitTo(server, before, { circuitNotes, supplyVolt: 9 }).expect(200);
    const conflict = changeKitTo(server, before, { circuitNotes });
    await conflict.expect(409);
    expect(await workedOut(server, `/api/kits/${id}/figures/work`)).toEqual({ kind: 'idle' });
    const whole = (await kitOf(id)).figures?.stages.at(-1)?.figures;
    expect(whole?.milliampere?.usual).toBeGreaterThan(6.5);
    expect(whole?.milliampere?.usual).toBeLessThan(8.5);
    const { body: drawing } = await server.instructor
      .get(`/api/kits/${id}/circuit/box`)
      .expect(200);
    expect(drawing).not.toBeNull();
    await server.instructor.get(`/api/kits/${id}/netlist.cir`).expect(200);
  }, 120_000);

  it('are worked out in the background, kept with the revision, and told at its checks', async () => {
    const before = await kitWithBoard('Lamp');
    expect(before.figures).toBeUndefined();
    expect(await workedOut(server, `/api/kits/${before.id}/figures/work`)).toEqual({
      kind: 'idle',
    });
    const kit = await kitOf(before.id);
    const whole = kit.figures?.stages.at(-1)?.figures;
    // (9 V − 2 V) over twice 470 Ω.
    expect(whole?.milliampere?.usual).toBeGreaterThan(6.5);
    expect(whole?.milliampere?.usual).toBeLessThan(8.5);
    expect(whole?.seen).toMatchObject([{ place: 'D1', looks: 'on' }]);
    const shown = stepsOf(kit).flatMap((step) =>
      step.kind === 'check' && step.shows ? [step.shows] : [],
    );
    expect(shown.length).toBeGreaterThan(0);
    expect(shown[0]?.limitMilliampere).toBe(20);
  }, 120_000);

  it('go when the kit changes, and come back when it is changed back', async () => {
    const { id } = await kitWithBoard('Changing');
    await workedOut(server, `/api/kits/${id}/figures/work`);
    const kit = await kitOf(id);
    expect(kit.figures).toBeDefined();
    await changeKitTo(server, kit, { supplyVolt: 5 });
    expect((await kitOf(id)).figures).toBeUndefined();
    await changeKitTo(server, await kitOf(id), { supplyVolt: 9 });
    expect((await kitOf(id)).figures).toBeDefined();
  }, 120_000);

  it('what if: another value and another supply beside what is, and nothing of it is kept', async () => {
    const kit = await kitWithBoard('What If');
    const path = `/api/kits/${kit.id}/figures/otherwise`;
    const { body } = await server.instructor
      .post(path)
      .send({ supplyVolt: 5, parts: [{ place: 'R1', value: '1k' }] })
      .expect(200);
    expect(body.now.milliampere.usual).toBeGreaterThan(6.5);
    // (5 V − 2 V) over 1 kΩ and 470 Ω.
    expect(body.otherwise.milliampere.usual).toBeCloseTo(2.1, 0);
    expect((await kitOf(kit.id)).lines).toEqual(kit.lines);
    const noPlace = { supplyVolt: null, parts: [{ place: 'R9', value: '1k' }] };
    expect(
      (await server.instructor.post(path).send(noPlace).expect(422)).body.errors,
    ).toMatchObject([{ field: 'parts[0].place' }]);
    const noValue = { supplyVolt: null, parts: [{ place: 'R1', value: 'green' }] };
    expect(
      (await server.instructor.post(path).send(noValue).expect(422)).body.errors,
    ).toMatchObject([{ field: 'parts[0].value' }]);
  }, 120_000);

  it('a programmed chip counts as known once its pins are said, and goes out with the kit', async () => {
    const kit = await kitWithBoard('Said Chip');
    const parts = [
      { place: 'R2', elements: 'R1 1 2 470' },
      { place: 'D1', pins: [{ pin: '1', does: 'takes-current' as const, amount: 5 }] },
    ];
    await changeKitTo(server, kit, { circuitNotes: { parts } });
    expect((await kitOf(kit.id)).circuitNotes.parts).toEqual(parts);
    expect(await workedOut(server, `/api/kits/${kit.id}/figures/work`)).toEqual({ kind: 'idle' });
    const whole = (await kitOf(kit.id)).figures?.stages.at(-1)?.figures;
    expect(whole?.unknown).toEqual([]);
    const bad = { parts: [{ place: 'R2', elements: '.control' }] };
    const { versions } = await kitOf(kit.id);
    const refused = await server.instructor
      .put(`/api/kits/${kit.id}/circuit`)
      .send({ version: versions.circuit, circuitNotes: bad });
    expect(refused.status).toBe(422);
  }, 120_000);

  it('are worked out from what the kit is now, when it changes meanwhile', async () => {
    const kit = await kitWithBoard('Changed Meanwhile');
    await server.instructor.post(`/api/kits/${kit.id}/figures/work`).expect(200);
    await changeKitTo(server, kit, { supplyVolt: 5 });
    await workedOut(server, `/api/kits/${kit.id}/figures/work`);
    // (5 V − 2 V) over twice 470 Ω.
    const { figures } = await kitOf(kit.id);
    expect(figures?.stages.at(-1)?.figures?.milliampere?.usual).toBeLessThan(4);
  }, 120_000);

  it('helpers look and do not begin; a kit that is not there is told', async () => {
    const { id } = await kitWithBoard('Looked At');
    const { agent: helper } = await helperAt(server);
    await helper.get(`/api/kits/${id}/figures/work`).expect(200, { kind: 'idle' });
    await helper.post(`/api/kits/${id}/figures/work`).expect(403);
    await helper.get(`/api/kits/${id}/circuit/box`).expect(200);
    await server.instructor.post('/api/kits/nothing/figures/work').expect(404);
  });
});

describe('the circuit as a drawing and as files', () => {
  it('places every part, and goes out as SVG and SPICE text', async () => {
    const { id } = await kitWithBoard('Drawn');
    const { body } = await server.instructor.get(`/api/kits/${id}/circuit/box`).expect(200);
    expect(body.devices.map(({ place }: { place: string }) => place).sort()).toEqual([
      'D1',
      'R1',
      'R2',
    ]);
    const svg = await server.instructor.get(`/api/kits/${id}/circuit.svg`).expect(200);
    expect(svg.type).toBe('image/svg+xml');
    expect(String(svg.body)).toContain('<svg');
    const netlist = await server.instructor.get(`/api/kits/${id}/netlist.cir`).expect(200);
    expect(netlist.text).toContain('RR1 ');
    expect(netlist.text).toContain('.end');
  }, 120_000);

  it('a board that tells no connections has neither', async () => {
    const id = await makeKit(server, 'Nothing Joined');
    await server.instructor.get(`/api/kits/${id}/circuit/box`).expect(200, null);
    await server.instructor.get(`/api/kits/${id}/circuit.svg`).expect(404);
    await server.instructor.get(`/api/kits/${id}/netlist.cir`).expect(404);
  });
});

describe('the simulator in its thread', () => {
  const lamp = (ohm: number) =>
    `* lamp\nV1 a 0 10\nR1 a b ${ohm}\nR2 b 0 ${ohm}\n.save v(b)\n.op\n.end`;

  it('answers one circuit after the other, whoever asks first', async () => {
    const engine = new WarmEngine();
    const runs = await Promise.all([1000, 2000, 3000].map((ohm) => engine.run(lamp(ohm))));
    for (const run of runs) expect(run.ok && run.vectors.get('v(b)')?.[0]).toBeCloseTo(5, 6);
    await engine.close();
  }, 120_000);

  it('says so where there is no solution, and goes on with the next', async () => {
    const engine = new WarmEngine();
    const short = '* short\nV1 a 0 9\nV2 a 0 5\n.save v(a)\n.op\n.end';
    expect(await engine.run(short)).toMatchObject({ ok: false, why: 'no-solution' });
    expect(await engine.run('* bad\nV1 a 0 9\nR1 a\n.save v(a)\n.op\n.end')).toMatchObject({
      ok: false,
      why: 'no-solution',
    });
    const run = await engine.run(lamp(1000));
    expect(run.ok && run.vectors.get('v(b)')?.[0]).toBeCloseTo(5, 6);
    await engine.close();
  }, 120_000);

  it('starts again after it was ended', async () => {
    const engine = new WarmEngine();
    await engine.run(lamp(1000));
    await engine.close();
    expect((await engine.run(lamp(1000))).ok).toBe(true);
    await engine.close();
  }, 120_000);
});
