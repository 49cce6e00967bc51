import type { Circuit, SupplyAt } from '../circuit.ts';
import type { Conditions } from '../netlist.ts';

/** A board, how far it is built, and how it stands. */
export interface Stage {
  readonly circuit: Circuit;
  readonly at: SupplyAt;
  readonly fitted: ReadonlySet<string>;
  readonly conditions: Conditions;
  readonly feed: Feed;
}

/** What feeds it, from fresh to tired. */
export interface Feed {
  readonly volt: number;
  readonly freshVolt: number;
  readonly tiredVolt: number;
  readonly ohm: number;
}

export interface Effort {
  /** Boards that are made up: where nothing swings, and where a run over time is needed. */
  readonly boardsAtRest: number;
  readonly boardsOverTime: number;
  readonly seed: number;
}

/** Where a run takes long, fewer boards are made up, but not fewer than these. */
const leastOverTime = 8;
/** So many points of a board without chips are a minute of a simulator’s time, or two. */
const mostCost = 60_000;

/** Boards that are made up where each costs as much as so many points of a board without chips. */
export const boardsFor = (cost: number, { boardsOverTime }: Effort): number =>
  Math.min(boardsOverTime, Math.max(leastOverTime, Math.round(mostCost / cost)));

/** As many as an instructor waits for; more do not move the ends by what a meter shows. */
export const usualEffort: Effort = { boardsAtRest: 300, boardsOverTime: 30, seed: 1 };
