import * as yup from 'yup';
import type { Amended, Author, Deed, DeedKind } from '#core/build/event';
import { faces, helpAbouts, longestBreak, messageSorts, photoSubjects } from '#core/build/event';
import type { AtSeats, LoggedEvent } from '#core/build/together';
import { mistakeIds } from '#core/learning/mistakes/ids';
import { said } from '#core/learning/said';
import { openOhm } from '#core/order/checks/readings';
import { mostRepeats } from '#core/order/own/measure';
import { flag, isTime, trimmed, trimmedOrEmpty, uuid, wholeNumber } from './leaves.ts';
import {
  anything,
  fields,
  leaf,
  list,
  literal,
  oneOf,
  oneOfKind,
  oneOfNumbers,
  optional,
  record,
  type Schema,
  withFields,
} from './schema.ts';

type DeedOf<Kind extends DeedKind> = Extract<Deed, { readonly kind: Kind }>;

const id = uuid(said('refusals.events.idMissing'));

const placeText = yup.string().strict().max(20, said('refusals.events.aPlaceNameHasAtMost20'));
const stepId = leaf(
  yup.string().strict().required(said('refusals.events.theStepIsMissing')).max(100),
);
const places = list(leaf(placeText.required(said('refusals.events.aPlaceNameIsEmpty'))), (array) =>
  array
    .required(said('refusals.events.sayWhichPartsItIsAboutOr'))
    .max(100, said('refusals.events.aNoticeNamesAtMost100Parts')),
);
const authors = ['learner', 'instructor'] as const satisfies readonly Author[];

const item = leaf(
  yup
    .string()
    .strict()
    .required(said('refusals.events.sayWhichExerciseItIs'))
    .matches(/^[a-zA-Z0-9-]+\.[a-zA-Z0-9-]+\.[a-zA-Z0-9-]+$/, {
      message: said('refusals.events.anExerciseIsNamedAsDrillKind'),
    })
    .max(120),
);
const seed = leaf(
  yup
    .number()
    .strict()
    .required(said('refusals.events.theSeedOfTheExerciseIsMissing'))
    .integer(said('refusals.events.theSeedIsAWholeNumber'))
    .min(0, said('refusals.events.theSeedIsFrom0To4294967295'))
    .max(2 ** 32 - 1, said('refusals.events.theSeedIsFrom0To4294967295')),
);
const round = id;
const mistakeKind = oneOf(mistakeIds, {
  wrong: said('refusals.events.thisKindOfMistakeIsNotKnown'),
  missing: said('refusals.events.sayWhatWentWrong'),
});

const moment = leaf(
  yup
    .string()
    .strict()
    .required(said('refusals.events.theTimeIsMissing'))
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, {
      message: said('refusals.events.writeTheTimeAsIso8601In'),
    })
    .test('real', said('refusals.events.thisTimeDoesNotExist'), isTime),
);

/** What is put right as a whole. */
const amendedDeeds = {
  reading: record<DeedOf<'reading'>>({
    kind: literal('reading'),
    stepId,
    amount: leaf(
      yup
        .number()
        .typeError(said('refusals.events.writeTheReadingAsANumber'))
        .required(said('refusals.events.writeWhatTheMeterShows'))
        .min(0, said('refusals.events.aReadingIsNotBelow0'))
        .max(openOhm, said('refusals.events.aReadingIsAtMostAGigaohm')),
    ),
  }),
  'put-at': record<DeedOf<'put-at'>>({ kind: literal('put-at'), stepId }),
  'checked-good': record<DeedOf<'checked-good'>>({ kind: literal('checked-good'), stepId }),
  praise: record<DeedOf<'praise'>>({ kind: literal('praise'), stepId }),
  'part-missing': record<DeedOf<'part-missing'>>({
    kind: literal('part-missing'),
    stepId,
    designators: places,
  }),
  note: record<DeedOf<'note'>>({
    kind: literal('note'),
    text: trimmed(500, said('refusals.events.writeTheNote')),
  }),
  visit: record<DeedOf<'visit'>>({
    kind: literal('visit'),
    answers: list(id, (array) =>
      array.required(said('refusals.events.sayWhichCallsThisVisitAnswers')).max(50),
    ),
  }),
  'visit-ended': record<DeedOf<'visit-ended'>>({
    kind: literal('visit-ended'),
    visit: id,
  }),
};

/** What each kind of deed carries; a stored one is that and nothing else. */
export const deedSchema = oneOfKind<Deed>({
  ...amendedDeeds,
  amended: record<DeedOf<'amended'>>({
    kind: literal('amended'),
    amends: id,
    deed: oneOfKind<Amended>(amendedDeeds),
    happenedAt: moment,
  }),
  'step-done': record<DeedOf<'step-done'>>({ kind: literal('step-done'), stepId }),
  'step-reopened': record<DeedOf<'step-reopened'>>({ kind: literal('step-reopened'), stepId }),
  mistake: record<DeedOf<'mistake'>>({
    kind: literal('mistake'),
    stepId,
    mistake: mistakeKind,
    designator: leaf(placeText),
    instead: leaf(placeText),
    noticedBy: optional(
      oneOf(authors, { wrong: said('refusals.events.sayWhoNoticedItLearnerOrInstructor') }),
    ),
  }),
  corrected: record<DeedOf<'corrected'>>({
    kind: literal('corrected'),
    corrects: id,
    stepId,
    mistake: mistakeKind,
    designator: leaf(placeText),
    instead: leaf(placeText),
  }),
  counted: record<DeedOf<'counted'>>({
    kind: literal('counted'),
    stepId,
    pieces: wholeNumber(0, mostRepeats),
  }),
  released: record<DeedOf<'released'>>({
    kind: literal('released'),
    stepId,
    failed: list(id, (array) =>
      array.required(said('refusals.events.sayWhichFailuresAreReleased')).max(50),
    ),
  }),
  'help-asked': record<DeedOf<'help-asked'>>({
    kind: literal('help-asked'),
    stepId,
    about: optional(oneOf(helpAbouts, { wrong: said('refusals.events.sayWhatTheCallIsAbout') })),
    text: optional(trimmed(200, said('refusals.events.sayWhatTheCallIsAbout'))),
  }),
  coming: record<DeedOf<'coming'>>({
    kind: literal('coming'),
    calls: list(id, (array) =>
      array.required(said('refusals.events.sayWhichCallsThisVisitAnswers')).min(1).max(50),
    ),
  }),
  message: record<DeedOf<'message'>>({
    kind: literal('message'),
    message: id,
    sort: oneOf(messageSorts, {
      wrong: said('refusals.events.chooseTheKindOfMessage'),
      missing: said('refusals.events.chooseTheKindOfMessage'),
    }),
    text: trimmed(300, said('refusals.events.writeWhatEverybodyMustKnow')),
    minutes: optional(wholeNumber(1, longestBreak)),
  }),
  'message-read': record<DeedOf<'message-read'>>({ kind: literal('message-read'), told: id }),
  greeted: record<DeedOf<'greeted'>>({ kind: literal('greeted') }),
  feedback: record<DeedOf<'feedback'>>({
    kind: literal('feedback'),
    face: oneOfNumbers(faces, said('refusals.events.chooseAFace')),
    text: trimmedOrEmpty(500, said('refusals.events.writeWhatToChangeOrNothing')),
  }),
  'help-withdrawn': record<DeedOf<'help-withdrawn'>>({
    kind: literal('help-withdrawn'),
    asked: id,
  }),
  'part-replaced': record<DeedOf<'part-replaced'>>({
    kind: literal('part-replaced'),
    stepId,
    designator: leaf(placeText.required(said('refusals.events.sayWhichPartWasReplaced'))),
  }),
  notice: record<DeedOf<'notice'>>({
    kind: literal('notice'),
    notice: id,
    stepId,
    designators: places,
    text: trimmed(300, said('refusals.events.writeWhatEverybodyMustKnow')),
    holds: optional(flag),
  }),
  'notice-checked': record<DeedOf<'notice-checked'>>({
    kind: literal('notice-checked'),
    told: id,
  }),
  practised: record<DeedOf<'practised'>>({
    kind: literal('practised'),
    item,
    seed,
    answer: anything(
      yup
        .mixed()
        .defined(said('refusals.events.theAnswerIsMissing'))
        .nullable()
        .test(
          'short',
          said('refusals.events.anAnswerHasAtMost2000Characters'),
          (answer) => (JSON.stringify(answer) ?? '').length <= 2000,
        ),
    ),
    isRight: leaf(
      yup.boolean().strict().defined(said('refusals.events.sayWhetherItWasRight')).nullable(),
    ),
    credit: leaf(
      yup
        .number()
        .strict()
        .required(said('refusals.events.sayHowMuchOfItWasRight'))
        .min(0, said('refusals.events.theCreditIsFrom0To1'))
        .max(1, said('refusals.events.theCreditIsFrom0To1')),
    ),
    round: optional(round),
  }),
  'round-started': record<DeedOf<'round-started'>>({
    kind: literal('round-started'),
    round,
    item,
    seed,
  }),
  'round-ended': record<DeedOf<'round-ended'>>({ kind: literal('round-ended'), round }),
  photo: record<DeedOf<'photo'>>({
    kind: literal('photo'),
    photo: id,
    of: oneOf(photoSubjects, {
      wrong: said('refusals.photos.sayWhatItShows'),
      missing: said('refusals.photos.sayWhatItShows'),
    }),
    mistake: optional(id),
  }),
  undo: record<DeedOf<'undo'>>({ kind: literal('undo'), undoes: id }),
});

const envelope = {
  id: id,
  seatId: id,
  alsoAt: optional(list(id, (array) => array.required().max(500))),
  at: moment,
};

/** What an event has besides its deed, as a device sends it. */
interface Envelope extends AtSeats {
  readonly id: string;
  readonly at: string;
}

/** An event as a device sends it; the server adds who it was, from the session or the seat's token. */
export type SentEvent = Envelope & Deed;

export const sentEventSchema: Schema<SentEvent> = withFields(
  record<Envelope>(envelope),
  deedSchema,
);

export const eventBatchBody = fields({
  events: list(sentEventSchema, (array) =>
    array
      .required(said('refusals.events.sendAListOfEvents'))
      .min(1, said('refusals.events.sendAtLeastOneEvent'))
      .max(500, said('refusals.events.sendAtMost500EventsAtA')),
  ),
});

/** An event of the log with its place in the workshop's stream. */
export interface StreamedEvent {
  readonly seq: number;
  readonly event: LoggedEvent;
}

type Written = Envelope & Pick<LoggedEvent, 'by' | 'helper'>;

export const buildEventSchema: Schema<LoggedEvent> = withFields(
  record<Written>({ ...envelope, by: oneOf(authors), helper: leaf(yup.string().strict()) }),
  deedSchema,
);

export const streamedEventSchema: Schema<StreamedEvent> = record<StreamedEvent>({
  seq: leaf(yup.number().required()),
  event: buildEventSchema,
});

export interface EventsAccepted {
  /** The ids that are in the log now, whether they came with this call or an earlier one. */
  readonly accepted: readonly string[];
  readonly now: string;
}
