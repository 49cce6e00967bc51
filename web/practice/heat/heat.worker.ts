import { expose } from 'comlink';
import { alloyOf } from '#core/joint/heat/alloys';
import type { Iron } from '#core/joint/heat/iron';
import type { Hands, HeatSetup, HeatState } from '#core/joint/heat/model';
import { secondsToReady } from '#core/joint/heat/ready';
import { HeatRun, type Try } from '#core/joint/heat/run';
import { targetOf } from '#core/joint/heat/targets';
import { tipOf } from '#core/joint/heat/tips';

/** What a page is told, some sixty times a second. */
export interface Shown {
  readonly ms: number;
  /** One for each joint. */
  readonly states: readonly HeatState[];
}

/** A tip and a solder. */
export type Way = Pick<Iron, 'tip' | 'alloy'>;

/** Between two tellings, in ms; the model’s own steps are shorter and always the same. */
const tellMs = 16;

let runs: readonly HeatRun[] = [];
let begun: number | undefined;
let timer: ReturnType<typeof setInterval> | undefined;

const api = {
  /** Lays out joints that are cold; time begins with the first touch. */
  begin(setups: readonly HeatSetup[], tell: (shown: Shown) => void): void {
    clearInterval(timer);
    begun = undefined;
    runs = setups.map((setup) => new HeatRun(setup));
    timer = setInterval(() => {
      if (begun === undefined) return;
      const ms = performance.now() - begun;
      for (const run of runs) run.advanceTo(ms);
      tell({ ms: runs[0]?.ms ?? 0, states: runs.map(({ state }) => state) });
    }, tellMs);
  },

  /** What the hands do from now on, at every joint alike. */
  use(hands: Hands): void {
    begun ??= performance.now();
    const ms = performance.now() - begun;
    for (const run of runs) {
      run.advanceTo(ms);
      run.use(hands);
    }
  },

  /** Picks the board up to look at it. */
  look(): readonly Try[] {
    clearInterval(timer);
    if (begun !== undefined) for (const run of runs) run.advanceTo(performance.now() - begun);
    return runs.map(({ tried }) => tried);
  },

  /** Seconds to heat a joint, for each way of doing it and each temperature; null where it never gets hot. */
  whatIf(
    targetId: string,
    ways: readonly Way[],
    celsius: readonly number[],
  ): readonly (readonly (number | null)[])[] {
    const target = targetOf(targetId);
    return ways.map(({ tip, alloy }) =>
      celsius.map((one) =>
        secondsToReady({ tip: tipOf(tip), celsius: one, alloy: alloyOf(alloy), target }),
      ),
    );
  },
};

export type HeatApi = typeof api;

expose(api);
