import * as yup from 'yup';
import type { BuildEvent } from '#core/build/event';
import type { HeatTimes } from '#core/joint/heat/iron';
import type { PracticeKit } from '#core/learning/drills/drill';
import { mistakeIds } from '#core/learning/mistakes/ids';
import type { PracticeAnswer } from '#core/learning/practice/answers';
import type { TimedSlip } from '#core/learning/practice/weaknesses';
import { styleIds } from '#core/order/styles/ids';
import { experiences } from '#core/pace/experience';
import type { Pace } from '#core/pace/learnt/priors';
import { boardSchema } from './board.ts';
import {
  buildEventSchema,
  type SentEvent,
  sentEventSchema,
  streamedEventSchema,
} from './events.ts';
import { flag, number } from './leaves.ts';
import type { LearntOf, LearntPaces } from './pace.ts';
import { partSchema } from './parts.ts';
import type { SeatPractice } from './practice.ts';
import { roles } from './roles.ts';
import { anything, leaf, list, nullable, oneOf, optional, record, type Schema } from './schema.ts';
import type { SeatView } from './seats.ts';
import type { SessionState } from './session.ts';
import { planSchema } from './steps.ts';
import { changed, type StoredKind } from './stored.ts';
import { ironSchema, type Seat, type Workshop, type WorkshopLog } from './workshops.ts';

// What a device keeps for when the network is gone. What cannot be read any more is dropped: the server has it.

const text = leaf(yup.string().strict().defined());

const heatTimes: Schema<HeatTimes> = record<HeatTimes>({
  ordinary: nullable(number),
  largePad: nullable(number),
  spokes: nullable(number),
  plane: nullable(number),
});

const styles = list(oneOf(styleIds));

const keptAs = <T>(
  what: string,
  schema: Schema<T>,
  upgrades: StoredKind<T>['upgrades'] = [],
): StoredKind<T> => ({ what, schema, upgrades });

export const keptSession: StoredKind<SessionState> = {
  what: 'Who is signed in',
  schema: record<SessionState>({
    signedIn: flag,
    accountId: nullable(text),
    role: nullable(oneOf(roles)),
    name: nullable(text),
    logsAs: nullable(text),
    needsSetup: flag,
    needsCode: flag,
    needsName: flag,
  }),
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

export const keptSeat = keptAs(
  'The seat',
  record<SeatView>({
    seatId: text,
    number,
    name: text,
    workshopTitle: text,
    kitName: text,
    startsAt: text,
    opensAt: nullable(text),
    steps: planSchema,
    styles,
    board: nullable(boardSchema),
    heatTimes,
    events: list(streamedEventSchema),
    now: text,
  }),
  [(older) => changed(older, (seat) => ({ opensAt: null, ...seat }))],
);

/** What a device has heard of a log. */
export const keptEvents: StoredKind<readonly BuildEvent[]> = keptAs(
  'The log',
  list(buildEventSchema),
);

/** What a device has recorded and the server has not acknowledged. */
export const keptSentEvent: StoredKind<SentEvent> = keptAs('An entry', sentEventSchema);

/** An entry that the server did not take, with what it said. */
export interface SetAside {
  readonly event: SentEvent;
  readonly reason: string;
}
export const keptSetAside: StoredKind<SetAside> = keptAs(
  'An entry set aside',
  record<SetAside>({ event: sentEventSchema, reason: text }),
);

export const keptPractice = keptAs(
  'What is practised',
  record<SeatPractice>({
    kitName: text,
    kit: record<PracticeKit>({ parts: list(partSchema), board: nullable(boardSchema), styles }),
    earlier: list(
      record<PracticeAnswer>({
        eventId: text,
        item: leaf(yup.string<PracticeAnswer['item']>().strict().defined()),
        seed: number,
        answer: anything(yup.mixed().nullable()),
        isRight: nullable(flag),
        credit: number,
        at: text,
        round: optional(text),
      }),
    ),
    slips: list(
      record<TimedSlip>({ mistake: oneOf(mistakeIds), parts: list(partSchema), at: text }),
    ),
  }),
);

const workshopSchema: Schema<Workshop> = record<Workshop>({
  id: text,
  title: text,
  kitName: text,
  revision: number,
  startsAt: text,
  lengthMinutes: number,
  kitId: text,
  supplyVolt: nullable(number),
  parts: list(partSchema),
  steps: planSchema,
  styles,
  seats: list(
    record<Seat>({
      id: text,
      number,
      name: text,
      token: nullable(text),
      learnerId: nullable(text),
      experience: oneOf(experiences),
      partner: nullable(number),
    }),
  ),
  version: number,
  openedAt: nullable(text),
  seatAddress: nullable(text),
  iron: ironSchema,
  heatTimes,
});

const withOpenedAt = (older: unknown) =>
  changed(older, (workshop) => ({ openedAt: null, ...workshop }));

export const keptWorkshop = keptAs('The workshop', workshopSchema, [withOpenedAt]);

const logSchema: Schema<WorkshopLog> = record<WorkshopLog>({
  events: list(streamedEventSchema),
  now: text,
});

const learntOf: Schema<readonly LearntOf[]> = list(
  record<LearntOf>({
    id: text,
    pace: record<Pace>({ logMean: number, logSd: number }),
    count: number,
  }),
);

/** What the floor shows. */
export interface FloorData {
  readonly log: WorkshopLog;
  readonly paces: LearntPaces;
}

export const keptFloor = keptAs(
  'The floor',
  record<FloorData>({
    log: logSchema,
    paces: record<LearntPaces>({
      workshops: number,
      count: number,
      kinds: learntOf,
      learners: learntOf,
    }),
  }),
);

/** What a question to the whole class needs. */
export interface ClassData {
  readonly workshop: Workshop;
  readonly log: WorkshopLog;
}

export const keptClass = keptAs(
  'The class',
  record<ClassData>({ workshop: workshopSchema, log: logSchema }),
  [(older) => changed(older, (all) => ({ ...all, workshop: withOpenedAt(all.workshop) }))],
);
