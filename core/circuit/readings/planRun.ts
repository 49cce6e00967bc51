import { familyOf } from '../../parts/families/index.ts';
import type { Circuit } from '../circuit.ts';
import { modelOf } from '../models/index.ts';
import { type Across, type Analysis, nodeOf } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { nominalDraw } from '../spread.ts';
import { courseOf } from '../swing.ts';
import { timescaleOf } from '../timescale.ts';
import { coursesOf, solve, type Vectors } from './solve.ts';
import type { Stage } from './stage.ts';

/** How a stage is solved. */
export interface RunPlan {
  readonly analysis: Analysis;
  /** So many points one run has, about. */
  readonly points: number;
  /** Something swings so much faster than the rest may move that the rest could not be watched. */
  readonly tooFast: boolean;
}

/** A run of so many rounds of the fastest swing takes seconds; longer ones are not made. */
const mostRounds = 400;
/** So many rounds of the slowest swing are followed: two thirds of them count, on slower boards fewer. */
const rounds = 8;
/** From one try to the next a run gets so much longer. */
const growth = 10;

/**
 * At rest, or over time where something may swing: short runs first, so that a whistle is not followed for minutes,
 * then longer ones for what is slower.
 *
 * @returns null where nothing solves it
 */
export async function planRun(engine: SpiceEngine, stage: Stage): Promise<RunPlan | null> {
  const { circuit, fitted, at, feed } = stage;
  const models = circuit.devices
    .filter(({ place }) => fitted.has(place))
    .map((device) => ({ model: modelOf(device), job: familyOf(device.part).job }));
  const stores = models.some(({ job }) => job === 'capacitor' || job === 'inductor');
  const needsTime = models.some(({ model }) => model?.needsTime);
  const across: Across = { kind: 'supply', volt: feed.volt, ohm: feed.ohm };
  const nominal = { across, drawOf: () => nominalDraw, extra: [] };
  const atRest: RunPlan = { analysis: { kind: 'point' }, tooFast: false, points: 1 };
  if (needsTime || (stores && models.some(({ model }) => model?.isActive))) {
    const { shortest, longest: slowestPart } = timescaleOf(circuit, fitted, at);
    const beats = models.map(({ model }) => 1 / (model?.swingsHertz ?? Number.POSITIVE_INFINITY));
    const longest = Math.max(slowestPart, ...beats);
    // What is divided is slow, but known to be a swing: some rounds of it are enough.
    const atMost = Math.max(12 * longest, 5 * longest * dividing(circuit, fitted));
    let swings: Swinging | null = null;
    let last: RunPlan | null = null;
    let pointsPerSecond = 0;
    for (let seconds = 12 * shortest; ; seconds *= growth) {
      const stopSeconds = Math.min(seconds, atMost);
      if (swings && swings.fastest * stopSeconds > mostRounds) {
        return overTime(
          Math.min(rounds / swings.slowest, mostRounds / swings.fastest),
          pointsPerSecond,
          true,
        );
      }
      const analysis = overTime(stopSeconds).analysis;
      const run = await solve(engine, stage, { ...nominal, analysis });
      if (!run) break;
      pointsPerSecond = (run.get('time')?.length ?? 0) / stopSeconds;
      const found = swinging(run, analysis, stage);
      if (found) swings = found;
      if (!found && hasSettled(run, stage)) last = overTime(stopSeconds, pointsPerSecond);
      if (seconds >= atMost) break;
    }
    // Some rounds are enough, where the last try had far more.
    if (swings) return overTime(rounds / swings.slowest, pointsPerSecond);
    if (needsTime && last) return last;
  }
  const run = await solve(engine, stage, { ...nominal, analysis: atRest.analysis });
  return run ? atRest : null;
}

const overTime = (stopSeconds: number, pointsPerSecond = 0, tooFast = false): RunPlan => ({
  analysis: { kind: 'time', stopSeconds, stepSeconds: stopSeconds / 400 },
  points: Math.max(400, Math.round(pointsPerSecond * stopSeconds)),
  tooFast,
});

const voltages = ({ circuit, at }: Stage) =>
  circuit.nets.filter(({ id }) => id !== at.minus).map(({ id }) => `v(${nodeOf(id, at)})`);

/** By how much chips that count make what they are fed slower, all together. */
const dividing = ({ devices }: Circuit, fitted: ReadonlySet<string>): number =>
  devices
    .filter(({ place }) => fitted.has(place))
    .reduce((product, device) => product * (modelOf(device)?.divides?.(device.part) ?? 1), 1);

interface Swinging {
  readonly slowest: number;
  readonly fastest: number;
}

function swinging(run: Vectors, analysis: Analysis, stage: Stage): Swinging | null {
  const course = coursesOf(run, analysis);
  const all = voltages(stage).flatMap((vector) => {
    const { hertz, most, least } = course(vector);
    return hertz !== undefined && most - least > 0.1 ? [hertz] : [];
  });
  return all.length === 0 ? null : { slowest: Math.min(...all), fastest: Math.max(...all) };
}

/** Whether nothing moves any more in the last tenth of a run. */
function hasSettled(run: Vectors, stage: Stage): boolean {
  const time = run.get('time') ?? [];
  const end = time.at(-1) ?? 0;
  return voltages(stage).every((vector) => {
    const { least, most } = courseOf(time, run.get(vector) ?? [], end * 0.9, 0);
    return most - least < 0.02;
  });
}
