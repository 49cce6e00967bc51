import { checkFailed } from '../learning/mistakes/checks.ts';
import type { MistakeId } from '../learning/mistakes/ids.ts';
import type { Author, BuildEvent, Face, HelpAbout, MessageSort, PhotoSubject } from './event.ts';
import { eventsThatCount } from './eventsThatCount.ts';

export interface SeatState {
  /** When each step was finished, ISO 8601; a step that is not there is still to do. */
  readonly doneAt: Readonly<Record<string, string>>;
  /** Steps that count as done because staff put the seat behind them: nobody tapped them. */
  readonly assumed: readonly string[];
  /** The first step still to do; null when all are done. */
  readonly currentStepId: string | null;
  /** The last moment a step was marked as done, once all are. */
  readonly finishedAt: string | null;
  /** The oldest call for help that nobody has settled. */
  readonly help: {
    readonly eventId: string;
    readonly askedAt: string;
    readonly stepId: string;
    /** What the learner said last of it. */
    readonly about?: HelpAbout | undefined;
    readonly text?: string | undefined;
    /** Somebody is on the way to the oldest call. */
    readonly coming?:
      | { readonly eventId: string; readonly helper?: string | undefined }
      | undefined;
  } | null;
  /** Every call for help that is not settled; a visit answers them all. */
  readonly openCalls: readonly string[];
  readonly mistakes: readonly LoggedMistake[];
  /** In the order of time. */
  readonly readings: readonly LoggedReading[];
  /** Pieces done of each step that is counted. */
  readonly counts: Readonly<Record<string, number>>;
  /** Checks that failed and that nobody of the staff has released. */
  readonly holds: readonly Logged[];
  /** In the order of time. */
  readonly releases: readonly Logged[];
  readonly visits: readonly Visit[];
  readonly praises: readonly Logged[];
  /** Where staff have put the seat by hand, in the order of time. */
  readonly puts: readonly Logged[];
  /** What staff have looked at and found good; of what was opened again since, no more. */
  readonly checkedGood: readonly Logged[];
  readonly replaced: readonly (Logged & { readonly designator: string })[];
  readonly notices: readonly Notice[];
  /** In the order of time. */
  readonly messages: readonly Message[];
  /** When the learner had been met; null until then. */
  readonly greetedAt: string | null;
  /** Parts that a learner does not have and that nobody has handed out, in the order of time. */
  readonly missing: readonly Missing[];
  /** What the learner said of the evening last. */
  readonly feedback: Feedback | null;
  /** In the order of time. */
  readonly photos: readonly Photo[];
  /** For staff, in the order of time. */
  readonly notes: readonly Note[];
  /** When the seat's own page last reported something. */
  readonly lastSignAt: string | null;
}

/** Something logged at a step. */
export interface Logged {
  readonly eventId: string;
  readonly stepId: string;
  readonly at: string;
  readonly by: Author;
  readonly helper?: string | undefined;
}

export interface Missing extends Logged {
  readonly designators: readonly string[];
}

export interface Feedback {
  readonly eventId: string;
  readonly face: Face;
  readonly text: string;
  readonly at: string;
}

export interface Note {
  readonly eventId: string;
  readonly text: string;
  readonly at: string;
  readonly helper?: string | undefined;
}

export interface Photo {
  readonly eventId: string;
  /** The id of its bytes. */
  readonly photo: string;
  readonly of: PhotoSubject;
  readonly mistake?: string | undefined;
  readonly at: string;
  readonly by: Author;
  readonly helper?: string | undefined;
}

export interface LoggedReading extends Logged {
  readonly amount: number;
}

export interface Visit {
  readonly eventId: string;
  readonly at: string;
  /** Null as long as somebody is there. */
  readonly endedAt: string | null;
  readonly helper?: string | undefined;
}

export interface Notice extends Logged {
  /** The same at every seat that was told. */
  readonly notice: string;
  readonly designators: readonly string[];
  readonly text: string;
  readonly holds?: boolean | undefined;
  /** Whether the step was done already when everybody was told, and whether somebody has looked at it since. */
  readonly standing: 'ahead' | 'to-check' | 'checked';
}

export interface Message {
  readonly eventId: string;
  /** The same at every seat that was told. */
  readonly message: string;
  readonly sort: MessageSort;
  readonly text: string;
  readonly at: string;
  readonly minutes?: number | undefined;
  readonly helper?: string | undefined;
  /** When the learner said that it was read; null until then. */
  readonly readAt: string | null;
}

export interface LoggedMistake {
  readonly eventId: string;
  readonly mistake: MistakeId;
  readonly madeAtStepId: string;
  /** The step the seat was on when the mistake was logged; null when all were done. */
  readonly foundAtStepId: string | null;
  readonly foundAt: string;
  readonly by: Author;
  readonly helper?: string | undefined;
  readonly noticedBy: Author;
  readonly designator?: string | undefined;
  /** Of a wrong value: a place of the part that was fitted instead. */
  readonly instead?: string | undefined;
}

/**
 * The state of a seat, from its log.
 *
 * The result depends on the set of events only: not on the order in which they arrived, nor on how often one did.
 *
 * @param stepIds the steps of the workshop's plan, in order; events that name another step are left out
 */
export function foldSeat(stepIds: readonly string[], events: Iterable<BuildEvent>): SeatState {
  const log = eventsThatCount(events);
  const known = new Set(stepIds);
  const doneAt: Record<string, string> = {};
  const assumed = new Set<string>();
  const calls = new Map<string, { askedAt: string; stepId: string }>();
  let about: HelpAbout | undefined;
  let text: string | undefined;
  // Answers are gathered first: with two devices a visit may carry an earlier time than the call it settles.
  const settled = new Set(
    log.flatMap((e) =>
      e.kind === 'visit' ? e.answers : e.kind === 'help-withdrawn' ? [e.asked] : [],
    ),
  );
  const endOf = new Map(log.flatMap((e) => (e.kind === 'visit-ended' ? [[e.visit, e.at]] : [])));
  const checked = new Set(log.flatMap((e) => (e.kind === 'notice-checked' ? [e.told] : [])));
  const coming = new Map(
    log.flatMap((e) =>
      e.kind === 'coming' ? e.calls.map((call) => [call, { eventId: e.id, helper: e.helper }]) : [],
    ),
  );
  const readAt = new Map(
    // Read twice, it was read the first time.
    log.flatMap((e) => (e.kind === 'message-read' ? [[e.told, e.at] as const] : [])).reverse(),
  );
  const released = new Set(log.flatMap((e) => (e.kind === 'released' ? e.failed : [])));
  const mistakes: LoggedMistake[] = [];
  const readings: LoggedReading[] = [];
  const counts: Record<string, number> = {};
  const holds: Logged[] = [];
  const releases: Logged[] = [];
  const visits: Visit[] = [];
  const praises: Logged[] = [];
  const puts: Logged[] = [];
  let checkedGood: Logged[] = [];
  const messages: Message[] = [];
  const replaced: (Logged & { designator: string })[] = [];
  const notices: Notice[] = [];
  const notes: Note[] = [];
  const photos: Photo[] = [];
  let missing: Missing[] = [];
  let feedback: Feedback | null = null;
  let greetedAt: string | null = null;
  let lastSignAt: string | null = null;

  const reopen = (id: string) => {
    delete doneAt[id];
    assumed.delete(id);
    checkedGood = checkedGood.filter(({ stepId }) => stepId !== id);
  };
  const current = () => stepIds.find((id) => !(id in doneAt)) ?? null;
  for (const event of log) {
    // A seat that practises is not at its board.
    if (event.by === 'learner' && event.kind !== 'practised') lastSignAt = event.at;
    if ('stepId' in event && !known.has(event.stepId)) continue;
    switch (event.kind) {
      case 'step-done':
        doneAt[event.stepId] ??= event.at;
        break;
      case 'step-reopened':
        reopen(event.stepId);
        break;
      case 'put-at': {
        const at = stepIds.indexOf(event.stepId);
        puts.push(logged(event));
        for (const [index, id] of stepIds.entries()) {
          if (index >= at) reopen(id);
          else if (!(id in doneAt)) {
            doneAt[id] = event.at;
            assumed.add(id);
          }
        }
        break;
      }
      case 'checked-good':
        checkedGood = [
          ...checkedGood.filter(({ stepId }) => stepId !== event.stepId),
          logged(event),
        ];
        break;
      case 'help-asked':
        if (!settled.has(event.id)) {
          calls.set(event.id, { askedAt: event.at, stepId: event.stepId });
          about = event.about ?? about;
          text = event.text ?? text;
        }
        break;
      case 'counted':
        counts[event.stepId] = event.pieces;
        break;
      case 'released':
        releases.push(logged(event));
        break;
      case 'mistake':
        if (event.mistake === checkFailed.id && !released.has(event.id)) holds.push(logged(event));
        mistakes.push({
          eventId: event.id,
          mistake: event.mistake,
          madeAtStepId: event.stepId,
          foundAtStepId: current(),
          foundAt: event.at,
          by: event.by,
          helper: event.helper,
          noticedBy: event.noticedBy ?? event.by,
          designator: event.designator,
          instead: event.instead,
        });
        break;
      case 'reading':
        readings.push({ ...logged(event), amount: event.amount });
        break;
      case 'visit':
        visits.push({
          eventId: event.id,
          at: event.at,
          endedAt: laterOf(endOf.get(event.id), event.at),
          helper: event.helper,
        });
        break;
      case 'message':
        messages.push({
          eventId: event.id,
          message: event.message,
          sort: event.sort,
          text: event.text,
          at: event.at,
          minutes: event.minutes,
          helper: event.helper,
          readAt: readAt.get(event.id) ?? null,
        });
        break;
      case 'praise':
        praises.push(logged(event));
        break;
      case 'part-replaced':
        replaced.push({ ...logged(event), designator: event.designator });
        missing = missing
          .map((one) => withoutPlace(one, event.designator))
          .filter(({ designators }) => designators.length > 0);
        break;
      case 'greeted':
        greetedAt ??= event.at;
        break;
      case 'part-missing':
        missing.push({ ...logged(event), designators: event.designators });
        break;
      case 'feedback': {
        const { id: eventId, face, text: said, at } = event;
        feedback = { eventId, face, text: said, at };
        break;
      }
      case 'photo': {
        const { id: eventId, photo, of, mistake, at, by, helper } = event;
        photos.push({ eventId, photo, of, mistake, at, by, helper });
        break;
      }
      case 'note':
        notes.push({ eventId: event.id, text: event.text, at: event.at, helper: event.helper });
        break;
      case 'notice':
        notices.push({
          ...logged(event),
          notice: event.notice,
          designators: event.designators,
          text: event.text,
          holds: event.holds,
          standing: !(event.stepId in doneAt)
            ? 'ahead'
            : checked.has(event.id)
              ? 'checked'
              : 'to-check',
        });
        break;
    }
  }

  const currentStepId = current();
  const [oldest] = calls;
  return {
    doneAt,
    assumed: [...assumed],
    currentStepId,
    finishedAt:
      currentStepId === null && stepIds.length > 0
        ? (Object.values(doneAt).sort().at(-1) ?? null)
        : null,
    help: oldest
      ? { eventId: oldest[0], ...oldest[1], about, text, coming: coming.get(oldest[0]) }
      : null,
    openCalls: [...calls.keys()],
    mistakes,
    readings,
    counts,
    holds,
    releases,
    visits,
    praises,
    puts,
    checkedGood,
    replaced,
    notices,
    messages,
    greetedAt,
    missing,
    feedback,
    notes,
    photos,
    lastSignAt,
  };
}

/** One piece of those that are missing was handed out. */
const withoutPlace = (one: Missing, place: string): Missing => ({
  ...one,
  designators: one.designators.filter((name) => name !== place),
});

const logged = ({
  id,
  at,
  by,
  helper,
  stepId,
}: BuildEvent & { readonly stepId: string }): Logged => ({
  eventId: id,
  stepId,
  at,
  by,
  helper,
});

/** An end never lies before its beginning, whatever the clocks of two devices say. */
const laterOf = (end: string | undefined, begin: string): string | null =>
  end === undefined ? null : end < begin ? begin : end;
