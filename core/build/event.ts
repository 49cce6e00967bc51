import type { MistakeId } from '../learning/mistakes/ids.ts';

/** What can happen at a bench. The log of these is the only record; every state is a fold over it. */
export type Deed =
  | { readonly kind: 'step-done'; readonly stepId: string }
  /** The learner went back to a step that had been marked as done. */
  | { readonly kind: 'step-reopened'; readonly stepId: string }
  /** `stepId` is where the mistake was made; when it was found is the event's own time. */
  | {
      readonly kind: 'mistake';
      readonly stepId: string;
      readonly mistake: MistakeId;
      /** The part it happened to, where somebody said so. */
      readonly designator?: string | undefined;
      /** Who saw it; who logged it, where nobody said. */
      readonly noticedBy?: Author | undefined;
    }
  /** What a meter or a supply showed at a check, in the unit that the check asks for. */
  | { readonly kind: 'reading'; readonly stepId: string; readonly amount: number }
  /** Of a step that is done many times: how many are done now. */
  | { readonly kind: 'counted'; readonly stepId: string; readonly pieces: number }
  /** Staff have looked at a check that failed; `failed` are the failures that no longer hold the seat. */
  | { readonly kind: 'released'; readonly stepId: string; readonly failed: readonly string[] }
  | { readonly kind: 'help-asked'; readonly stepId: string }
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
    }
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
  'practised',
  'undo',
];
