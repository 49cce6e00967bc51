/** A part of the circuit that can be tested by itself. */
export interface Block {
  readonly name: string;
  readonly places: readonly string[];
  /** What the learner sees when it works; null where it cannot be tried by itself. */
  readonly test: string | null;
}
