import type { MistakeId } from '../learning/mistakes/ids.ts';

/** What a call for help is about. */
export const helpAbouts = ['question', 'lost', 'broken', 'fails', 'hurt'] as const;
export type HelpAbout = (typeof helpAbouts)[number];

/** What a message wants of who reads it. */
export const messageSorts = ['hint', 'look', 'check', 'break', 'stop'] as const;
export type MessageSort = (typeof messageSorts)[number];

/** How an evening was: not good, all right, good. */
export const faces = [1, 2, 3] as const;
export type Face = (typeof faces)[number];

/** What a photo shows: the learner's board, or a mistake before and after it was put right. */
export const photoSubjects = ['board', 'before', 'after'] as const;
export type PhotoSubject = (typeof photoSubjects)[number];

const staffOnly: readonly string[] = ['note'];

/** Whether a deed is for staff alone: a seat's own page is not shown it, nor what it was amended to. */
export const isForStaff = (deed: Deed): boolean =>
  staffOnly.includes(deed.kind === 'amended' ? deed.deed.kind : deed.kind);

/** A break is at most so long, in minutes. */
export const longestBreak = 120;

/** What can happen at a bench. The log of these is the only record; every state is a fold over it. */
export type Deed =
  | { readonly kind: 'step-done'; readonly stepId: string }
  /** The learner went back to a step that had been marked as done. */
  | { readonly kind: 'step-reopened'; readonly stepId: string }
  /** Staff put the seat at a step: those before it count as done, and it and those behind it as still to do. */
  | { readonly kind: 'put-at'; readonly stepId: string }
  /** Staff have looked at what was done in a step, and it is good; what a learner calls done is only claimed. */
  | { readonly kind: 'checked-good'; readonly stepId: string }
  /** `stepId` is where the mistake was made; when it was found is the event's own time. */
  | {
      readonly kind: 'mistake';
      readonly stepId: string;
      readonly mistake: MistakeId;
      /** The part it happened to, where somebody said so. */
      readonly designator?: string | undefined;
      /** Of a wrong value: a place of the part that was fitted instead, where somebody said so. */
      readonly instead?: string | undefined;
      /** Who saw it; who logged it, where nobody said. */
      readonly noticedBy?: Author | undefined;
    }
  /** A mistake was logged wrongly, and is this one; who saw it and when it was found stay. The last one counts. */
  | {
      readonly kind: 'corrected';
      readonly corrects: string;
      readonly stepId: string;
      readonly mistake: MistakeId;
      readonly designator?: string | undefined;
      readonly instead?: string | undefined;
    }
  /**
   * Something else was logged wrongly, and is `deed`, of the same kind, at `happenedAt` (ISO 8601, UTC); who logged it
   * stays. The last one counts.
   */
  | {
      readonly kind: 'amended';
      readonly amends: string;
      readonly deed: Amended;
      readonly happenedAt: string;
    }
  /** What a meter or a supply showed at a check, in the unit that the check asks for. */
  | { readonly kind: 'reading'; readonly stepId: string; readonly amount: number }
  /** Of a step that is done many times: how many are done now. */
  | { readonly kind: 'counted'; readonly stepId: string; readonly pieces: number }
  /** Staff have looked at a check that failed; `failed` are the failures that no longer hold the seat. */
  | { readonly kind: 'released'; readonly stepId: string; readonly failed: readonly string[] }
  | {
      readonly kind: 'help-asked';
      readonly stepId: string;
      /** Absent until the learner says. */
      readonly about?: HelpAbout | undefined;
      /** In the learner's words, where they said more. */
      readonly text?: string | undefined;
    }
  /** Somebody of the staff has said that they are on their way to these calls. */
  | { readonly kind: 'coming'; readonly calls: readonly string[] }
  | { readonly kind: 'help-withdrawn'; readonly asked: string }
  /** Somebody came to the seat; `answers` are the calls for help that this settles. */
  | { readonly kind: 'visit'; readonly answers: readonly string[] }
  /** Whoever visited has gone on: the visit lasted from its own time to this one. */
  | { readonly kind: 'visit-ended'; readonly visit: string }
  | { readonly kind: 'praise'; readonly stepId: string }
  /** Another piece was handed out for a broken or lost one; it leaves the stores. */
  | { readonly kind: 'part-replaced'; readonly stepId: string; readonly designator: string }
  /** Told to every seat about a step, or about parts of it; the same words have the same `notice` at each seat. */
  | {
      readonly kind: 'notice';
      readonly notice: string;
      readonly stepId: string;
      readonly designators: readonly string[];
      readonly text: string;
      /** A seat that has the step behind it is held at its next check until somebody has looked. */
      readonly holds?: boolean | undefined;
    }
  /** Told to some seats or all, about no step; the same words have the same `message` at each seat. */
  | {
      readonly kind: 'message';
      readonly message: string;
      readonly sort: MessageSort;
      readonly text: string;
      /** Of a break: how long it is. */
      readonly minutes?: number | undefined;
    }
  /** The learner has read a message; `told` is its event. */
  | { readonly kind: 'message-read'; readonly told: string }
  /** A seat that had the step behind it when it was told has been looked at; `told` is the notice's event. */
  | { readonly kind: 'notice-checked'; readonly told: string }
  /** An exercise of practice was answered; it is made again from its item and seed. */
  | {
      readonly kind: 'practised';
      readonly item: string;
      readonly seed: number;
      readonly answer: unknown;
      /** Null where it is not counted. */
      readonly isRight: boolean | null;
      /** 0 to 1. */
      readonly credit: number;
      readonly round?: string | undefined;
    }
  /** The same exercise for every seat; it has the same `round` at each. */
  | {
      readonly kind: 'round-started';
      readonly round: string;
      readonly item: string;
      readonly seed: number;
    }
  | { readonly kind: 'round-ended'; readonly round: string }
  /** The learner has been met: bag looked at, glasses on. From then on the seat begins with its steps. */
  | { readonly kind: 'greeted' }
  /** The bag holds too little for a step, or a part cannot be found; handing one out settles it. */
  | {
      readonly kind: 'part-missing';
      readonly stepId: string;
      readonly designators: readonly string[];
    }
  /** How the evening was, from 1 (not good) to 3 (good), and what to change; the last one counts. */
  | { readonly kind: 'feedback'; readonly face: Face; readonly text: string }
  /** Written down by staff about a seat, for staff only. */
  | { readonly kind: 'note'; readonly text: string }
  /** A photo was taken at the seat; its bytes are kept by themselves, under its own id. */
  | {
      readonly kind: 'photo';
      readonly photo: string;
      readonly of: PhotoSubject;
      /** The event of the mistake that it shows. */
      readonly mistake?: string | undefined;
    }
  /** Takes back an event, as if it had not been; undoing an undo is not possible. */
  | { readonly kind: 'undo'; readonly undoes: string };

export type DeedKind = Deed['kind'];

/**
 * What is put right as a whole. A mistake is `corrected`; what has moved something or let somebody go on (a part handed
 * out, a release) is taken back and logged anew.
 */
export const amendedKinds = [
  'reading',
  'note',
  'checked-good',
  'praise',
  'put-at',
  'part-missing',
  'visit',
  'visit-ended',
] as const;
export type Amended = Extract<Deed, { readonly kind: (typeof amendedKinds)[number] }>;

export type Author = 'learner' | 'instructor';

export type BuildEvent = Deed & {
  /** Made by the device that saw it (UUID version 7, so that ids of one device sort by time). */
  readonly id: string;
  readonly seatId: string;
  /** ISO 8601, UTC: when it happened, by the device's clock corrected to the server's. */
  readonly at: string;
  readonly by: Author;
  /** The helper's name, where it was not the instructor herself. */
  readonly helper?: string | undefined;
};

/** Deeds that a seat's own page may report; the others are the instructor's. */
export const learnerDeeds: readonly DeedKind[] = [
  'step-done',
  'step-reopened',
  'mistake',
  'reading',
  'counted',
  // Where the network is gone the instructor lets a seat go on at the seat itself.
  'released',
  'help-asked',
  'help-withdrawn',
  'message-read',
  'greeted',
  'part-missing',
  'feedback',
  'photo',
  'practised',
  'undo',
];
