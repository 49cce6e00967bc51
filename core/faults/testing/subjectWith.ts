import { atEnds, stageOf, type Wired, wired } from '../../circuit/testing/wired.ts';
import type { Subject } from '../fault.ts';

/** A board for a test that is known by its circuit alone: no pads lie near each other. */
export function subjectWith(rows: readonly Wired[], volt: number): Subject {
  const circuit = wired(rows);
  const { fitted, conditions, feed } = stageOf(circuit, volt);
  return {
    board: null,
    circuitNotes: {},
    parts: rows.map(([part]) => part),
    circuit,
    at: atEnds,
    fitted,
    conditions,
    feed,
    pads: [],
  };
}
