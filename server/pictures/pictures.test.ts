import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeKit, type TestServer, testServer } from '../testing/testServer.ts';

let server: TestServer;
let kitId: string;
beforeAll(async () => {
  server = await testServer();
  kitId = await makeKit(server, 'Pictured Lamp');
});
afterAll(() => server.db.close());

const png =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==';
/** SHA-256 of those bytes, by `sha256sum`. */
const hash = '497790947d4666760ce38f3c00e852c71fdb66cae849bae8e9ede352719e1581';
const put = (purpose: string, body: object, id = kitId) =>
  server.instructor.put(`/api/kits/${id}/pictures/${purpose}`).send(body);
const kept = async () =>
  Number((await server.db.query<{ n: number }>('select count(*)::int as n from picture'))[0]?.n);

describe('pictures of a kit', () => {
  it('are kept once for their content, and sent to be kept for ever', async () => {
    await put('card', { image: png, alt: 'A lamp' }).expect(200, { hash });
    await put('sheet', { image: png, alt: '' }).expect(200);
    expect(await kept()).toBe(1);
    const { body } = await server.instructor.get(`/api/kits/${kitId}`).expect(200);
    expect(body.about.pictures).toEqual({
      card: { hash, alt: 'A lamp' },
      sheet: { hash, alt: '' },
    });
    const file = await server.instructor.get(`/api/pictures/${hash}`).expect(200);
    expect(file.headers['content-type']).toBe('image/png');
    expect(file.headers['cache-control']).toContain('immutable');
    expect(`data:image/png;base64,${file.body.toString('base64')}`).toBe(png);
  });

  it('stand on the card, go along with a copy, and are gone when nobody shows them', async () => {
    const { body: kits } = await server.instructor.get('/api/kits').expect(200);
    expect(kits.find(({ id }: { id: string }) => id === kitId).picture).toEqual({
      hash,
      alt: 'A lamp',
    });
    const { body: copy } = await server.instructor
      .post(`/api/kits/${kitId}/copies`)
      .send({ name: 'Pictured Lamp too' })
      .expect(200);
    for (const purpose of ['card', 'sheet'])
      await server.instructor.delete(`/api/kits/${kitId}/pictures/${purpose}`).expect(200);
    expect(await kept()).toBe(1);
    for (const purpose of ['card', 'sheet'])
      await server.instructor.delete(`/api/kits/${copy.id}/pictures/${purpose}`).expect(200);
    expect(await kept()).toBe(0);
    await server.instructor.delete(`/api/kits/${kitId}/pictures/card`).expect(404);
    await server.instructor.get(`/api/pictures/${hash}`).expect(404);
  });

  it('of steps stay with their kit and its copy, and open for a seat without signing in', async () => {
    const sent = await server.instructor
      .post(`/api/kits/${kitId}/step-pictures`)
      .send({ image: png })
      .expect(200, { hash });
    expect(sent.body.hash).toBe(hash);
    await request(server.app).get(`/api/pictures/${hash}`).expect(200);
    await server.instructor
      .post(`/api/kits/${kitId}/copies`)
      .send({ name: 'Pictured Lamp, steps' })
      .expect(200);
    const shown = await server.db.query('select kit_id from kit_step_picture');
    expect(shown).toHaveLength(2);
    // A picture that goes from the card stays where a step shows it.
    await put('card', { image: png, alt: '' }).expect(200);
    await server.instructor.delete(`/api/kits/${kitId}/pictures/card`).expect(200);
    await request(server.app).get(`/api/pictures/${hash}`).expect(200);
    await server.db.query('delete from kit_step_picture');
    await server.db.query('delete from picture');
  });

  it('that are none are refused, and nothing is kept', async () => {
    for (const image of [
      'data:image/svg+xml;base64,PHN2Zy8+',
      'data:image/jpeg;base64,PHNjcmlwdD4=',
      'https://elsewhere.example/picture.png',
      '',
    ]) {
      const { body } = await put('card', { image, alt: '' }).expect(422);
      expect(body.errors[0].field).toBe('image');
    }
    await put('card', { image: `data:image/png;base64,${'A'.repeat(2_000_100)}`, alt: '' }).expect(
      (response) => {
        expect([413, 422]).toContain(response.status);
      },
    );
    await put('cover', { image: png, alt: '' }).expect(404);
    await put('card', { image: png, alt: '' }, '00000000-0000-4000-8000-000000000000').expect(404);
    expect(await kept()).toBe(0);
  });
});
