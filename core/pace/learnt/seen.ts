import type { SeatState } from '../../build/foldSeat.ts';
import type { Experience } from '../experience.ts';
import type { PlannedStep } from '../stepMinutes.ts';
import { type LearntPace, learnPace, sumUp } from './learnPace.ts';
import type { LearnerTimes } from './posterior.ts';
import { paceBefore } from './priors.ts';
import type { StepTime } from './stepTimes.ts';
import { addedTrouble, noTrouble, type TroubleSeen, troubleAt } from './trouble.ts';

/** What one learner's evening shows of minutes. */
export interface SeatSeen {
  /** A learner's id, or a seat's where nobody gave a name. */
  readonly learner: string;
  readonly experience: Experience;
  readonly steps: readonly PlannedStep[];
  readonly state: SeatState;
  readonly times: readonly StepTime[];
}

/** Collects what evenings show of minutes, one after the other. */
export class Seen {
  readonly #people = new Map<string, LearnerTimes>();
  #trouble: TroubleSeen = noTrouble;

  add({ learner, experience, steps, state, times }: SeatSeen): void {
    const known = this.#people.get(learner);
    this.#people.set(learner, {
      learner,
      // What was said at the first workshop is the prior; from then on the times speak.
      before: known?.before ?? paceBefore(experience),
      sums: sumUp(times, known?.sums),
    });
    this.#trouble = addedTrouble(this.#trouble, troubleAt(steps, state));
  }

  learnt(): LearntPace & { readonly trouble: TroubleSeen } {
    return { ...learnPace([...this.#people.values()]), trouble: this.#trouble };
  }
}
