import type { State } from './states.ts';

export const feedChoices = ['own', 'bench'] as const;
export type FeedChoice = (typeof feedChoices)[number];

/** What the instructor says of the circuit of a board; pins as `R1.2`. */
export interface CircuitNotes {
  /** Where plus and minus come in, where the board does not tell or tells it wrongly. */
  readonly supply?: { readonly plus: string; readonly minus: string };
  /** What is joined, where the board does not tell it or tells it wrongly. */
  readonly nets?: readonly SaidNet[];
  /** What feeds it while it is measured: its own cells, from fresh to tired, or a bench supply that is set. */
  readonly feed?: FeedChoice;
  /** How parts stand while the board is measured, by place; the others stand as usual. */
  readonly states?: readonly { readonly place: string; readonly state: State }[];
  /** What something outside the board joins meanwhile: two probes held together, a plug. */
  readonly joined?: readonly { readonly one: string; readonly other: string }[];
}

/** A net as somebody says it; pins as `R1.2`. */
export interface SaidNet {
  readonly name: string;
  readonly pins: readonly string[];
}

export const mostJoined = 20;
