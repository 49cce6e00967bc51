import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Kit, KitLine } from '#contract/kits';
import { guessMapping } from '#core/partslist/guessMapping';
import { readTable } from '#core/partslist/readTable';
import {
  changeKitTo,
  kitBody,
  makeKit,
  stepsOf,
  type TestServer,
  testServer,
} from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const kitOf = async (id: string): Promise<Kit> =>
  (await server.instructor.get(`/api/kits/${id}`).expect(200)).body;

const change = (
  kit: Kit,
  more: Partial<Pick<Kit, 'lines' | 'errata' | 'supplyVolt' | 'board' | 'order'>>,
) => changeKitTo(server, kit, more);

const withLine = (kit: Kit, index: number, edit: (line: KitLine) => KitLine) =>
  kit.lines.map((line, at) => (at === index ? edit(line) : line));

const planWorkshop = (kitId: string) =>
  server.instructor
    .post('/api/workshops')
    .send({
      title: 'An evening',
      kitId,
      startsAt: '2026-03-05T18:30:00Z',
      lengthMinutes: 120,
      seats: [{ name: 'Tern' }],
    })
    .expect(200);

describe('changing a kit', () => {
  it('changes the revision that nobody uses', async () => {
    const kit = await kitOf(await makeKit(server, 'Free Lamp'));
    const lotNote = { text: 'The flat is at plus.', turned: ['flat' as const] };
    const erratum = { designators: ['D1'], text: 'Printed the wrong way round.' };
    const lines = withLine(kit, 1, (line) => ({ ...line, part: { ...line.part, lotNote } }));
    const { body } = await change(kit, { lines, errata: [erratum], supplyVolt: 9 }).expect(200);
    expect(body).toEqual({ revision: 1, revisionId: kit.revisionId, isNew: false, version: 2 });
    const after = await kitOf(kit.id);
    expect(after).toMatchObject({ revision: 1, supplyVolt: 9, errata: [erratum] });
    expect(after.lines[1]?.part.lotNote).toEqual(lotNote);
    const step = stepsOf(after).find(({ id }) => id === 'solder-D1');
    expect(step?.kind !== 'check' && step?.cautions.map(({ kind }) => kind)).toEqual([
      'erratum',
      'lot-note',
    ]);
  });

  it('makes the next revision of a kit in use; the workshop keeps its own', async () => {
    const kit = await kitOf(await makeKit(server, 'Used Lamp'));
    const { body: workshop } = await planWorkshop(kit.id);
    const used = await kitOf(kit.id);
    expect(used.workshops).toBe(1);
    const lines = withLine(used, 0, (line) => ({
      ...line,
      part: { ...line.part, value: { kind: 'amount', unit: 'ohm', amount: 560 } },
    }));
    const { body } = await change(used, { lines }).expect(200);
    expect(body).toMatchObject({ revision: 2, isNew: true });
    const planned = (await server.instructor.get(`/api/workshops/${workshop.id}`)).body;
    expect(planned.revision).toBe(1);
    expect(JSON.stringify(planned.steps)).toContain('470');
    const first = (await server.instructor.get(`/api/kits/${kit.id}/revisions/1`).expect(200)).body;
    expect(first.lines[0].part.value.amount).toBe(470);
    const { body: revisions } = await server.instructor.get(`/api/kits/${kit.id}/revisions`);
    expect(revisions).toMatchObject([
      { number: 2, workshops: 0, pieces: 3 },
      { number: 1, workshops: 1, pieces: 3 },
    ]);
  });

  it('keeps lot notes and errata when a corrected list is imported', async () => {
    const kit = await kitOf(await makeKit(server, 'Noted Lamp'));
    const lotNote = { text: 'Flat at plus.' };
    await change(kit, {
      lines: withLine(kit, 1, (line) => ({ ...line, part: { ...line.part, lotNote } })),
      errata: [{ designators: ['R1'], text: 'R1 is labelled R2.' }],
    }).expect(200);
    const { name: _, ...list } = kitBody(
      '',
      'Ref,Qty,Part,Value\n"R1,R2",2,resistor,560\nD1,1,LED red 5 mm,\n',
    );
    await server.instructor.post(`/api/kits/${kit.id}/revisions`).send(list).expect(200);
    const after = await kitOf(kit.id);
    expect(after.revision).toBe(2);
    expect(after.errata).toHaveLength(1);
    expect(after.lines[1]?.part.lotNote).toEqual(lotNote);
  });

  it('remembers a correction for the next import', async () => {
    const csv = (part: string) => `Ref,Qty,Part,Value\nC1,1,${part},104\n`;
    const kit = await kitOf(await makeKit(server, 'Riddle 1', csv('yellow blob')));
    expect(kit.lines[0]?.confidence).toBe('unsure');
    await change(kit, {
      lines: withLine(kit, 0, ({ part }) => ({
        part: { ...part, family: 'capacitor-film' },
        confidence: 'told',
      })),
    }).expect(200);
    const { body } = await server.instructor.get('/api/remembered-families').expect(200);
    expect(Object.values(body)).toContain('capacitor-film');
    const next = await kitOf(await makeKit(server, 'Riddle 2', csv('Yellow  BLOB')));
    expect(next.lines[0]).toMatchObject({
      confidence: 'told',
      part: { family: 'capacitor-film' },
    });
  });

  it('remembers what a list says in so many words', async () => {
    const csv = 'Ref,Qty,Part,Value,Kind of part\nC1,1,odd pill,104,film capacitor\n';
    const table = readTable(csv);
    const mapping = table.ok ? guessMapping(table.value) : {};
    await server.instructor
      .post('/api/kits')
      .send({ name: 'Pill 1', supplyVolt: null, csv, mapping })
      .expect(200);
    const next = await kitOf(
      await makeKit(server, 'Pill 2', 'Ref,Qty,Part,Value\nC9,1,odd pill,223\n'),
    );
    expect(next.lines[0]?.part.family).toBe('capacitor-film');
  });
});

describe('a change that cannot be', () => {
  it.each([
    [
      'a quantity that disagrees with the places',
      (line: KitLine) => ({ ...line, part: { ...line.part, quantity: 3 } }),
      'lines[0].part.quantity',
      /quantity is 3, but 2 place names/,
    ],
    [
      'a place that is taken',
      (line: KitLine) => ({ ...line, part: { ...line.part, designators: ['R1', 'D1'] } }),
      'lines[1].part.designators',
      /D1 stands in another line/,
    ],
    [
      'a kind of part that is none',
      (line: KitLine) => ({ ...line, part: { ...line.part, family: 'gizmo' as never } }),
      'lines[0].part.family',
      /Choose the kind of part/,
    ],
    [
      'a value of another kind',
      (line: KitLine) => ({
        ...line,
        part: { ...line.part, value: { kind: 'colour', colour: 'red' } as const },
      }),
      'lines[0].part.value',
      /another kind of value/,
    ],
    [
      'a mark that the part does not have',
      (line: KitLine) => ({
        ...line,
        part: { ...line.part, lotNote: { text: 'x', turned: ['flat' as const] } },
      }),
      'lines[0].part.lotNote',
      /no such mark/,
    ],
    [
      'a spare with a place',
      (line: KitLine) => ({ ...line, part: { ...line.part, supply: 'spare' as const } }),
      'lines[0].part.supply',
      /spare has no place/,
    ],
    [
      'an amount that is none',
      (line: KitLine) => ({
        ...line,
        part: { ...line.part, value: { kind: 'amount', unit: 'ohm', amount: 'lots' } as never },
      }),
      'lines[0].part.value.amount',
      /as a number/,
    ],
  ])(
    '%s is refused with the field, and nothing is half-written',
    async (_, edit, field, message) => {
      const kit = await kitOf(await makeKit(server, `Refused ${Math.random()}`));
      const answer = await change(kit, { lines: withLine(kit, 0, edit) });
      expect(answer.status).toBe(422);
      const found = answer.body.errors.find((error: { field: string }) => error.field === field);
      expect(found?.message).toMatch(message);
      expect(await kitOf(kit.id)).toEqual(kit);
    },
  );

  it('of two that were made from one reading the first wins, and the other is told', async () => {
    const kit = await kitOf(await makeKit(server, 'Busy Lamp'));
    const [one, other] = await Promise.all([
      change(kit, { supplyVolt: 9 }),
      change(kit, { supplyVolt: 12 }),
    ]);
    const [won, lost] = one.status === 200 ? [one, other] : [other, one];
    expect(won.status).toBe(200);
    expect(lost.status).toBe(409);
    expect(lost.body.detail).toMatch(/Somebody else has changed this/);
    const after = await kitOf(kit.id);
    expect([9, 12]).toContain(after.supplyVolt);
    expect(after.supplyVolt).toBe(one.status === 200 ? 9 : 12);
    // Whoever lost reads anew and saves again.
    await change(after, { supplyVolt: 7 }).expect(200);
  });

  it('of another part of the kit is in nobody’s way, also where the first made a new revision', async () => {
    const kit = await kitOf(await makeKit(server, 'Shared Lamp'));
    await planWorkshop(kit.id);
    const erratum = { designators: ['D1'], text: 'Printed the wrong way round.' };
    await change(kit, { supplyVolt: 9 }).expect(200);
    await change(kit, { errata: [erratum] }).expect(200);
    const order = { ...kit.order, styles: ['by-sheet' as const] };
    await change(kit, { order }).expect(200);
    expect(await kitOf(kit.id)).toMatchObject({
      revision: 2,
      supplyVolt: 9,
      errata: [erratum],
      order: { styles: ['by-sheet'] },
    });
  });

  it('of a list that was imported anew meanwhile is refused', async () => {
    const kit = await kitOf(await makeKit(server, 'Imported Lamp'));
    const { name: _, ...list } = kitBody('');
    await server.instructor.post(`/api/kits/${kit.id}/revisions`).send(list).expect(200);
    expect((await change(kit, { lines: kit.lines })).status).toBe(409);
  });

  it('with a field that nothing is known of is refused by its name', async () => {
    const kit = await kitOf(await makeKit(server, 'Strange Lamp'));
    const erratum = { designators: ['D1'], text: 'Turned.', severity: 2 };
    const { body } = await change(kit, { errata: [erratum] }).expect(422);
    expect(body.errors).toMatchObject([{ field: 'errata[0].severity' }]);
    expect(body.detail).toMatch(/no field “severity”/);
  });

  it.each(['/revisions/9', '/revisions/x', '/revisions/99999999999'])(
    '%s is none',
    async (path) => {
      const id = await makeKit(server, `Rev ${Math.random()}`);
      expect((await server.instructor.get(`/api/kits/${id}${path}`)).status).toBe(404);
    },
  );
});

describe('numbers of the site’s own', () => {
  it('are kept from a line that somebody described, with how it sits, until they are deleted', async () => {
    const kit = await kitOf(await makeKit(server, 'Own Number Lamp'));
    const part = {
      designators: ['U77'],
      quantity: 1,
      family: 'transistor-to92',
      value: { kind: 'type', print: 'HX9917' },
      description: 'HX9917',
      supply: 'in-kit',
      package: 'TO-92',
      mounting: { kind: 'raised', mm: 4 },
    } as const;
    const lines = [...kit.lines, { part, confidence: 'told' } as const];
    await change(kit, { lines }).expect(200);
    expect((await kitOf(kit.id)).lines.at(-1)?.part).toEqual(part);
    const numbers = async () => (await server.instructor.get('/api/own-types').expect(200)).body;
    expect(await numbers()).toMatchObject({ HX9917: { family: 'transistor-to92' } });
    await server.instructor.delete('/api/own-types/HX9917').expect(200);
    expect(await numbers()).toEqual({});
    const { body } = await server.instructor.delete('/api/own-types/HX9917').expect(404);
    expect(body.detail).toContain('your own numbers');
  });

  it('of a part that stands off by nothing is refused by its field', async () => {
    const kit = await kitOf(await makeKit(server, 'Stand-off Lamp'));
    const lines = withLine(kit, 1, (line) => ({
      ...line,
      part: { ...line.part, mounting: { kind: 'raised', mm: 0 } },
    }));
    const { body } = await change(kit, { lines }).expect(422);
    expect(body.errors[0].field).toBe('lines[1].part.mounting.mm');
  });
});
