import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { textOf } from '../testing/pdf.ts';
import { makeKit, makeWorkshop, sent, type TestServer, testServer } from '../testing/testServer.ts';

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
const at = '2026-03-05T18:50:00.000Z';
// Some are none on purpose.
const logged = (index: number, deed: object) => ({
  ...sent(seat(index).id, { kind: 'greeted' }, at),
  ...deed,
});
const fromSeat = (index: number, deed: object) =>
  request(server.app)
    .post(`/api/seats/${seat(index).token}/events`)
    .send({ events: [logged(index, deed)] });
const fromFloor = (index: number, deed: object) =>
  server.instructor
    .post(`/api/workshops/${workshop.id}/seats/${seat(index).id}/events`)
    .send({ events: [logged(index, deed)] });
const kindsAtSeat = async (index: number) =>
  (
    await request(server.app)
      .get(`/api/seats/${seat(index).token}`)
      .expect(200)
  ).body.events.map(({ event }: { event: { kind: string } }) => event.kind);

describe('the evening of a learner', () => {
  it('begins with what the seat is told of kit and partner', async () => {
    const seats = workshop.seats.map(({ id, name, experience, number }) => ({
      id,
      name,
      experience,
      partner: 3 - number,
    }));
    await server.instructor
      .put(`/api/workshops/${workshop.id}/seating`)
      .send({ version: workshop.version, seats })
      .expect(200);
    const { body } = await request(server.app)
      .get(`/api/seats/${seat(0).token}`)
      .expect(200);
    expect(body).toMatchObject({ partner: 'Skua', kitDescription: '', kitPicture: null });
  });

  it('is logged by the seat itself: met, something missing, how it was', async () => {
    await fromSeat(0, { kind: 'greeted' }).expect(200);
    await fromSeat(0, {
      kind: 'part-missing',
      stepId: 'solder-R1-R2',
      designators: ['R2'],
    }).expect(200);
    await fromSeat(0, { kind: 'feedback', face: 3, text: 'Tern liked it' }).expect(200);
    expect(await kindsAtSeat(0)).toEqual(['greeted', 'part-missing', 'feedback']);
  });

  it.each([
    [{ kind: 'feedback', face: 4, text: '' }, 'face'],
    [{ kind: 'feedback', face: 2, text: 'x'.repeat(501) }, 'text'],
    [{ kind: 'part-missing', stepId: 'solder-R1-R2', designators: [''] }, 'designators'],
    [{ kind: 'note', text: '' }, 'text'],
  ])('refuses %j by its field', async (deed, field) => {
    const { body } = await fromFloor(0, deed).expect(422);
    expect(JSON.stringify(body.errors)).toContain(field);
  });
});

describe('a note of staff', () => {
  it('is on the floor, and never at the seat', async () => {
    await fromFloor(1, { kind: 'note', text: 'Works left-handed' }).expect(200);
    expect(await kindsAtSeat(1)).not.toContain('note');
    const log = (await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200)).text;
    expect(log).toContain('Works left-handed');
  });

  it('cannot be written by a seat', async () => {
    await fromSeat(1, { kind: 'note', text: 'Mine' }).expect(403);
  });
});

describe('an entry that was put right', () => {
  const happenedAt = '2026-03-05T18:40:00.000Z';
  const post = (entry: object) =>
    server.instructor
      .post(`/api/workshops/${workshop.id}/seats/${seat(0).id}/events`)
      .send({ events: [entry] });
  const amend = (amends: string, deed: object) =>
    fromFloor(0, { kind: 'amended', amends, deed, happenedAt });

  it('is told to the seat, but not what a note was put right to', async () => {
    const note = logged(0, { kind: 'note', text: 'Needs glasses' });
    const seen = logged(0, { kind: 'checked-good', stepId: 'solder-R1-R2' });
    await post(note).expect(200);
    await post(seen).expect(200);
    await amend(note.id, { kind: 'note', text: 'Needs a lamp' }).expect(200);
    expect(await kindsAtSeat(0)).not.toContain('amended');
    await amend(seen.id, { kind: 'checked-good', stepId: 'solder-R1-R2' }).expect(200);
    expect((await kindsAtSeat(0)).at(-1)).toBe('amended');
  });

  it('stays what it is, at a step that there is, and is put right by staff', async () => {
    const seen = logged(0, { kind: 'checked-good', stepId: 'solder-R1-R2' });
    await post(seen).expect(200);
    await amend(seen.id, { kind: 'note', text: 'Looked at' }).expect(422);
    const { body } = await amend(seen.id, { kind: 'checked-good', stepId: 'none' }).expect(422);
    expect(JSON.stringify(body.errors)).toContain('deed.stepId');
    await amend(seen.id, { kind: 'step-done', stepId: 'solder-R1-R2' }).expect(422);
    await amend(logged(0, {}).id, { kind: 'praise', stepId: 'solder-R1-R2' }).expect(422);
    const deed = { kind: 'checked-good', stepId: 'solder-R1-R2' };
    await fromSeat(0, { kind: 'amended', amends: seen.id, deed, happenedAt }).expect(403);
  });
});

describe('the sheet to take home', () => {
  it('says what is known of the kit, and that nobody has checked what nobody has', async () => {
    const answer = await request(server.app)
      .get(`/api/seats/${seat(0).token}/take-home.pdf`)
      .buffer()
      .expect(200);
    expect(answer.headers['content-type']).toBe('application/pdf');
    const text = textOf(answer.body).replace(/\s+/g, ' ');
    expect(text).toContain('Made by Tern');
    expect(text).toContain('No check of the joints by an instructor is recorded.');
    expect(text).toContain('R1, R2');
    expect(text).toContain('Never connect it to the mains.');
    await fromFloor(0, { kind: 'step-done', stepId: 'solder-R1-R2' }).expect(200);
    await fromFloor(0, { kind: 'checked-good', stepId: 'solder-R1-R2' }).expect(200);
    const later = await request(server.app)
      .get(`/api/seats/${seat(0).token}/take-home.pdf?lang=de`)
      .buffer()
      .expect(200);
    expect(textOf(later.body).replace(/\s+/g, ' ')).toContain(
      'Die Kursleitung hat die Lötstellen von 1 von 1 Lötschritten geprüft.',
    );
  });

  it('is not for a link that opens nothing', async () => {
    await request(server.app).get('/api/seats/token-of-nobody-1/take-home.pdf').expect(404);
  });
});

describe('erasing a person', () => {
  it('takes away what they said, what was written about them, and their name in messages', async () => {
    await fromFloor(0, { kind: 'note', text: 'Needs a break at eight' }).expect(200);
    await fromFloor(1, {
      kind: 'message',
      message: '01900000-0000-7000-8000-0000000000aa',
      sort: 'hint',
      text: 'Ask Tern about the LED',
    }).expect(200);
    await server.instructor.delete(`/api/people/${seat(0).learnerId}`).expect(200);
    const log = (await server.instructor.get(`/api/workshops/${workshop.id}/log`).expect(200)).text;
    for (const gone of ['Tern', 'Needs a break', 'Needs a lamp', 'liked it'])
      expect(log).not.toContain(gone);
    // What is about somebody else stays.
    expect(log).toContain('Works left-handed');
  });
});

describe('the sheet to take home of another kit', () => {
  const sheetOf = async (csv: string, name: string) => {
    const kitId = await makeKit(server, name, csv);
    const made = await server.instructor
      .post('/api/workshops')
      .send({
        title: name,
        kitId,
        startsAt: '2026-03-05T18:30:00Z',
        lengthMinutes: 90,
        seats: [{ name: '' }],
      })
      .expect(200);
    const { seats } = (await server.instructor.get(`/api/workshops/${made.body.id}`)).body;
    const { body } = await request(server.app)
      .get(`/api/seats/${seats[0].token}/take-home.pdf`)
      .buffer()
      .expect(200);
    return textOf(body).replace(/\s+/g, ' ');
  };

  it('speaks of a battery only where the list has one', async () => {
    const clock = await sheetOf(
      'Ref,Qty,Part,Value\nR1,1,resistor,470\nJ1,1,DC jack,\n',
      'By plug',
    );
    expect(clock).not.toMatch(/battery/i);
    expect(clock).toContain('Unplug it before you solder');
    const lamp = await sheetOf(
      'Ref,Qty,Part,Value\nR1,1,resistor,470\nB1,1,battery clip 9V,\n',
      'By clip',
    );
    expect(lamp).toContain('Take the battery out before you solder');
  });

  it('sends nobody to look for a fault where the voltage can hurt', async () => {
    const tubes = await sheetOf(
      'Ref,Qty,Part,Value\nR1,1,resistor,22k\nN1,1,nixie tube,IN-12\nT1,1,mains transformer 230V,\n',
      'Tubes',
    );
    expect(tubes).toContain('This board can hurt you');
    expect(tubes).toContain('do not look for the fault at home');
    expect(tubes).not.toContain('look at the joints');
  });
});
