import type { Amended, BuildEvent, Deed } from '#core/build/event';
import { amendedKinds } from '#core/build/event';
import { eventsThatCount } from '#core/build/eventsThatCount';
import type { Said } from '#core/learning/said';
import { said } from '#core/learning/said';
import { measuringOf } from '#core/order/checks/measuring';
import { openOhm, readAtCheck } from '#core/order/checks/readings';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { typedNumber } from '../../ui/decimal.ts';
import { formFormat, siteTime, typedTime } from '../siteTime.ts';

/** An entry of a seat's log as a form has it; what its kind does not have is not there. */
export interface EntryDraft {
  readonly when: string;
  /** Of a visit that has ended. */
  readonly until?: string;
  readonly stepId?: string;
  /** Of a reading, as it would be typed at the seat. */
  readonly amount?: string;
  readonly text?: string;
  readonly places?: readonly string[];
}

/** What is wrong with a draft, by field. */
export type DraftProblems = { readonly [Field in keyof EntryDraft]?: Said };

type AmendedEvent = BuildEvent & Amended;
type VisitEnd = Extract<BuildEvent, { kind: 'visit-ended' }>;

/** An entry that can be put right, with the end of it where it is a visit; undefined for any other. */
export interface Amendable {
  readonly event: AmendedEvent;
  readonly end?: VisitEnd;
}

/** What stands in a seat's log under an id, if it can be put right. */
export function amendableOf(events: readonly BuildEvent[], eventId: string): Amendable | undefined {
  const log = eventsThatCount(events);
  const event = log.find(({ id }) => id === eventId);
  if (!event || !isAmendable(event)) return undefined;
  const end = log.findLast(
    (one): one is VisitEnd => one.kind === 'visit-ended' && one.visit === eventId,
  );
  return { event, ...(end && { end }) };
}

const isAmendable = (event: BuildEvent): event is AmendedEvent =>
  (amendedKinds as readonly string[]).includes(event.kind);

/** @param steps of the workshop's plan */
export function draftOf({ event, end }: Amendable, steps: readonly PlannedStep[]): EntryDraft {
  return {
    when: typed(event.at),
    ...(end && { until: typed(end.at) }),
    ...('stepId' in event && event.kind !== 'reading' && { stepId: event.stepId }),
    ...(event.kind === 'reading' && { amount: amountTyped(event, steps) }),
    ...('text' in event && { text: event.text }),
    ...('designators' in event && { places: event.designators }),
  };
}

/**
 * What to log so that an entry is what a draft says.
 *
 * @param now nothing has happened later
 * @returns the deeds, none where nothing was changed, or what is wrong with the draft
 */
export function amendments(
  { event, end }: Amendable,
  draft: EntryDraft,
  steps: readonly PlannedStep[],
  now: Date,
): { readonly deeds: readonly Deed[] } | { readonly problems: DraftProblems } {
  const at = momentOf(draft.when, event.at);
  const until = end && momentOf(draft.until ?? '', end.at);
  const amount = event.kind === 'reading' ? readingOf(event, draft, steps) : undefined;
  const problems: DraftProblems = {
    ...timeProblem('when', at, now),
    ...(end && timeProblem('until', until, now)),
    ...(at && until && until < at && { until: said('workshops.correct.endsBefore') }),
    ...(amount && !amount.ok && { amount: amount.problem }),
    ...(draft.text?.trim() === '' && { text: said('refusals.events.writeTheNote') }),
    ...(draft.places?.length === 0 && { places: said('refusals.events.sayWhichPartsItIsAboutOr') }),
  };
  if (Object.keys(problems).length > 0 || !at) return { problems };
  const deed = { ...deedOf(event), ...changed(draft, amount?.ok ? amount.value : undefined) };
  return {
    deeds: [
      ...amended(event, deed as Amended, at),
      ...(end && until ? amended(end, deedOf(end) as Amended, until) : []),
    ],
  };
}

/** Nothing, where it was so already. */
function amended(event: AmendedEvent, deed: Amended, happenedAt: string): Deed[] {
  const isSo = happenedAt === event.at && JSON.stringify(deed) === JSON.stringify(deedOf(event));
  return isSo ? [] : [{ kind: 'amended', amends: event.id, deed, happenedAt }];
}

function changed({ stepId, text, places }: EntryDraft, amount: number | undefined) {
  return {
    ...(stepId !== undefined && { stepId }),
    ...(text !== undefined && { text: text.trim() }),
    ...(places && { designators: places }),
    ...(amount !== undefined && { amount }),
  };
}

/** An event without what the log adds to a deed. */
function deedOf({
  id: _id,
  seatId: _seat,
  at: _at,
  by: _by,
  helper: _helper,
  ...deed
}: AmendedEvent) {
  return deed;
}

const typed = (at: string) => siteTime(at).format(formFormat);

/** The moment that was typed; the entry's own, to the second, where nobody has changed it; undefined for none. */
function momentOf(text: string, was: string): string | undefined {
  if (text === typed(was)) return was;
  const moment = typedTime(text);
  return moment.isValid() ? moment.toISOString() : undefined;
}

function timeProblem(field: 'when' | 'until', at: string | undefined, now: Date): DraftProblems {
  if (at === undefined) return { [field]: said('workshops.newWorkshopPage.chooseADateAndATime') };
  return Date.parse(at) > now.getTime() ? { [field]: said('workshops.correct.inTheFuture') } : {};
}

type Reading = Extract<AmendedEvent, { kind: 'reading' }>;

/** The unit that a reading's step is measured in; ohms where the plan no longer says. */
const unitOf = ({ stepId }: Reading, steps: readonly PlannedStep[]) => {
  const step = steps.find(({ id }) => id === stepId);
  return (step && measuringOf(step)?.unit) ?? 'ohm';
};

const amountTyped = (event: Reading, steps: readonly PlannedStep[]) =>
  unitOf(event, steps) === 'ohm' && event.amount >= openOhm ? 'OL' : typedNumber(event.amount);

const readingOf = (event: Reading, { amount = '' }: EntryDraft, steps: readonly PlannedStep[]) =>
  readAtCheck(unitOf(event, steps), amount);
