import type { Author, BuildEvent, Deed } from './event.ts';

type Correction = Extract<BuildEvent, { kind: 'corrected' | 'amended' }>;

/**
 * The events of a log that were not taken back, each once, in the order of their time; ties by id, so that every device
 * sorts alike. Undos and corrections themselves are left out: they have done their work.
 */
export function eventsThatCount(events: Iterable<BuildEvent>): BuildEvent[] {
  const standing = withoutUndone(events);
  const corrections = new Map(standing.filter(isCorrection).map((one) => [spokenOf(one), one]));
  if (corrections.size === 0) return standing;
  return standing
    .filter((event) => !isCorrection(event))
    .map((event) => {
      const correction = corrections.get(event.id);
      return correction ? putRightBy(event, correction) : event;
    })
    .sort(byTime);
}

/** An event as a correction says that it was; one that speaks of another kind of event says nothing of it. */
function putRightBy(event: BuildEvent, correction: Correction): BuildEvent {
  if (correction.kind === 'corrected') {
    return event.kind === 'mistake' ? { ...event, ...correctedTo(correction) } : event;
  }
  const { deed, happenedAt } = correction;
  return event.kind === deed.kind ? { ...event, ...deed, at: happenedAt } : event;
}

/** What was put right in a log: taken back, or said otherwise, by whom and when. */
export interface PutRight {
  readonly eventId: string;
  readonly at: string;
  readonly by: Author;
  readonly helper?: string | undefined;
  /** As it was logged first. */
  readonly was: BuildEvent;
  /** As it is since; null where it was taken back. */
  readonly now: BuildEvent | null;
}

/** The trace of what was put right, in the order of time. What is not in the log is left out. */
export function putRight(events: Iterable<BuildEvent>): PutRight[] {
  const all = [...new Map([...events].map((event) => [event.id, event])).values()];
  const byId = new Map(all.map((event) => [event.id, event]));
  return all
    .flatMap((event): PutRight[] => {
      if (event.kind !== 'undo' && !isCorrection(event)) return [];
      const was = byId.get(event.kind === 'undo' ? event.undoes : spokenOf(event));
      if (!was) return [];
      const { id: eventId, at, by, helper } = event;
      const now = event.kind === 'undo' ? null : putRightBy(was, event);
      return [{ eventId, at, by, helper, was, now }];
    })
    .sort((a, b) => compare(a.at, b.at) || compare(a.eventId, b.eventId));
}

function withoutUndone(events: Iterable<BuildEvent>): BuildEvent[] {
  const byId = new Map<string, BuildEvent>();
  for (const event of events) byId.set(event.id, event);
  const undone = new Set([...byId.values()].flatMap((e) => (e.kind === 'undo' ? [e.undoes] : [])));
  return [...byId.values()]
    .filter((event) => event.kind !== 'undo' && !undone.has(event.id))
    .sort(byTime);
}

const isCorrection = (event: BuildEvent): event is Correction =>
  event.kind === 'corrected' || event.kind === 'amended';

/** The event that a correction puts right. */
const spokenOf = (correction: Correction): string =>
  correction.kind === 'corrected' ? correction.corrects : correction.amends;

/** All that a correction says, and what it does not say is not there any more. */
const correctedTo = ({
  stepId,
  mistake,
  designator,
  instead,
}: Extract<Deed, { kind: 'corrected' }>) => ({
  stepId,
  mistake,
  designator,
  instead,
});

const byTime = (a: BuildEvent, b: BuildEvent) => compare(a.at, b.at) || compare(a.id, b.id);

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
