import * as yup from 'yup';
import type { BuildEvent } from '#core/build/event';
import { lookAts } from '#core/faults/kinds/ids';
import type { LookFirst } from '#core/faults/lookFirst';
import type { HeatTimes } from '#core/joint/heat/iron';
import type { PracticeKit } from '#core/learning/drills/drill';
import { mistakeIds } from '#core/learning/mistakes/ids';
import type { PracticeAnswer } from '#core/learning/practice/answers';
import type { ItemTally } from '#core/learning/practice/difficulty';
import type { TimedSlip } from '#core/learning/practice/weaknesses';
import { styleIds } from '#core/order/styles/ids';
import { experiences } from '#core/pace/experience';
import type { Pace, Spread } from '#core/pace/learnt/priors';
import type { TroubleSeen } from '#core/pace/learnt/trouble';
import { boardSchema } from './board.ts';
import { conditionsSchema } from './conditions.ts';
import { buildEventSchema, streamedEventSchema } from './events.ts';
import { faultDictionarySchema } from './faultForm.ts';
import { flag, number } from './leaves.ts';
import type { LearntOf, LearntPaces } from './pace.ts';
import { partSchema } from './parts.ts';
import type { KeptPicture } from './pictures.ts';
import type { SeatPractice } from './practice.ts';
import { roles } from './roles.ts';
import { anything, leaf, list, nullable, oneOf, optional, record, type Schema } from './schema.ts';
import type { SeatView } from './seats.ts';
import type { SessionState } from './session.ts';
import { planSchema } from './steps.ts';
import { ironSchema, type Seat, setAsides, type Workshop, type WorkshopLog } from './workshops.ts';

// What is kept on a device must be this; see keptKinds.ts. Loaded only where something kept is read.

const text = leaf(yup.string().strict().defined());

const heatTimes: Schema<HeatTimes> = record<HeatTimes>({
  ordinary: nullable(number),
  largePad: nullable(number),
  spokes: nullable(number),
  plane: nullable(number),
});

const styles = list(oneOf(styleIds));

export const sessionForm: Schema<SessionState> = record<SessionState>({
  signedIn: flag,
  accountId: nullable(text),
  role: nullable(oneOf(roles)),
  name: nullable(text),
  logsAs: nullable(text),
  needsSetup: flag,
  needsCode: flag,
  needsName: flag,
});

export const seatForm: Schema<SeatView> = record<SeatView>({
  seatId: text,
  number,
  name: text,
  workshopTitle: text,
  kitName: text,
  kitDescription: text,
  kitPicture: nullable(record<KeptPicture>({ hash: text, alt: text })),
  partner: nullable(text),
  partnerNumber: nullable(number),
  startsAt: text,
  opensAt: nullable(text),
  closedAt: nullable(text),
  steps: planSchema,
  styles,
  board: nullable(boardSchema),
  heatTimes,
  events: list(streamedEventSchema),
  now: text,
});

export const eventsForm: Schema<readonly BuildEvent[]> = list(buildEventSchema);

export const lookFirstForm: Schema<readonly LookFirst[]> = list(
  record<LookFirst>({ at: oneOf(lookAts), place: text }),
);

export const practiceForm: Schema<SeatPractice> = record<SeatPractice>({
  kitName: text,
  kit: record<PracticeKit>({
    parts: list(partSchema),
    board: nullable(boardSchema),
    styles,
    faults: optional(faultDictionarySchema),
  }),
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
  slips: list(record<TimedSlip>({ mistake: oneOf(mistakeIds), parts: list(partSchema), at: text })),
  items: list(record<ItemTally>({ item: text, right: number, of: number })),
});

export const workshopForm: Schema<Workshop> = record<Workshop>({
  id: text,
  title: text,
  kitName: text,
  revision: number,
  startsAt: text,
  lengthMinutes: number,
  setAside: nullable(oneOf(setAsides)),
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
  place: text,
  notes: text,
  aboutVersion: number,
  version: number,
  openedAt: nullable(text),
  seatAddress: nullable(text),
  iron: ironSchema,
  heatTimes,
});

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

export const floorForm: Schema<FloorData> = record<FloorData>({
  log: logSchema,
  paces: record<LearntPaces>({
    workshops: number,
    count: number,
    kinds: learntOf,
    learners: learntOf,
    spread: record<Spread>({ people: number, steps: number }),
    trouble: record<TroubleSeen>({
      joints: number,
      troubles: number,
      visits: number,
      visitMinutes: number,
    }),
    widened: number,
    judged: record<LearntPaces['judged']>({
      count: number,
      inRange: number,
      inHalf: number,
      minutesOff: nullable(number),
    }),
    conditions: nullable(conditionsSchema),
    conditionsVersion: number,
  }),
});

/** What a question to the whole class needs. */
export interface ClassData {
  readonly workshop: Workshop;
  readonly log: WorkshopLog;
}

export const classForm: Schema<ClassData> = record<ClassData>({
  workshop: workshopForm,
  log: logSchema,
});
