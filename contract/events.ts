import { validate as isUuid } from 'uuid';
import * as yup from 'yup';
import type { Author, BuildEvent, Deed, DeedKind } from '#core/build/event';
import { mistakes } from '#core/learning/mistakes/index';
import { openOhm } from '#core/order/checks/readings';

const id = (what: string) =>
  yup
    .string()
    .strict()
    .required(`${what} is missing.`)
    // Yup’s own test does not know version 7 (RFC 9562).
    .test('uuid', `${what} must be a UUID.`, (text) => text === undefined || isUuid(text));
const place = yup.string().strict().max(20, 'A place name has at most 20 characters.');
const stepId = yup.string().strict().required('The step is missing.').max(100);

const item = yup
  .string()
  .strict()
  .required('Say which exercise it is.')
  .matches(
    /^[a-zA-Z0-9-]+\.[a-zA-Z0-9-]+\.[a-zA-Z0-9-]+$/,
    'An exercise is named as drill.kind.item, such as bands.read.orange.',
  )
  .max(120);
const seed = yup
  .number()
  .strict()
  .required('The seed of the exercise is missing.')
  .integer('The seed is a whole number.')
  .min(0, 'The seed is from 0 to 4294967295.')
  .max(2 ** 32 - 1, 'The seed is from 0 to 4294967295.');

/** What each kind of deed carries beside what every event has. */
const deedFields = {
  'step-done': { stepId },
  'step-reopened': { stepId },
  mistake: {
    stepId,
    mistake: yup
      .string()
      .strict()
      .required('Say what went wrong.')
      .oneOf(
        mistakes.map((m) => m.id),
        'This kind of mistake is not known.',
      ),
    designator: place.optional(),
    noticedBy: yup
      .string<Author>()
      .strict()
      .oneOf(['learner', 'instructor'], 'Say who noticed it: learner or instructor.')
      .optional(),
  },
  reading: {
    stepId,
    amount: yup
      .number()
      .typeError('Write the reading as a number.')
      .required('Write what the meter shows.')
      .min(0, 'A reading is not below 0.')
      .max(openOhm, 'A reading is at most a gigaohm.'),
  },
  'help-asked': { stepId },
  'help-withdrawn': { asked: id('The call for help') },
  visit: {
    answers: yup
      .array(id('The call for help'))
      .required('Say which calls this visit answers.')
      .max(50),
  },
  'visit-ended': { visit: id('The visit') },
  praise: { stepId },
  'part-replaced': { stepId, designator: place.required('Say which part was replaced.') },
  notice: {
    notice: id('The notice'),
    stepId,
    designators: yup
      .array(place.required('A place name is empty.'))
      .required('Say which parts it is about, or none for the whole step.')
      .max(100, 'A notice names at most 100 parts.'),
    text: yup
      .string()
      .strict()
      .trim('Remove the blanks before and behind the notice.')
      .required('Write what everybody must know.')
      .max(300, 'A notice has at most 300 characters: it is read at the bench.'),
  },
  'notice-checked': { told: id('The notice') },
  practised: {
    item,
    seed,
    answer: yup
      .mixed()
      .defined('The answer is missing.')
      .nullable()
      .test(
        'short',
        'An answer has at most 2000 characters.',
        (answer) => (JSON.stringify(answer) ?? '').length <= 2000,
      ),
    isRight: yup.boolean().strict().defined('Say whether it was right.').nullable(),
    credit: yup
      .number()
      .strict()
      .required('Say how much of it was right.')
      .min(0, 'The credit is from 0 to 1.')
      .max(1, 'The credit is from 0 to 1.'),
    round: id('The round').optional(),
  },
  'round-started': { round: id('The round'), item, seed },
  'round-ended': { round: id('The round') },
  undo: { undoes: id('The event to undo') },
} as const satisfies Record<DeedKind, yup.ObjectShape>;

const kinds = Object.keys(deedFields) as DeedKind[];

const common = {
  id: id('The event’s id'),
  seatId: id('The seat'),
  at: yup
    .string()
    .strict()
    .required('The time is missing.')
    .matches(
      /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/,
      'Write the time as ISO 8601 in UTC, such as 2026-03-05T18:30:00Z.',
    )
    .test('real', 'This time does not exist.', (at) => !Number.isNaN(Date.parse(at))),
  kind: yup
    .string()
    .strict()
    .oneOf(kinds, `The kind must be one of ${kinds.join(', ')}.`)
    .required('The kind is missing.'),
};

/** An event as a device sends it; the server adds who it was, from the session or the seat's token. */
export type SentEvent = Deed & {
  readonly id: string;
  readonly seatId: string;
  readonly at: string;
};

// One schema a kind, made once: they are asked for with every event.
const eventSchemas = new Map<unknown, yup.ObjectSchema<yup.AnyObject>>(
  kinds.map((kind) => [kind, eventOf(deedFields[kind])]),
);
const eventOfNoKind = eventOf({});

function eventOf(fields: yup.ObjectShape): yup.ObjectSchema<yup.AnyObject> {
  return yup.object({ ...common, ...fields }).required('An event must be an object.');
}

const sentEvent = yup.lazy(
  (value: { readonly kind?: unknown } | null | undefined) =>
    eventSchemas.get(value?.kind) ?? eventOfNoKind,
);

export const eventBatchBody = yup.object({
  events: yup
    .array(sentEvent as unknown as yup.Schema<SentEvent>)
    .required('Send a list of events.')
    .min(1, 'Send at least one event.')
    .max(500, 'Send at most 500 events at a time.'),
});

/** An event of the log with its place in the workshop's stream. */
export interface StreamedEvent {
  readonly seq: number;
  readonly event: BuildEvent;
}

export interface EventsAccepted {
  /** The ids that are in the log now, whether they came with this call or an earlier one. */
  readonly accepted: readonly string[];
  readonly now: string;
}
