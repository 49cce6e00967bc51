import { describe, expect, it } from 'vitest';
import { spreadBefore } from '#core/pace/learnt/priors';
import {
  type KeptKind,
  keptClass,
  keptFloor,
  keptSeat,
  keptSession,
  keptWorkshop,
} from './keptKinds.ts';
import { fromStored } from './stored.ts';
import { storedText } from './storedForm.ts';

// What devices kept in earlier versions of Ozzet, as those versions wrote it.

/** What was kept, read as a page reads it. */
const read = async <T>(kind: KeptKind<T>, stored: unknown): Promise<T> =>
  fromStored({ ...kind, schema: await kind.schema() }, stored);

const heatTimes = { ordinary: 1.5, largePad: null, spokes: null, plane: null };
const seat = {
  seatId: 's1',
  number: 1,
  name: 'Tern',
  workshopTitle: 'First evening',
  kitName: 'Lamp',
  startsAt: '2026-03-05T18:30:00.000Z',
  steps: [],
  styles: ['lowest-first'],
  board: null,
  heatTimes,
  events: [],
  now: '2026-03-05T18:40:00.000Z',
};
const workshop = {
  id: 'w1',
  title: 'First evening',
  kitName: 'Lamp',
  revision: 1,
  startsAt: '2026-03-05T18:30:00.000Z',
  lengthMinutes: 120,
  kitId: 'k1',
  supplyVolt: 6,
  parts: [],
  steps: [],
  styles: ['lowest-first'],
  seats: [
    {
      id: 's1',
      number: 1,
      name: 'Tern',
      token: 'abc',
      learnerId: null,
      experience: 'new',
      partner: null,
    },
  ],
  version: 1,
  seatAddress: null,
  iron: { tip: 'chisel-16', celsius: 340, alloy: 'sn60pb40' },
  heatTimes,
};

describe('the floor, kept', () => {
  it('of 0.17.0, with what was learnt since then not known', async () => {
    const log = { events: [], now: '2026-03-05T18:40:00.000Z' };
    const paces = { workshops: 1, count: 20, kinds: [], learners: [] };
    const { paces: read1 } = await read(keptFloor, { log, paces });
    expect(read1).toMatchObject({ ...paces, widened: 1, conditions: null });
    // The stated spreads, as the core states them.
    expect(read1.spread.people).toBeCloseTo(spreadBefore.people, 2);
    expect(read1.spread.steps).toBeCloseTo(spreadBefore.steps, 2);
  });
});

describe('who is signed in, kept', () => {
  const staff = { signedIn: true, needsSetup: false };
  it.each([
    ['0.1.0, the instructor', { ...staff, helper: null }, 'instructor', null],
    ['0.1.0, a helper', { ...staff, helper: 'Knot' }, 'helper', 'Knot'],
    ['0.3.0, a helper', { ...staff, helper: 'Knot', needsCode: false, v: 2 }, 'helper', 'Knot'],
    [
      '0.3.0, nobody',
      { ...staff, signedIn: false, helper: null, needsCode: false, v: 2 },
      null,
      null,
    ],
  ])('by %s', async (_, old, role, logsAs) => {
    expect(await read(keptSession, old)).toEqual({
      signedIn: old.signedIn,
      accountId: null,
      role,
      name: logsAs,
      logsAs,
      needsSetup: false,
      needsCode: false,
      needsName: false,
    });
  });

  it('by today comes back as it was', async () => {
    const now = {
      signedIn: true,
      accountId: 'a1',
      role: 'instructor' as const,
      name: 'Ida',
      logsAs: 'Ida',
      needsSetup: false,
      needsCode: false,
      needsName: true,
    };
    expect(await read(keptSession, JSON.parse(storedText(keptSession, now)))).toEqual(now);
  });
});

describe('an evening, kept by 0.3.0', () => {
  it('is a seat that is open', async () => {
    for (const old of [seat, { ...seat, v: 1 }]) {
      expect(await read(keptSeat, old)).toEqual({
        ...seat,
        opensAt: null,
        kitDescription: '',
        kitPicture: null,
        partner: null,
        partnerNumber: null,
        closedAt: null,
      });
    }
  });

  it('is a workshop that nobody opened early, and whose place and notes nobody said', async () => {
    const since = { openedAt: null, place: '', notes: '', aboutVersion: 1, setAside: null };
    expect(await read(keptWorkshop, { ...workshop, v: 1 })).toEqual({ ...workshop, ...since });
    const log = { events: [], now: seat.now };
    expect(await read(keptClass, { workshop, log, v: 1 })).toEqual({
      workshop: { ...workshop, ...since },
      log,
    });
  });
});
