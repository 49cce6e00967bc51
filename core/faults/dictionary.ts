import type { Fault } from './fault.ts';
import type { Points, Signature } from './signature.ts';

/** Every single fault that a board of a kit may have, and what it shows then. */
export interface FaultDictionary {
  /** Differs as soon as anything differs that it was worked out from. */
  readonly basis: string;
  /** Of the supply. */
  readonly volt: number;
  /** Above this a supply is taken to be overloaded, in mA. */
  readonly limitMilliampere: number;
  readonly points: Points;
  /** Parts of which nobody knows how they behave. */
  readonly unknown: readonly string[];
  readonly good: Signature;
  /** By sense, how often it comes and goes on a good board; null where it stays as it is. */
  readonly goodHertz: readonly (number | null)[];
  /** What faults show; several faults that make the same circuit share one. Null where no solution was found. */
  readonly signatures: readonly (Signature | null)[];
  readonly entries: readonly DictionaryEntry[];
  /** By entry: those that no reading tells apart, or that are mended in one way, have the same number; 0 is that of a good board. */
  readonly groups: readonly number[];
}

export interface DictionaryEntry {
  readonly fault: Fault;
  /** Index of what it shows. */
  readonly shows: number;
}
