import type { BuildEvent } from '../../build/event.ts';
import { eventsThatCount } from '../../build/eventsThatCount.ts';
import { foldSeat, type SeatState } from '../../build/foldSeat.ts';
import type { PlannedStep } from '../stepMinutes.ts';

/** Steps that take time for the same reasons: what is done in them, or which check it is. */
export type StepKind = string;

export const kindOfStep = (step: PlannedStep): StepKind =>
  step.kind === 'check' ? step.check : step.kind;

/** Breaks and what is said to everybody last as long as they are planned, whoever sits there. */
export const isForAll = ({ own }: Pick<PlannedStep, 'own'>): boolean =>
  own?.sort === 'break' || own?.sort === 'talk';

/** How long a seat was at some step, with waiting for help and breaks taken off. */
export interface StepTime {
  readonly stepIds: readonly string[];
  readonly kind: StepKind;
  readonly minutes: number;
  /** What the plan allows for the same. */
  readonly planned: number;
  /** ISO 8601: the tap that ended it. */
  readonly endedAt: string;
  /** Something went wrong meanwhile, or somebody came: the minutes are not those of hands alone. */
  readonly hadTrouble: boolean;
}

/** Taps that follow each other faster than this were made for work that was done before. */
export const tapsTogetherMinutes = 0.25;

/**
 * The step times of one seat, from its log.
 *
 * A step lasts from the tap that ended the one before. The first has no such tap, since nobody logs when the welcome
 * was over, and is left out. Steps that were tapped off together count as one where they are of one kind, and are left
 * out where they are not.
 *
 * @param state of the log, where it is known already
 * @returns in the order of time
 */
export function stepTimes(
  steps: readonly PlannedStep[],
  events: readonly BuildEvent[],
  state?: SeatState,
): StepTime[] {
  const folded =
    state ??
    foldSeat(
      steps.map(({ id }) => id),
      events,
    );
  const { doneAt, assumed } = folded;
  const byId = new Map(steps.map((step) => [step.id, step]));
  const done = Object.entries(doneAt)
    .flatMap(([stepId, at]) => {
      const step = byId.get(stepId);
      return step ? [{ step, atMs: Date.parse(at) }] : [];
    })
    .sort((a, b) => a.atMs - b.atMs);
  const waits = apart([...helpWaits(events), ...breaksOf(folded)]);
  const troubles = troublesOf(folded).map((at) => Date.parse(at));
  const times: StepTime[] = [];
  let begun = done[0]?.atMs;
  for (let index = 1; index < done.length; ) {
    const group = [done[index]];
    index += 1;
    while (isTogether(group.at(-1)?.atMs, done[index]?.atMs)) group.push(done[index++]);
    const ended = group.at(-1)?.atMs ?? 0;
    const kinds = new Set(group.map((one) => one && kindOfStep(one.step)));
    const from = begun ?? ended;
    const minutes = (ended - from - waitedBetween(waits, from, ended)) / 60_000;
    const [kind] = kinds;
    // What staff passed over for somebody tells nothing of how long it took.
    const isTapped = group.every(
      (one) => one && !assumed.includes(one.step.id) && !isForAll(one.step),
    );
    if (isTapped && kinds.size === 1 && kind && minutes >= tapsTogetherMinutes) {
      times.push({
        stepIds: group.flatMap((one) => one?.step.id ?? []),
        kind,
        minutes,
        planned: group.reduce((sum, one) => sum + (one?.step.minutes ?? 0), 0),
        endedAt: new Date(ended).toISOString(),
        hadTrouble: troubles.some((at) => at > from && at <= ended),
      });
    }
    begun = ended;
  }
  return times;
}

const isTogether = (before: number | undefined, next: number | undefined): boolean =>
  before !== undefined && next !== undefined && next - before < tapsTogetherMinutes * 60_000;

export interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/** When something went wrong or somebody came, ISO 8601. */
export const troublesOf = ({
  mistakes,
  visits,
}: Pick<SeatState, 'mistakes' | 'visits'>): readonly string[] => [
  ...mistakes.map(({ foundAt }) => foundAt),
  ...visits.map(({ at }) => at),
];

/** Breaks that the seat was told of. */
export const breaksOf = ({ messages }: Pick<SeatState, 'messages'>): Span[] =>
  messages.flatMap(({ sort, at, minutes }) =>
    sort === 'break' && minutes !== undefined
      ? [{ fromMs: Date.parse(at), toMs: Date.parse(at) + minutes * 60_000 }]
      : [],
  );

/** When the seat waited for somebody: from each call to what settled it. */
function helpWaits(events: readonly BuildEvent[]): Span[] {
  if (!events.some(({ kind }) => kind === 'help-asked')) return [];
  const log = eventsThatCount(events);
  const settledAt = new Map<string, number>();
  for (const event of log) {
    const answered =
      event.kind === 'visit' ? event.answers : event.kind === 'help-withdrawn' ? [event.asked] : [];
    for (const id of answered) settledAt.set(id, Date.parse(event.at));
  }
  return log.flatMap((event): Span[] => {
    const toMs = settledAt.get(event.id);
    return event.kind === 'help-asked' && toMs !== undefined
      ? [{ fromMs: Date.parse(event.at), toMs }]
      : [];
  });
}

/** The same time, with spans that overlap made one. */
export function apart(spans: readonly Span[]): Span[] {
  const found: Span[] = [];
  for (const span of [...spans].sort((a, b) => a.fromMs - b.fromMs)) {
    const last = found.at(-1);
    if (last && span.fromMs <= last.toMs) {
      found[found.length - 1] = { ...last, toMs: Math.max(last.toMs, span.toMs) };
    } else found.push(span);
  }
  return found;
}

export const waitedBetween = (waits: readonly Span[], fromMs: number, toMs: number): number =>
  waits.reduce(
    (sum, wait) => sum + Math.max(0, Math.min(wait.toMs, toMs) - Math.max(wait.fromMs, fromMs)),
    0,
  );
