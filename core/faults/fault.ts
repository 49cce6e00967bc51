import type { Pad } from '../board/board.ts';
import type { Circuit, SupplyAt } from '../circuit/circuit.ts';
import type { Conditions } from '../circuit/netlist.ts';
import type { Feed, Stage } from '../circuit/readings/stage.ts';
import type { WiredKit } from '../circuit/wiredKit.ts';
import type { PartValue } from '../parts/part.ts';
import type { FaultKindId } from './kinds/ids.ts';

/** Something that can be wrong with a board. */
export interface Fault {
  readonly kind: FaultKindId;
  /** What it is about: places (`D1`), pins (`R3.1`), or holes (`C7`). */
  readonly at: readonly string[];
  /** What is fitted instead, where it is a part of another value. */
  readonly value?: PartValue;
}

export const faultKey = ({ kind, at, value }: Fault): string =>
  [kind, ...at, ...(value ? [JSON.stringify(value)] : [])].join(' ');

/** A board, as far as it tells which faults it may have. What they do to its circuit is another question. */
export interface Faultable extends WiredKit {
  readonly circuit: Circuit;
  readonly pads: readonly Pad[];
  /** Where the supply comes in. */
  readonly at: Pick<SupplyAt, 'place'>;
  /** Null where nobody has said how many volts. */
  readonly feed: { readonly volt: number | null };
}

/** A whole board, as faults are made from it. */
export interface Subject extends Faultable {
  readonly at: SupplyAt;
  readonly fitted: ReadonlySet<string>;
  readonly conditions: Conditions;
  readonly feed: Feed;
}

/** A board with something wrong with it. */
export interface Faulty {
  readonly stage: Stage;
  /** Cards beside those of its parts: a bridge of solder. */
  readonly extra: readonly string[];
}

/** One kind of fault: where a board may have it, and what it makes of the circuit; see also kinds/traits. */
export interface FaultKind<Id extends FaultKindId = FaultKindId> {
  readonly id: Id;
  readonly of: (board: Faultable) => readonly Fault[];
  readonly make: (subject: Subject, fault: Fault) => Faulty;
}
