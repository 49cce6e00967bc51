import type { Board } from '../board/board.ts';
import type { Part } from '../parts/part.ts';
import type { CircuitNotes } from './notes.ts';

/** What tells how the parts of a kit are joined. */
export interface WiredKit {
  /** Null where none is laid out: then only what the instructor says is known. */
  readonly board: Board | null;
  /** What the instructor says of the circuit; empty where nothing is said. */
  readonly circuitNotes: CircuitNotes;
  readonly parts: readonly Part[];
}
