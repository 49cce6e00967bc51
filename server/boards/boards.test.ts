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
