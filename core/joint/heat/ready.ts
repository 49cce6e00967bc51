import { coldState, feedMm3PerSecond, type HeatSetup, solderLiquid, stepBy } from './model.ts';
import { HeatRun, type Stroke, stepMs, type Try } from './run.ts';

/** Longer nobody waits for a joint to get hot, in s. */
export const patienceSeconds = 30;

/**
 * Seconds that the tip must be on pad and lead until both would melt and be wetted by solder.
 *
 * @returns null where they never get that hot
 */
export function secondsToReady(setup: HeatSetup): number | null {
  const enough = setup.alloy.liquidus + 10;
  let state = coldState(setup);
  for (let ms = 0; ms < patienceSeconds * 1000; ms += dryStepMs) {
    const coldest = Math.min(state.pad, state.lead);
    if (coldest >= enough) return ms / 1000;
    state = stepBy(setup, { iron: 'both', feed: 'none' }, state, dryStepMs / 1000);
    // What rises no faster than this would need longer than anybody waits.
    const rising = (Math.min(state.pad, state.lead) - coldest) / (dryStepMs / 1000);
    if (ms > 2000 && rising * patienceSeconds < enough - coldest) return null;
  }
  return null;
}

/** Long enough to see what happens, and no longer than a hand is steady and a pad bears it (common practice). */
export const isComfortable = (seconds: number): boolean => seconds >= 0.8 && seconds <= 4;

/** Without solder nothing changes so fast that smaller steps would say anything else; see the tests. */
const dryStepMs = 5;

/** After feeding, so long the iron stays on, in ms, until the solder has flowed. */
const flowMs = 500;

/**
 * How the joint is made as it should be: heat, feed, let it flow, iron away, hold still.
 *
 * @returns undefined where the tip never gets it hot enough
 */
export function goodTry(setup: HeatSetup): Try | undefined {
  const ready = secondsToReady(setup);
  if (ready === null) return undefined;
  const feedMs = (setup.target.solderMm3 / feedMm3PerSecond) * 1000;
  const fedAt = round(ready * 1000);
  const strokes: Stroke[] = [
    { atMs: 0, iron: 'both', feed: 'none' },
    { atMs: fedAt, iron: 'both', feed: 'joint' },
    { atMs: round(fedAt + feedMs), iron: 'both', feed: 'none' },
    { atMs: round(fedAt + feedMs + flowMs), iron: 'away', feed: 'none' },
  ];
  return { strokes, lookedMs: solidAt(setup, strokes) };
}

const round = (ms: number): number => Math.ceil(ms / stepMs) * stepMs;

/** When the solder is solid again after the last stroke, in ms. */
function solidAt(setup: HeatSetup, strokes: readonly Stroke[]): number {
  const run = new HeatRun(setup);
  for (const stroke of strokes) {
    run.advanceTo(stroke.atMs);
    run.use(stroke);
  }
  const from = run.ms;
  while (solderLiquid(setup, run.state) > 0 && run.ms < from + patienceSeconds * 1000)
    run.advanceTo(run.ms + stepMs);
  return run.ms + 300;
}
