/** Something about a kit that does not match its papers or its board; it belongs to the revision. */
export interface Erratum {
  /** Places it concerns; every step with one of them shows it. */
  readonly designators: readonly string[];
  /** In the instructor's words: what is wrong, and what to do instead. */
  readonly text: string;
}
