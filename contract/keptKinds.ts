import type { BuildEvent } from '#core/build/event';
import type { LookFirst } from '#core/faults/lookFirst';
import type { ClassData, FloorData } from './keptForms.ts';
import type { SeatPractice } from './practice.ts';
import type { Schema } from './schema.ts';
import type { SeatView } from './seats.ts';
import type { SessionState } from './session.ts';
import { changed, type StoredKind } from './storedForm.ts';
import type { Workshop } from './workshops.ts';

// What a device keeps for when the network is gone. What cannot be read any more is dropped: the server has it.

/** A kind whose schema comes only where something kept is read: a page that has its server need not wait for it. */
export interface KeptKind<T> extends Pick<StoredKind<T>, 'what' | 'upgrades'> {
  readonly schema: () => Promise<Schema<T>>;
}

const forms = () => import('./keptForms.ts');

export const keptSession: KeptKind<SessionState> = {
  what: 'Who is signed in',
  schema: async () => (await forms()).sessionForm,
  upgrades: [
    (older) => changed(older, (session) => ({ needsCode: false, ...session })),
    (older) =>
      changed(older, ({ helper = null, ...session }) => ({
        accountId: null,
        role: session.signedIn ? (helper === null ? 'instructor' : 'helper') : null,
        name: helper,
        logsAs: helper,
        needsName: false,
        ...session,
      })),
  ],
};

export const keptSeat: KeptKind<SeatView> = {
  what: 'The seat',
  schema: async () => (await forms()).seatForm,
  upgrades: [
    (older) => changed(older, (seat) => ({ opensAt: null, ...seat })),
    (older) =>
      changed(older, (seat) => ({
        kitDescription: '',
        kitPicture: null,
        partner: null,
        ...seat,
      })),
    (older) => changed(older, (seat) => ({ closedAt: null, partnerNumber: null, ...seat })),
  ],
};

/** What a device has heard of a log. */
export const keptEvents: KeptKind<readonly BuildEvent[]> = {
  what: 'The log',
  schema: async () => (await forms()).eventsForm,
  upgrades: [],
};

export const keptLookFirst: KeptKind<readonly LookFirst[]> = {
  what: 'What to look at first',
  schema: async () => (await forms()).lookFirstForm,
  upgrades: [],
};

export const keptPractice: KeptKind<SeatPractice> = {
  what: 'What is practised',
  schema: async () => (await forms()).practiceForm,
  upgrades: [(older) => changed(older, (practice) => ({ items: [], ...practice }))],
};

/**
 * Nothing is known beside what an older device had kept. Figures as they were stated when this form came, not asked of the
 * core: every page carries them.
 */
const plainPaces = {
  spread: { people: 0.246, steps: 0.34 },
  trouble: { joints: 0, troubles: 0, visits: 0, visitMinutes: 0 },
  widened: 1,
  judged: { count: 0, inRange: 0, inHalf: 0, minutesOff: null },
  conditions: null,
  conditionsVersion: 1,
};

const withOpenedAt = (older: unknown) =>
  changed(older, (workshop) => ({ openedAt: null, ...workshop }));
const withAbout = (older: unknown) =>
  changed(older, (workshop) => ({ place: '', notes: '', aboutVersion: 1, ...workshop }));
const withSetAside = (older: unknown) =>
  changed(older, (workshop) => ({ setAside: null, ...workshop }));

export const keptWorkshop: KeptKind<Workshop> = {
  what: 'The workshop',
  schema: async () => (await forms()).workshopForm,
  upgrades: [withOpenedAt, withAbout, withSetAside],
};

export const keptFloor: KeptKind<FloorData> = {
  what: 'The floor',
  schema: async () => (await forms()).floorForm,
  upgrades: [
    (older) =>
      changed(older, (floor) => ({
        ...floor,
        // What was learnt is learnt again when the server is there.
        paces: changed(floor.paces, (paces) => ({ ...plainPaces, ...paces })),
      })),
  ],
};

export const keptClass: KeptKind<ClassData> = {
  what: 'The class',
  schema: async () => (await forms()).classForm,
  upgrades: [
    (older) => changed(older, (all) => ({ ...all, workshop: withOpenedAt(all.workshop) })),
    (older) => changed(older, (all) => ({ ...all, workshop: withAbout(all.workshop) })),
    (older) => changed(older, (all) => ({ ...all, workshop: withSetAside(all.workshop) })),
  ],
};
