import ical from 'ical.js';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Seat, Workshop } from '#contract/workshops';
import { makeKit, makeWorkshop, type TestServer, testServer } from '../testing/testServer.ts';
import { speak } from '../words/speak.ts';
import { calendarOf } from './calendar/calendar.ts';

let server: TestServer;
let workshop: Workshop;

beforeAll(async () => {
  server = await testServer();
  workshop = await makeWorkshop(server, ['Tern', 'Skua', '']);
});

let version = 1;
/** Sends who sits where, as it was read last. */
const reseat = (change: (seat: Seat) => Partial<Seat>) => {
  const sent = server.instructor.put(`/api/workshops/${workshop.id}/seating`).send({
    version,
    seats: workshop.seats.map(({ id, name, experience, partner, ...seat }) => ({
      id,
      name,
      experience,
      partner,
      ...change({ id, name, experience, partner, ...seat }),
    })),
  });
  return {
    expect: async (status: number) => {
      const answer = await sent.expect(status);
      if (status === 200) version = answer.body.version;
      return answer;
    },
  };
};

describe('who sits where', () => {
  it('knows a learner by name from one workshop to the next, with the experience of the last time', async () => {
    await reseat(({ name }) => (name === 'Tern' ? { experience: 'practised' } : {})).expect(200);
    const next = await makeWorkshop(server, ['Knot', 'TERN']);
    const [knot, tern] = next.seats;
    expect(tern).toMatchObject({
      learnerId: workshop.seats[0]?.learnerId,
      experience: 'practised',
    });
    expect(knot?.learnerId).not.toBe(tern?.learnerId);
    expect(knot?.experience).toBe('new');
    expect(workshop.seats[2]).toMatchObject({ name: '', learnerId: null });
  });

  it('pairs seats with each other, and refuses a pair of which one half is with another', async () => {
    const partners: Record<number, number | null> = { 1: 3, 2: null, 3: 1 };
    const { body } = await reseat(({ number }) => ({ partner: partners[number] ?? null })).expect(
      200,
    );
    expect(body.seats.map(({ partner }: Seat) => partner)).toEqual([3, null, 1]);
    const wrong = await reseat(({ number }) => ({ partner: number === 1 ? 2 : null })).expect(422);
    expect(wrong.body.errors[0]).toMatchObject({ field: 'seats[0].partner' });
    const self = await reseat(({ number }) => ({ partner: number === 1 ? 1 : null })).expect(422);
    expect(self.body.errors[0].message).toMatch(/Pair each seat with one other/);
  });

  it('shows a new name on the seat at once', async () => {
    const [first] = workshop.seats;
    await server.instructor.get(`/api/seats/${first?.token}`).expect(200);
    await reseat(({ number }) => (number === 1 ? { name: 'Eider' } : {})).expect(200);
    const { body } = await server.instructor.get(`/api/seats/${first?.token}`);
    expect(body.name).toBe('Eider');
    await reseat(() => ({})).expect(200);
  });

  it('refuses two of one name, seats that are missing or others’, and an unknown experience', async () => {
    const twice = await reseat(() => ({ name: 'Tern' })).expect(422);
    expect(twice.body.detail).toMatch(/Two seats are called Tern. Add an initial/);
    await reseat(() => ({ experience: 'expert' as 'new' })).expect(422);
    const missing = await server.instructor
      .put(`/api/workshops/${workshop.id}/seating`)
      .send({ version, seats: [] })
      .expect(422);
    expect(missing.body.detail).toMatch(/Reload the page/);
    const kitId = await makeKit(server, 'Twice');
    await server.instructor
      .post('/api/workshops')
      .send({
        title: 'Twice',
        kitId,
        startsAt: '2026-03-05T18:30:00Z',
        lengthMinutes: 60,
        seats: [{ name: 'Ruff' }, { name: 'ruff' }],
      })
      .expect(422);
  });
});

describe('two who seat people at once', () => {
  it('do not undo each other’s work: the second is told', async () => {
    const own = await makeWorkshop(server, ['Dunlin', 'Plover']);
    const send = (name: string) =>
      server.instructor.put(`/api/workshops/${own.id}/seating`).send({
        version: own.version,
        seats: own.seats.map(({ id, experience, partner, number, ...seat }) => ({
          id,
          experience,
          partner,
          name: number === 1 ? name : seat.name,
        })),
      });
    const [one, other] = await Promise.all([send('Ada'), send('Bea')]);
    expect([one.status, other.status].sort()).toEqual([200, 409]);
    const { body } = await server.instructor.get(`/api/workshops/${own.id}`).expect(200);
    expect(body.seats[0].name).toBe(one.status === 200 ? 'Ada' : 'Bea');
    expect(body.version).toBe(own.version + 1);
  });
});

describe('the room’s checklist', () => {
  const path = () => `/api/workshops/${workshop.id}/checklist`;

  it('is signed by name and time, line by line; the first signature stays', async () => {
    const before = Date.now();
    await server.instructor.put(`${path()}/air`).send({ by: 'Eider' }).expect(200);
    const { body } = await server.instructor.put(`${path()}/air`).send({ by: 'Knot' }).expect(200);
    expect(body).toMatchObject([{ item: 'air', by: 'Eider' }]);
    expect(Date.parse(body[0].at)).toBeGreaterThanOrEqual(before - 1000);
    const gone = await server.instructor.delete(`${path()}/air`).expect(200);
    expect(gone.body).toEqual([]);
  });

  it('has the lines of this kit only, and wants a name', async () => {
    // The kit has LEDs, but no coin cell.
    await server.instructor.put(`${path()}/bright-leds`).send({ by: 'Eider' }).expect(200);
    await server.instructor.put(`${path()}/coin-cells`).send({ by: 'Eider' }).expect(404);
    const { body } = await server.instructor.put(`${path()}/air`).send({ by: '' }).expect(422);
    expect(body.errors).toMatchObject([{ field: 'by' }]);
  });
});

describe('the calendar file', () => {
  // Read by a reference parser of RFC 5545 from the registry (ical.js).
  it('is an event of the right time and length, with a reminder the day before', async () => {
    const { text, headers } = await server.instructor
      .get(`/api/workshops/${workshop.id}/calendar.ics`)
      .expect(200);
    expect(headers['content-type']).toMatch(/^text\/calendar/);
    const component = new ical.Component(ical.parse(text));
    const event = new ical.Event(component.getFirstSubcomponent('vevent') ?? component);
    expect(event.summary).toBe(workshop.title);
    expect(event.startDate.toJSDate().toISOString()).toBe(workshop.startsAt);
    expect(event.duration.toSeconds()).toBe(workshop.lengthMinutes * 60);
    expect(event.uid).toContain(workshop.id);
    expect(event.description).toMatch(/for 3 seats/);
    const alarm = event.component.getFirstSubcomponent('valarm');
    expect(String(alarm?.getFirstPropertyValue('trigger'))).toBe('-P1D');
    // RFC 5545, 3.1: lines end in CRLF and have at most 75 octets.
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  // RFC 5545, 3.3.11 (TEXT), 3.3.6 (DURATION), 3.1 (lines): written out by hand, not by the library that made it.
  it('escapes what has a meaning in it, whatever a title holds', async () => {
    const made = await server.instructor
      .post('/api/workshops')
      .send({
        title:
          'Lamps; wires, and \\ a slash: ünïcödé 🔧 and so on until the line is far too long for one',
        kitId: workshop.kitId,
        startsAt: '2026-03-05T18:30:00Z',
        lengthMinutes: 95,
        seats: [{ name: '' }],
      })
      .expect(200);
    const { text } = await server.instructor.get(`/api/workshops/${made.body.id}/calendar.ics`);
    const unfolded = text.replaceAll('\r\n ', '');
    expect(unfolded).toContain('SUMMARY:Lamps\\; wires\\, and \\\\ a slash: ünïcödé 🔧 and so');
    expect(unfolded).toContain('DESCRIPTION:Pack the bags: Lamps\\; wires\\, and');
    expect(unfolded).toContain('DURATION:PT1H35M\r\n');
    expect(unfolded).toContain('TRIGGER:-P1D\r\n');
    expect(unfolded).toMatch(/DTSTAMP:\d{8}T\d{6}Z\r\n/);
    expect(text).not.toMatch(/[^\r]\n|\r[^\n]/);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it('says when everybody will be done, of an evening to come, and of none that is over', async () => {
    const made = await server.instructor
      .post('/api/workshops')
      .send({
        title: 'To come',
        kitId: workshop.kitId,
        startsAt: new Date(Date.now() + 86_400_000).toISOString(),
        lengthMinutes: 95,
        seats: [{ name: '' }, { name: '' }],
      })
      .expect(200);
    const at = (id: string) => server.instructor.get(`/api/workshops/${id}/calendar.ics`);
    const unfolded = (text: string) => text.replaceAll('\r\n ', '');
    expect(unfolded((await at(made.body.id)).text)).toMatch(
      /Everybody done by .*: .* %\. The last one after about \d+ min \(\d+ to \d+\)/,
    );
    expect(unfolded((await at(workshop.id)).text)).not.toContain('Everybody done');
  });

  it('holds nothing that would be another line of it', () => {
    const evening = {
      id: workshop.id,
      title: 'T\r\nATTENDEE:x\rBEGIN:VALARM\u0000\u0007',
      kitName: 'K',
      startsAt: workshop.startsAt,
      lengthMinutes: 60,
      place: 'Room 2\r\nATTENDEE:mailto:x@example.org',
    } as Parameters<typeof calendarOf>[1];
    const lines = calendarOf(speak('en'), evening, [], 1, '', new Date(0)).split('\r\n');
    expect(lines.filter((line) => /^(ATTENDEE|BEGIN:VALARM)/.test(line))).toEqual(['BEGIN:VALARM']);
    // biome-ignore lint/suspicious/noControlCharactersInRegex: none of these may be left
    expect(lines.join('')).not.toMatch(/[\u0000-\u001f]/);
  });
});
