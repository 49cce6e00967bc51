import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  kitBody,
  makeKit,
  smallKitCsv,
  stepsOf,
  type TestServer,
  testServer,
} from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const counts = async () => {
  const [row] = await server.db.query<{ kits: number; revisions: number; lines: number }>(
    `select (select count(*)::int from kit) as kits, (select count(*)::int from kit_revision) as revisions,
            (select count(*)::int from part_line) as lines`,
  );
  return row;
};

describe('importing a parts list', () => {
  it('keeps every line and plans the steps', async () => {
    const id = await makeKit(server, 'Little Lamp');
    const { body } = await server.instructor.get(`/api/kits/${id}`).expect(200);
    expect(body).toMatchObject({ name: 'Little Lamp', revision: 1, supplyVolt: 6 });
    expect(body.lines).toEqual([
      {
        confidence: 'sure',
        part: {
          designators: ['R1', 'R2'],
          quantity: 2,
          family: 'resistor-axial',
          value: { kind: 'amount', unit: 'ohm', amount: 470 },
          description: 'resistor 470',
          supply: 'in-kit',
        },
      },
      {
        confidence: 'sure',
        part: expect.objectContaining({
          family: 'led-5mm',
          value: { kind: 'colour', colour: 'red' },
        }),
      },
    ]);
    expect(stepsOf(body).map(({ id }) => id)).toEqual([
      'solder-R1-R2',
      'solder-D1',
      'check-look',
      'check-supply-resistance',
      'check-first-power',
      'check-function',
    ]);
  });

  it('is answered as data that nobody keeps', async () => {
    const { headers } = await server.instructor.get('/api/kits').expect(200);
    expect(headers['cache-control']).toBe('no-store');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['content-security-policy']).toBe("default-src 'none'; frame-ancestors 'none'");
    expect(headers['x-powered-by']).toBeUndefined();
  });

  it('lists kits by name with what they hold', async () => {
    await makeKit(server, 'Aardvark Lamp');
    const { body } = await server.instructor.get('/api/kits').expect(200);
    expect(body[0]).toMatchObject({ name: 'Aardvark Lamp', pieces: 3, steps: 6, revision: 1 });
    expect(body[0].minutes).toBeGreaterThan(0);
  });

  it('remembers which column was which, for the same headings', async () => {
    const headings = ['Ref', 'Qty', 'Part', 'Value'];
    const { body } = await server.instructor
      .post('/api/remembered-mapping')
      .send({ headings })
      .expect(200);
    expect(body).toEqual({ designators: 0, quantity: 1, description: 2, value: 3 });
    const other = await server.instructor
      .post('/api/remembered-mapping')
      .send({ headings: ['never', 'seen'] })
      .expect(200);
    expect(other.body).toBeNull();
  });

  it('makes the next revision of a kit, and the kit shows the newest', async () => {
    const id = await makeKit(server, 'Growing Lamp');
    const { name: _, ...list } = kitBody('', `${smallKitCsv}C1,1,electrolytic,10u\n`);
    await server.instructor.post(`/api/kits/${id}/revisions`).send(list).expect(200);
    const { body } = await server.instructor.get(`/api/kits/${id}`).expect(200);
    expect(body.revision).toBe(2);
    expect(body.lines).toHaveLength(3);
  });
});

describe('what cannot be imported is refused with the field, and changes nothing', () => {
  const withCsv = (csv: string) => kitBody('Never made', csv);

  it.each([
    [
      'a value that is none',
      withCsv('Ref,Part,Value\nR1,resistor,4k7k\n'),
      'csv',
      /Row 2, Value: “4k7k” is not a value/,
    ],
    [
      'a place name twice',
      withCsv('Ref,Part,Value\nR1,resistor,1k\nR1,resistor,2k\n'),
      'csv',
      /Row 3, Ref: R1 stands in row 2/,
    ],
    [
      'a missing column',
      { ...withCsv('Colour,Weight\nred,3\n'), mapping: {} },
      'csv',
      /No column says/,
    ],
    ['no rows', withCsv('Ref,Value\n'), 'csv', /no rows/],
    ['no name', { ...kitBody(''), name: '' }, 'name', /Give the kit a name/],
    [
      'a voltage that is none',
      { ...kitBody('V'), supplyVolt: 'lots' },
      'supplyVolt',
      /as a number/,
    ],
    ['a dangerous voltage', { ...kitBody('V'), supplyVolt: 230 }, 'supplyVolt', /60 V/],
    [
      'a column that is not there',
      { ...kitBody('M'), mapping: { designators: -1 } },
      'mapping.designators',
      /counted from 0/,
    ],
    ['no list', { ...kitBody('L'), csv: undefined }, 'csv', /Choose a CSV file/],
  ])('%s', async (_, body, field, message) => {
    const before = await counts();
    const answer = await server.instructor.post('/api/kits').send(body);
    expect(answer.status).toBe(422);
    expect(answer.type).toBe('application/problem+json');
    const found = answer.body.errors.find((error: { field: string }) => error.field === field);
    expect(found?.message).toMatch(message);
    expect(await counts()).toEqual(before);
  });

  it('a name that is taken, whatever its capitals', async () => {
    await makeKit(server, 'Only One');
    const before = await counts();
    const answer = await server.instructor.post('/api/kits').send(kitBody('ONLY ONE'));
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({
      field: 'name',
      message: expect.stringContaining('already'),
    });
    expect(await counts()).toEqual(before);
  });

  it('5 MB of garbage, and a megabyte of it that is just within the limit of a body', async () => {
    const before = await counts();
    const huge = await server.instructor
      .post('/api/kits')
      .send({ ...kitBody('H'), csv: 'x'.repeat(5_000_000) });
    expect(huge.status).toBe(413);
    expect(huge.type).toBe('application/problem+json');
    expect(huge.body.detail).toMatch(/at most 1 MB/);
    const large = await server.instructor
      .post('/api/kits')
      .send({ ...kitBody('H'), csv: 'a,b\n"'.repeat(150_000) });
    expect(large.status).toBe(422);
    expect(await counts()).toEqual(before);
  });

  it('what is not JSON', async () => {
    const answer = await server.instructor
      .post('/api/kits')
      .set('Content-Type', 'application/json')
      .send('{"name": ');
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(/not JSON/);
  });

  it.each(['/api/kits/not-a-uuid', '/api/kits/00000000-0000-4000-8000-000000000000'])(
    '%s is no kit',
    async (path) => {
      const answer = await server.instructor.get(path);
      expect(answer.status).toBe(404);
      expect(answer.body.detail).toMatch(/kit does not exist/);
    },
  );
});
