import { coldState, type Hands, type HeatSetup, type HeatState, stepBy } from './model.ts';

/** What the hands did from a moment on. */
export interface Stroke extends Hands {
  /** Milliseconds since the beginning. */
  readonly atMs: number;
}

/** A whole try: what the hands did, and when it was looked at. */
export interface Try {
  readonly strokes: readonly Stroke[];
  /** When the board was picked up to look, in ms: what is not solid yet then is disturbed. */
  readonly lookedMs: number;
}

/** Internal step, in ms: the same for every page, however often it draws. */
export const stepMs = 2;

const idle: Hands = { iron: 'away', feed: 'none' };

/** A joint being heated: goes on by as much time as has passed, in steps that are always the same. */
export class HeatRun {
  readonly #setup: HeatSetup;
  #state: HeatState;
  #ms = 0;
  #hands: Hands = idle;
  readonly #strokes: Stroke[] = [];

  constructor(setup: HeatSetup) {
    this.#setup = setup;
    this.#state = coldState(setup);
  }

  get state(): HeatState {
    return this.#state;
  }

  get ms(): number {
    return this.#ms;
  }

  /** What was done so far, and looked at now. */
  get tried(): Try {
    return { strokes: [...this.#strokes], lookedMs: this.#ms };
  }

  /** What the hands do from now on. */
  use(hands: Hands): void {
    if (hands.iron === this.#hands.iron && hands.feed === this.#hands.feed) return;
    this.#hands = hands;
    const last = this.#strokes.at(-1);
    if (last?.atMs === this.#ms) this.#strokes.pop();
    this.#strokes.push({ ...hands, atMs: this.#ms });
  }

  /** Goes on to a moment, in ms since the beginning; what is left below a step waits for the next call. */
  advanceTo(ms: number): void {
    while (this.#ms + stepMs <= ms) {
      this.#state = stepBy(this.#setup, this.#hands, this.#state, stepMs / 1000);
      this.#ms += stepMs;
    }
  }
}

/** What happened in a try, worked out anew: a moment for every so many ms, and the last one. */
export interface Moment {
  readonly ms: number;
  readonly hands: Hands;
  readonly state: HeatState;
}

/**
 * Works a try out again.
 *
 * @param everyMs how far apart the moments are that are returned
 */
export function replay(setup: HeatSetup, { strokes, lookedMs }: Try, everyMs = 20): Moment[] {
  const run = new HeatRun(setup);
  const moments: Moment[] = [{ ms: 0, hands: idle, state: run.state }];
  let hands = idle;
  let next = 0;
  const end = Math.min(lookedMs, longestMs);
  for (let ms = 0; ms < end; ) {
    for (let stroke = strokes[next]; stroke && stroke.atMs <= ms; stroke = strokes[next]) {
      hands = { iron: stroke.iron, feed: stroke.feed };
      run.use(hands);
      next += 1;
    }
    ms = Math.min(end, ms + stepMs);
    run.advanceTo(ms);
    if (ms % everyMs < stepMs || ms === end) moments.push({ ms, hands, state: run.state });
  }
  return moments;
}

/** Nobody holds an iron longer on one joint. */
export const longestMs = 60_000;
