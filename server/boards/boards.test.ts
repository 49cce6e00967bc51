import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyBoard } from '#core/board/board';
import { cases } from '#core/testing/cases';
import { makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let kitId: string;
beforeAll(async () => {
  server = await testServer();
  kitId = await makeKit(server, 'Layered Lamp');
});
afterAll(() => server.db.close());

const draw = (text: string, what = 'print', id = kitId) =>
  server.instructor.post(`/api/kits/${id}/gerber-picture`).send({ text, what });

describe('a Gerber layer as a picture', () => {
  // A line of 0.2 mm from (0, 0) to (20, 10) mm, by the published format RS-274X.
  const layer =
    '%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nX0Y0D02*\nX20000000Y10000000D01*\nM02*\n';

  it('is drawn to scale', async () => {
    const { body } = await draw(layer).expect(200);
    expect(body.widthMm).toBeCloseTo(20.2, 3);
    expect(body.heightMm).toBeCloseTo(10.2, 3);
    // Half a line's width beyond the origin of the file.
    expect(body).toMatchObject({ leftMm: -0.1, bottomMm: -0.1 });
    const file = await server.instructor.get(`/api/pictures/${body.hash}`).expect(200);
    expect(file.headers['content-type']).toMatch(/^image\/svg\+xml/);
    // Opened by itself it can do nothing.
    expect(file.headers['content-security-policy']).toMatch(/^sandbox/);
    expect(file.body.toString()).toMatch(/^<svg/);
    const copper = await draw(layer, 'copper').expect(200);
    expect(copper.body.hash).not.toBe(body.hash);
    await draw(layer, 'print', '00000000-0000-4000-8000-000000000000').expect(404);
    await draw(layer, 'photo').expect(422);
  });

  it.each(['', 'not a gerber file', 'D10*'])('“%s” is refused with the way out', async (text) => {
    const answer = await draw(text);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({
      field: 'text',
      message: expect.stringMatching(/Choose/),
    });
  });

  const repeated = (times: number) =>
    `%FSLAX24Y24*%%MOMM*%%ADD10C,0.5*%D10*%SRX${times}Y${times}I1.0J1.0*%X0Y0D03*%SR*%M02*`;

  it.each([
    ['a coordinate before any format', 'X0Y0D02*'],
    ['the older dialect, RS-274D', 'G54D10*X1000Y1000D03*M02*'],
    ['words with a coordinate in them', 'Hello world of D10* X5* and so on'],
    [
      'a macro that asks for itself',
      `%FSLAX24Y24*%%MOMM*%%AMA*${'('.repeat(4000)}1*%%ADD10A*%D10*X0Y0D03*M02*`,
    ],
    ['400 million flashes', repeated(20_000)],
  ])('%s is a sentence, and nobody else waits for it', async (_, text) => {
    const drawing = draw(text);
    // Asked while the other is under way.
    const asked = await server.instructor.get('/api/kits');
    expect(asked.status).toBe(200);
    const answer = await drawing;
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].message).toMatch(/^This Gerber layer cannot be drawn\. .*Choose/);
    await server.instructor.get('/api/session').expect(200);
  });

  it('that would be too large to keep is refused, a smaller one drawn', async () => {
    expect((await draw(repeated(300))).status).toBe(422);
    expect((await draw(repeated(4))).status).toBe(200);
  });

  it('whatever is in it: an answer, and the server lives', { timeout: 120_000 }, async () => {
    const statements = fc.array(
      fc.constantFrom(
        '%FSLAX24Y24*%',
        '%MOIN*%',
        '%ADD10C,0.5*%',
        '%AMM*21,1,1,$1,0,0,0*%',
        '%ADD11M,2*%',
        '%LPC*%',
        '%SRX2Y2I1J1*%',
        'D10*',
        'D11*',
        'G36*',
        'G37*',
        'G75*',
        'G02*',
        'X10Y10I5J5D01*',
        'X0Y0D02*',
        'X5*',
        'M02*',
        '\u0000',
        '%',
        '*',
      ),
      { maxLength: 25 },
    );
    await fc.assert(
      fc.asyncProperty(statements, async (parts) => {
        const { status } = await draw(`%FSLAX24Y24*%${parts.join('')}`);
        expect([200, 422]).toContain(status);
      }),
      { numRuns: cases(25) },
    );
  });
});

describe('a Gerber layer as the edges of boards', () => {
  const read = (text: string) => server.instructor.post('/api/kits/gerber-edges').send({ text });
  // By the published format RS-274X: 30 by 20 mm in inches, one corner rounded by G03 with R = 0.1 in, a hole by G75.
  const edge = [
    '%FSLAX24Y24*%',
    '%MOIN*%',
    '%ADD10C,0.0050*%',
    'D10*',
    'G75*',
    'G01*',
    'X0Y0D02*',
    'X11811D01*',
    'Y6874D01*',
    'G03*',
    'X10811Y7874I-1000J0D01*',
    'G01*',
    'X0D01*',
    'Y0D01*',
    'X3937Y3937D02*',
    'G02*',
    'X3937Y3937I630J0D01*',
    'M02*',
  ].join('\n');

  it('says their corners in millimetres, arcs as rounded corners, and what is cut out', async () => {
    const { body } = await read(edge).expect(200);
    expect(body).toMatchObject({ openLines: 0, isCut: false });
    const [shape, ...others] = body.shapes;
    expect(others).toEqual([]);
    const xs = shape.edge.map((corner: { xMm: number }) => corner.xMm);
    expect(Math.max(...xs)).toBeCloseTo(30, 1);
    const rounded = shape.edge.filter((corner: { radiusMm?: number }) => corner.radiusMm);
    expect(rounded).toHaveLength(1);
    expect(rounded[0].radiusMm).toBeCloseTo(2.54, 2);
    expect(shape.cutOuts).toHaveLength(1);
  });

  it('has every copy of a block that is repeated, and says where it is too much', async () => {
    const box = 'X0Y0D02*X20000D01*Y10000D01*X0D01*Y0D01*';
    const repeated = (times: number) =>
      `%FSLAX23Y23*%%MOMM*%%ADD10C,0.1*%D10*%SRX${times}Y1I30.0J0*%${box}%SR*%M02*`;
    const { body } = await read(repeated(3)).expect(200);
    expect(body.shapes).toHaveLength(3);
    const { body: refused } = await read(repeated(900)).expect(422);
    expect(refused.errors[0].message).toMatch(/more than 3000 lines/);
  });

  it('can be kept as it was read', async () => {
    const { body } = await read(edge).expect(200);
    const kitId = await makeKit(server, 'Shaped Lamp');
    const version = 1;
    const board = { ...emptyBoard(30, 20, 'printed'), shapes: body.shapes };
    await server.instructor.put(`/api/kits/${kitId}/board`).send({ version, board }).expect(200);
    const { body: kit } = await server.instructor.get(`/api/kits/${kitId}`).expect(200);
    expect(kit.board.shapes).toEqual(body.shapes);
  });

  it.each([
    ['nothing drawn', '%FSLAX24Y24*%%MOMM*%%ADD10C,0.5*%D10*M02*'],
    ['an open line', '%FSLAX24Y24*%%MOMM*%%ADD10C,0.5*%D10*X0Y0D02*X90000D01*M02*'],
    ['no Gerber at all', 'Place;X;Y'],
  ])('with %s is refused with the way out', async (_, text) => {
    const { body } = await read(text).expect(422);
    expect(body.errors[0]).toMatchObject({
      field: 'text',
      message: expect.stringMatching(/draw the outline/),
    });
  });
});

describe('columns of positions', () => {
  const path = '/api/remembered-positions';
  const headings = ['Teil', 'Quer', 'Hoch'];
  const mapping = { place: 0, x: 1, y: 2, rotation: -1, side: -1, span: -1 };
  const asked = async (names: readonly string[]) =>
    (await server.instructor.post(path).send({ headings: names }).expect(200)).body;

  it('are remembered by their headings, whatever their case', async () => {
    expect(await asked(headings)).toBeNull();
    await server.instructor.put(path).send({ headings, mapping }).expect(200);
    expect(await asked(['teil', 'QUER', 'Hoch'])).toEqual(mapping);
    expect(await asked(['teil', 'hoch'])).toBeNull();
  });

  it('are not those of parts lists', async () => {
    const { body } = await server.instructor.post('/api/remembered-mapping').send({ headings });
    expect(body).toBeNull();
  });

  it('that say nothing are refused with the field', async () => {
    const { body } = await server.instructor
      .put(path)
      .send({ headings, mapping: { ...mapping, x: 'two' } })
      .expect(422);
    expect(body.errors[0].field).toBe('mapping.x');
  });
});
