import * as yup from 'yup';
import type { Author, BuildEvent, Deed, DeedKind } from '#core/build/event';
import { mistakeIds } from '#core/learning/mistakes/ids';
import { openOhm } from '#core/order/checks/readings';
import { isTime, trimmed, uuid } from './leaves.ts';
import {
  anything,
  fields,
  leaf,
  list,
  literal,
  oneOf,
  oneOfKind,
  optional,
  record,
  type Schema,
  withFields,
} from './schema.ts';

type DeedOf<Kind extends DeedKind> = Extract<Deed, { readonly kind: Kind }>;

const id = (what: string) => uuid(`${what} is missing.`, `${what} must be a UUID.`);

const placeText = yup.string().strict().max(20, 'A place name has at most 20 characters.');
const stepId = leaf(yup.string().strict().required('The step is missing.').max(100));
const authors = ['learner', 'instructor'] as const satisfies readonly Author[];

const item = leaf(
  yup
    .string()
    .strict()
    .required('Say which exercise it is.')
    .matches(
      /^[a-zA-Z0-9-]+\.[a-zA-Z0-9-]+\.[a-zA-Z0-9-]+$/,
      'An exercise is named as drill.kind.item, such as bands.read.orange.',
    )
    .max(120),
);
const seed = leaf(
  yup
    .number()
    .strict()
    .required('The seed of the exercise is missing.')
    .integer('The seed is a whole number.')
    .min(0, 'The seed is from 0 to 4294967295.')
    .max(2 ** 32 - 1, 'The seed is from 0 to 4294967295.'),
);
const round = id('The round');

/** What each kind of deed carries; a stored one is that and nothing else. */
export const deedSchema = oneOfKind<Deed>({
  'step-done': record<DeedOf<'step-done'>>({ kind: literal('step-done'), stepId }),
  'step-reopened': record<DeedOf<'step-reopened'>>({ kind: literal('step-reopened'), stepId }),
  mistake: record<DeedOf<'mistake'>>({
    kind: literal('mistake'),
    stepId,
    mistake: oneOf(mistakeIds, {
      wrong: 'This kind of mistake is not known.',
      missing: 'Say what went wrong.',
    }),
    designator: leaf(placeText),
    noticedBy: optional(oneOf(authors, { wrong: 'Say who noticed it: learner or instructor.' })),
  }),
  reading: record<DeedOf<'reading'>>({
    kind: literal('reading'),
    stepId,
    amount: leaf(
      yup
        .number()
        .typeError('Write the reading as a number.')
        .required('Write what the meter shows.')
        .min(0, 'A reading is not below 0.')
        .max(openOhm, 'A reading is at most a gigaohm.'),
    ),
  }),
  'help-asked': record<DeedOf<'help-asked'>>({ kind: literal('help-asked'), stepId }),
  'help-withdrawn': record<DeedOf<'help-withdrawn'>>({
    kind: literal('help-withdrawn'),
    asked: id('The call for help'),
  }),
  visit: record<DeedOf<'visit'>>({
    kind: literal('visit'),
    answers: list(id('The call for help'), (array) =>
      array.required('Say which calls this visit answers.').max(50),
    ),
  }),
  'visit-ended': record<DeedOf<'visit-ended'>>({
    kind: literal('visit-ended'),
    visit: id('The visit'),
  }),
  praise: record<DeedOf<'praise'>>({ kind: literal('praise'), stepId }),
  'part-replaced': record<DeedOf<'part-replaced'>>({
    kind: literal('part-replaced'),
    stepId,
    designator: leaf(placeText.required('Say which part was replaced.')),
  }),
  notice: record<DeedOf<'notice'>>({
    kind: literal('notice'),
    notice: id('The notice'),
    stepId,
    designators: list(leaf(placeText.required('A place name is empty.')), (array) =>
      array
        .required('Say which parts it is about, or none for the whole step.')
        .max(100, 'A notice names at most 100 parts.'),
    ),
    text: trimmed('the notice', 300, 'Write what everybody must know.'),
  }),
  'notice-checked': record<DeedOf<'notice-checked'>>({
    kind: literal('notice-checked'),
    told: id('The notice'),
  }),
  practised: record<DeedOf<'practised'>>({
    kind: literal('practised'),
    item,
    seed,
    answer: anything(
      yup
        .mixed()
        .defined('The answer is missing.')
        .nullable()
        .test(
          'short',
          'An answer has at most 2000 characters.',
          (answer) => (JSON.stringify(answer) ?? '').length <= 2000,
        ),
    ),
    isRight: leaf(yup.boolean().strict().defined('Say whether it was right.').nullable()),
    credit: leaf(
      yup
        .number()
        .strict()
        .required('Say how much of it was right.')
        .min(0, 'The credit is from 0 to 1.')
        .max(1, 'The credit is from 0 to 1.'),
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
  undo: record<DeedOf<'undo'>>({ kind: literal('undo'), undoes: id('The event to undo') }),
});

const envelope = {
  id: id('The event’s id'),
  seatId: id('The seat'),
  at: leaf(
    yup
      .string()
      .strict()
      .required('The time is missing.')
      .matches(
        /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/,
        'Write the time as ISO 8601 in UTC, such as 2026-03-05T18:30:00Z.',
      )
      .test('real', 'This time does not exist.', isTime),
  ),
};

/** What an event has besides its deed, as a device sends it. */
interface Envelope {
  readonly id: string;
  readonly seatId: string;
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
      .required('Send a list of events.')
      .min(1, 'Send at least one event.')
      .max(500, 'Send at most 500 events at a time.'),
  ),
});

/** An event of the log with its place in the workshop's stream. */
export interface StreamedEvent {
  readonly seq: number;
  readonly event: BuildEvent;
}

type Written = Envelope & Pick<BuildEvent, 'by' | 'helper'>;

export const buildEventSchema: Schema<BuildEvent> = withFields(
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
