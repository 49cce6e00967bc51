import type { Sight } from '#core/learning/drills/drill';

/** What the picture of an exercise gets. */
export interface ViewProps<Task, Answer> {
  readonly task: Task;
  readonly sight: Sight;
  /** What was answered; from then on the picture only shows, the right answer beside it. */
  readonly given: Answer | undefined;
  /** Takes the answer; leave out where nobody answers, as on a projector. */
  readonly answer?: ((answer: Answer) => void) | undefined;
}
