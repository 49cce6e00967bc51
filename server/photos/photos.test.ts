import { unzipSync } from 'fflate';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mostOwnPhotos } from '#contract/photos';
import type { Workshop } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import { makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';
import { deleteTakenBack } from './queries.ts';

// A JPEG begins with FF D8 FF (ISO/IEC 10918-1, from memory); what follows is read by nobody here.
const jpeg = (text: string) =>
  `data:image/jpeg;base64,${Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.from(text)]).toString('base64')}`;

let server: TestServer;
let workshop: Workshop;
beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server, ['Tern', 'Skua']);
});
afterAll(() => server.db.close());

const seat = (index: number) => {
  const found = workshop.seats[index];
  if (!found) throw new Error('no such seat');
  return found;
};
const ofStaff = (index: number, id: string) =>
  `/api/workshops/${workshop.id}/seats/${seat(index).id}/photos/${id}`;
const ofSeat = (index: number, id: string) => `/api/seats/${seat(index).token}/photos/${id}`;
const log = (index: number, ...deeds: Deed[]) =>
  server.instructor
    .post(`/api/workshops/${workshop.id}/seats/${seat(index).id}/events`)
    .send({ events: deeds.map((deed) => sent(seat(index).id, deed)) });

describe('a photo of a learner’s board', () => {
  it('is kept once, and shown to staff and at the seat, and at no other', async () => {
    const id = newId();
    for (let time = 0; time < 2; time += 1)
      await request(server.app)
        .put(ofSeat(0, id))
        .send({ image: jpeg('board') })
        .expect(200);
    const shown = await request(server.app).get(ofSeat(0, id)).expect(200);
    expect(shown.headers['content-type']).toContain('image/jpeg');
    expect(shown.headers['cache-control']).toBe('no-store');
    await server.instructor.get(ofStaff(0, id)).expect(200);
    await request(server.app).get(ofSeat(1, id)).expect(404);
    await server.instructor.get(ofStaff(1, id)).expect(404);
  });

  it.each([
    ['what is no JPEG', { image: 'data:image/jpeg;base64,AAAA' }],
    ['another kind of picture', { image: jpeg('x').replace('jpeg', 'png') }],
    ['nothing', {}],
    ['one that is too large', { image: jpeg('x'.repeat(1_100_000)) }],
  ])('refuses %s', async (_, body) => {
    const { body: problem } = await server.instructor
      .put(ofStaff(0, newId()))
      .send(body)
      .expect(422);
    expect(problem.errors[0].field).toBe('image');
  });

  it('comes from a learner’s device so often and no more', async () => {
    const put = () =>
      request(server.app)
        .put(ofSeat(1, newId()))
        .send({ image: jpeg('x') });
    for (let count = 0; count < mostOwnPhotos; count += 1) await put().expect(200);
    const { body } = await put().expect(422);
    expect(body.errors[0].message).toContain(String(mostOwnPhotos));
    await server.instructor
      .put(ofStaff(1, newId()))
      .send({ image: jpeg('x') })
      .expect(200);
  });
});

it('is neither shown nor taken by a link that ended with its evening', async () => {
  const { id: evening, seats } = await makeWorkshop(server, ['Ruff']);
  const photo = newId();
  const path = `/api/seats/${seats[0]?.token}/photos/${photo}`;
  await request(server.app)
    .put(path)
    .send({ image: jpeg('mine') })
    .expect(200);
  await server.instructor
    .put(`/api/workshops/${evening}/closing`)
    .send({ isClosed: true, linksEnd: true })
    .expect(200);
  await server.db.query(`update workshop set closed_at = '2026-03-05T18:45:00Z' where id = $1`, [
    evening,
  ]);
  await request(server.app).get(path).expect(410);
  await request(server.app)
    .put(path)
    .send({ image: jpeg('more') })
    .expect(410);
  await server.instructor
    .get(`/api/workshops/${evening}/seats/${seats[0]?.id}/photos/${photo}`)
    .expect(200);
});

describe('what the log says of photos', () => {
  it('takes those of mistakes from staff only, and of a mistake only', async () => {
    const mistake = sent(seat(0).id, {
      kind: 'mistake',
      stepId: 'solder-R1-R2',
      mistake: 'dry-joint',
    });
    const before: Deed = { kind: 'photo', photo: newId(), of: 'before', mistake: mistake.id };
    await request(server.app)
      .post(`/api/seats/${seat(0).token}/events`)
      .send({ events: [mistake, sent(seat(0).id, before)] })
      .expect(403);
    await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat(0).id}/events`)
      .send({ events: [mistake, sent(seat(0).id, before)] })
      .expect(200);
    const visit = sent(seat(0).id, { kind: 'visit', answers: [] });
    await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat(0).id}/events`)
      .send({ events: [visit, sent(seat(0).id, { ...before, mistake: visit.id })] })
      .expect(422);
  });

  it('keeps only what an entry shows, a day later', async () => {
    const [shown, takenBack, forgotten] = [newId(), newId(), newId()];
    for (const id of [shown, takenBack, forgotten])
      await server.instructor
        .put(ofStaff(0, id))
        .send({ image: jpeg(id) })
        .expect(200);
    const entry = sent(seat(0).id, { kind: 'photo', photo: takenBack, of: 'board' });
    await log(0, { kind: 'photo', photo: shown, of: 'board' }).expect(200);
    await server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat(0).id}/events`)
      .send({ events: [entry, sent(seat(0).id, { kind: 'undo', undoes: entry.id })] })
      .expect(200);
    await deleteTakenBack(server.db);
    await server.instructor.get(ofStaff(0, forgotten)).expect(200);
    await server.db.query(`update seat_photo set kept_at = kept_at - interval '2 days'`);
    await deleteTakenBack(server.db);
    await server.instructor.get(ofStaff(0, shown)).expect(200);
    await server.instructor.get(ofStaff(0, takenBack)).expect(404);
    await server.instructor.get(ofStaff(0, forgotten)).expect(404);
  });

  it('is exported with the person, and erased with them', async () => {
    const id = newId();
    await server.instructor
      .put(ofStaff(1, id))
      .send({ image: jpeg('mine') })
      .expect(200);
    const { learnerId } = seat(1);
    const { body } = await server.instructor
      .get(`/api/people/${learnerId}/photos.zip`)
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response.on('data', (chunk: Buffer) => chunks.push(chunk));
        response.on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200);
    const files = unzipSync(new Uint8Array(body));
    expect(Object.keys(files)).toContain(`${id}.jpg`);
    expect(JSON.parse(Buffer.from(files['photos.json'] ?? []).toString())).toContainEqual(
      expect.objectContaining({ file: `${id}.jpg`, workshop: 'A test evening' }),
    );
    await server.instructor.delete(`/api/people/${learnerId}`).expect(200);
    expect(
      await server.db.query('select id from seat_photo where seat_id = $1', [seat(1).id]),
    ).toEqual([]);
  });
});
