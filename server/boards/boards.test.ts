import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.db.close());

const draw = (text: string) => server.instructor.post('/api/kits/gerber-picture').send({ text });

describe('a Gerber layer as a picture', () => {
  // A line of 0.2 mm from (0, 0) to (20, 10) mm, by the published format RS-274X.
  const layer =
    '%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nX0Y0D02*\nX20000000Y10000000D01*\nM02*\n';

  it('is drawn to scale', async () => {
    const { body } = await draw(layer).expect(200);
    expect(body.widthMm).toBeCloseTo(20.2, 3);
    expect(body.heightMm).toBeCloseTo(10.2, 3);
    const svg = Buffer.from(body.image.split(',')[1], 'base64').toString();
    expect(svg).toMatch(/^<svg/);
  });

  it.each(['', 'not a gerber file', 'D10*'])('“%s” is refused with the way out', async (text) => {
    const answer = await draw(text);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({
      field: 'text',
      message: expect.stringMatching(/Choose/),
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
