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
  /** How parts behave of which no model tells it. */
  readonly parts?: readonly SaidPart[];
  /** What is said of blocks instead of the usual sentence. */
  readonly does?: readonly SaidBlock[];
  /** What something outside the board joins meanwhile: two probes held together, a plug. */
  readonly joined?: readonly { readonly one: string; readonly other: string }[];
}

/** What a lead is, where a model must know it and no type tells. */
export const leadNames = [
  'plus',
  'minus',
  'alternating',
  'coil',
  'common',
  'rest-contact',
  'working-contact',
  'red',
  'green',
  'blue',
  'anode',
  'cathode',
  'unused',
] as const;
export type LeadName = (typeof leadNames)[number];

/** What a pin of a part does that is known by no model, as far as the instructor knows. */
export const pinDeeds = [
  'nothing',
  'plus',
  'minus',
  'high',
  'low',
  'swings',
  'gives-volts',
  'takes-current',
] as const;
export type PinDeed = (typeof pinDeeds)[number];

export interface SaidPin {
  readonly pin: string;
  readonly does: PinDeed;
  /** Hertz of what swings, volts of what gives them, milliamperes of what takes current. */
  readonly amount?: number;
}

/** How a part behaves, as the instructor says it: one of the three. */
export interface SaidPart {
  readonly place: string;
  /** What each of its leads is, in the order of its pins; its behaviour is known then. */
  readonly leads?: readonly LeadName[];
  /** As a closed box: what each of its pins does; a pin that is not named does nothing. */
  readonly pins?: readonly SaidPin[];
  /** Elements of a SPICE netlist whose nodes are its pins by their numbers. */
  readonly elements?: string;
}

export const mostElements = 4000;

/** A sentence of a block; nothing where it is left out. */
export interface SaidBlock {
  readonly of: string;
  readonly text: string;
}

export const mostSentence = 300;

/** A net as somebody says it; pins as `R1.2`. */
export interface SaidNet {
  readonly name: string;
  readonly pins: readonly string[];
}

export const mostJoined = 20;
