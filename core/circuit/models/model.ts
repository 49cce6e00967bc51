import type { Part } from '../../parts/part.ts';
import type { LeadName } from '../notes.ts';
import type { Draw } from '../spread.ts';
import type { State } from '../states.ts';

/** How one kind of part behaves, as cards of a SPICE netlist. */
export interface Model {
  readonly id: string;
  /** Where its figures come from. */
  readonly source: string;
  /** Something outside the board may be joined to it: a plug, a probe. */
  readonly joinsOutside?: true;
  readonly takes: (part: Part) => boolean;
  /** Parts that would be taken if these of their leads were known. */
  readonly wants?: { readonly of: (part: Part) => boolean; readonly leads: readonly LeadName[] };
  readonly cards: (at: At) => readonly string[];
  /** What of its currents eye or ear notices, by the name of their ammeter. */
  readonly meters?: readonly ('led' | 'snd')[];
  /** What of a run is the heat in it, in watts, to be summed; absent where it is next to nothing, or nobody can say. */
  readonly watts?: (at: Pick<At, 'place'>) => readonly string[];
  /** It keeps a state, or may swing: only a run over time tells. */
  readonly needsTime?: true;
  /** Its slowest output comes round once in so many rounds of what drives it; absent where it follows at once. */
  readonly divides?: (part: Part) => number;
  /** It swings by itself, so many times a second. */
  readonly swingsHertz?: number;
  /** Amplifies or switches: with a capacitor, it may swing. */
  readonly isActive?: true;
  /** What it can be set to, or stand in; figures hold for the first unless another is said. */
  readonly states?: readonly [State, ...State[]];
  /** What is taken for granted of it, to be said beside the figures. */
  readonly assumes?: (part: Part) => Assumption | null;
}

/** What nobody knows of a part without looking, and what is taken in its stead. */
export const assumptions = [
  'active-buzzer',
  'usual-led',
  'makers-differ',
  'crystal-still',
  'usual-motor',
  'begins-empty',
  'said',
] as const;
export type Assumption = (typeof assumptions)[number];

/** A part in its circuit, as its model sees it. */
export interface At {
  readonly place: string;
  readonly part: Part;
  /** The node of a pin, by its number; a node of its own where it is joined to nothing. */
  readonly node: (pin: number | string) => string;
  readonly isJoined: (pin: number | string) => boolean;
  /** One of the model’s; undefined where it has none. */
  readonly state: State | undefined;
  readonly draw: Draw;
  /** In which what flips may flip, in seconds: far less than anything that is looked at. */
  readonly flipSeconds: number;
}

/** A name for an element of this part: letter, place, and what of it. */
export const named = (letter: string, { place }: Pick<At, 'place'>, of = ''): string =>
  `${letter}${place.replace(/[^A-Za-z0-9]/g, '_')}${of ? `_${of}` : ''}`;

/** A node inside a part. */
export const inside = ({ place }: Pick<At, 'place'>, of: string): string =>
  `x_${place.replace(/[^A-Za-z0-9]/g, '_')}_${of}`.toLowerCase();

/**
 * A part of an expression with a node of its own: a simulator takes a long expression apart by every voltage in it, at
 * every step.
 */
export function worked(at: Pick<At, 'place'>, of: string, expression: string) {
  const node = inside(at, of);
  return { card: `${named('B', at, of)} ${node} 0 V = ${expression}`, volt: `V(${node})` };
}

/**
 * A node that follows another, later by some `seconds`. By a megohm: of much smaller charges the simulator does not
 * look whether they are right (its option `chgtol`).
 */
export const following = (
  at: Pick<At, 'place'>,
  of: string,
  { from, to, seconds }: { readonly from: string; readonly to: string; readonly seconds: number },
): string[] => [
  `${named('R', at, of)} ${from} ${to} 1meg`,
  `${named('C', at, of)} ${to} 0 ${figure(seconds / 1e6)}`,
];

/** A source of no voltage that tells the current through it, named so that it is found again. */
export const ammeter = (at: At, plus: string, minus: string, of = 'i'): string =>
  `${named('V', at, of)} ${plus} ${minus} 0`;

/** The power of an element, as the simulator calls it. */
export const power = (element: string): string => `@${element.toLowerCase()}[p]`;

export const figure = (value: number): string => value.toPrecision(7);
