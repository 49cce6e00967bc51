import { familyOf } from '../../parts/families/index.ts';
import type { Circuit } from '../circuit.ts';
import { modelOf } from '../models/index.ts';
import { type Across, type Analysis, netlistOf, nodeOf } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { nominalDraw } from '../spread.ts';
import { courseOf } from '../swing.ts';
import { timescaleOf } from '../timescale.ts';
import { coursesOf, solve, type Vectors } from './solve.ts';
import type { Stage } from './stage.ts';

/** How a stage is solved. */
export interface RunPlan {
  readonly analysis: Analysis;
  /** What one run costs: about as much as so many points of a board without chips. */
  readonly cost: number;
  /** Something swings so much faster than the rest may move that the rest could not be watched. */
  readonly tooFast: boolean;
}

/** A run of so many rounds of the fastest swing takes seconds; longer ones are not made. */
const mostRounds = 400;
/** So many rounds of the slowest swing are followed: two thirds of them count, on boards half as fast only half of those. */
const rounds = 8;
/** From one try to the next a run gets so much longer. */
const growth = 10;
/** A run has so many steps, and a round of what swings fastest so many. */
const leastSteps = 400;
const stepsOfRound = 16;
/** So many expressions take as long as all the rest of a small board. */
const expressionsOfPoint = 20;

/**
 * At rest, or over time where something may swing: short runs first, so that a whistle is not followed for minutes,
 * then longer ones for what is slower.
 *
 * @param onTry called after each of these runs with the part of them that is done at the most, from 0 to 1
 * @returns null where nothing solves it
 */
export async function planRun(
  engine: SpiceEngine,
  stage: Stage,
  onTry: (done: number) => void = () => {},
): Promise<RunPlan | null> {
  const { circuit, fitted, at, feed } = stage;
  const models = circuit.devices
    .filter(({ place }) => fitted.has(place))
    .map((device) => ({ model: modelOf(device), job: familyOf(device.part).job }));
  const stores = models.some(({ job }) => job === 'capacitor' || job === 'inductor');
  const needsTime = models.some(({ model }) => model?.needsTime);
  const across: Across = { kind: 'supply', volt: feed.volt, ohm: feed.ohm };
  const nominal = { across, drawOf: () => nominalDraw, extra: [] };
  const atRest: RunPlan = { analysis: { kind: 'point' }, tooFast: false, cost: 1 };
  if (needsTime || (stores && models.some(({ model }) => model?.isActive))) {
    const { shortest, longest: slowestPart } = timescaleOf(circuit, fitted, at);
    const beats = models.map(({ model }) => 1 / (model?.swingsHertz ?? Number.POSITIVE_INFINITY));
    const longest = Math.max(slowestPart, ...beats);
    const costOfPoint = 1 + expressionsOf(stage, across) / expressionsOfPoint;
    // What is divided is slow, but known to be a swing: it must come round four times, a round of what drives it takes
    // up to twice what its slowest part needs to charge.
    const atMost = Math.max(12 * longest, 9 * longest * dividing(circuit, fitted));
    let swings: Swinging | null = null;
    let last: RunPlan | null = null;
    let costPerSecond = 0;
    const first = 12 * shortest;
    const tries = 1 + Math.ceil(Math.max(0, Math.log(atMost / first) / Math.log(growth)));
    let tried = 0;
    for (let seconds = first; ; seconds *= growth) {
      const stopSeconds = Math.min(seconds, atMost);
      if (swings && swings.fastest * stopSeconds > mostRounds) {
        const rest = Math.min(rounds / swings.slowest, mostRounds / swings.fastest);
        return { ...overTime(rest, costPerSecond, swings.fastest), tooFast: true };
      }
      const analysis = overTime(stopSeconds).analysis;
      const run = await solve(engine, stage, { ...nominal, analysis });
      tried += 1;
      onTry(Math.min(1, tried / tries));
      if (!run) break;
      costPerSecond = ((run.get('time')?.length ?? 0) * costOfPoint) / stopSeconds;
      const found = swinging(run, analysis, stage);
      if (found) swings = found;
      if (!found && hasSettled(run, stage)) last = overTime(stopSeconds, costPerSecond);
      if (seconds >= atMost) break;
    }
    // Some rounds are enough, where the last try had far more.
    if (swings) return overTime(rounds / swings.slowest, costPerSecond, swings.fastest);
    if (needsTime && last) return last;
  }
  const run = await solve(engine, stage, { ...nominal, analysis: atRest.analysis });
  return run ? atRest : null;
}

/** What chips do is told by expressions, which take longer than anything else on a board. */
const expressionsOf = ({ circuit, fitted, at, conditions }: Stage, across: Across): number =>
  netlistOf({
    ...{ circuit, fitted, at, conditions, across, drawOf: () => nominalDraw, attempt: 0 },
    analysis: { kind: 'point' },
  })
    .split('\n')
    .filter((card) => card.startsWith('B')).length;

/** @param fastestHertz what swings fastest, as far as that is known: a step that is longer than a part of its round makes it too fast */
const overTime = (stopSeconds: number, costPerSecond = 0, fastestHertz = 0): RunPlan => ({
  analysis: {
    kind: 'time',
    stopSeconds,
    stepSeconds: stopSeconds / Math.max(leastSteps, stepsOfRound * fastestHertz * stopSeconds),
  },
  cost: Math.max(leastSteps, Math.round(costPerSecond * stopSeconds)),
  tooFast: false,
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
