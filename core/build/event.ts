/** What can happen at a bench. The log of these is the only record; every state is a fold over it. */
export type Deed =
  | { readonly kind: 'step-done'; readonly stepId: string }
  /** The learner went back to a step that had been marked as done. */
  | { readonly kind: 'step-reopened'; readonly stepId: string }
  /** `stepId` is where the mistake was made; when it was found is the event's own time. */
  | {
      readonly kind: 'mistake';
      readonly stepId: string;
      readonly mistake: string;
      /** The part it happened to, where somebody said so. */
      readonly designator?: string | undefined;
    }
  /** What a meter or a supply showed at a check, in the unit that the check asks for. */
  | { readonly kind: 'reading'; readonly stepId: string; readonly amount: number }
  | { readonly kind: 'help-asked'; readonly stepId: string }
  | { readonly kind: 'help-withdrawn'; readonly asked: string }
  /** Somebody came to the seat; `answers` are the calls for help that this settles. */
  | { readonly kind: 'visit'; readonly answers: readonly string[] }
  /** Takes back an event, as if it had not been; undoing an undo is not possible. */
  | { readonly kind: 'undo'; readonly undoes: string };

export type DeedKind = Deed['kind'];

export type Author = 'learner' | 'instructor';

export type BuildEvent = Deed & {
  /** Made by the device that saw it (UUID version 7, so that ids of one device sort by time). */
  readonly id: string;
  readonly seatId: string;
  /** ISO 8601, UTC: when it happened, by the device's clock corrected to the server's. */
  readonly at: string;
  readonly by: Author;
};

/** Deeds that a seat's own page may report; the others are the instructor's. */
export const learnerDeeds: readonly DeedKind[] = [
  'step-done',
  'step-reopened',
  'mistake',
  'reading',
  'help-asked',
  'help-withdrawn',
  'undo',
];
