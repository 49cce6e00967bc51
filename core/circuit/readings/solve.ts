import { type Analysis, attempts, type Bench, netlistOf } from '../netlist.ts';
import type { Samples, SpiceEngine } from '../spice.ts';
import { type Course, courseOf } from '../swing.ts';
import type { Stage } from './stage.ts';

export type Vectors = ReadonlyMap<string, Samples>;

/** One board solved, harder at each attempt; null where nothing helps. */
export async function solve(
  engine: SpiceEngine,
  { circuit, fitted, at, conditions }: Stage,
  {
    near,
    ...how
  }: Pick<Bench, 'across' | 'drawOf' | 'analysis'> & {
    readonly extra: readonly string[];
    readonly near?: Vectors | undefined;
  },
): Promise<Vectors | null> {
  // The same made-up board at every attempt: its draws are made once.
  for (let attempt = 0; attempt < attempts.length; attempt += 1) {
    const beginsAt = near && attempt === 0 ? { near } : {};
    const run = await engine.run(
      netlistOf({ circuit, fitted, at, conditions, attempt, ...how, ...beginsAt }),
    );
    if (run.ok) return run.vectors;
    if (run.why === 'fault') throw new Error(run.says);
    // What took too long takes too long again.
    if (run.why === 'time') return null;
  }
  return null;
}

/** What each vector of a run does once it has settled. */
export const coursesOf =
  (run: Vectors, analysis: Analysis) =>
  (vector: string): Course => {
    const values = run.get(vector) ?? [];
    if (analysis.kind === 'point') {
      const [value = 0] = values;
      return { mean: value, least: value, most: value };
    }
    const time = run.get('time') ?? [];
    // What swings by less than a hundredth of a volt, or by a hundredth of a milliampere, stands still.
    const still = vector.startsWith('v') ? 0.05 : 5e-5;
    return courseOf(time, values, analysis.stopSeconds * 0.3, still);
  };

/** Of what stands at one of its ends for nearly all of the time the other end is a needle, and says nothing. */
const needle = 0.1;

/** Whether something still moves on some of the boards, by more than this, and has not come round: no mean stands for it. */
export const movesOn = (courses: readonly Course[], much: number): boolean =>
  courses.filter(
    ({ hertz, mean, least, most }) =>
      hertz === undefined &&
      most - least > much &&
      Math.min(mean - least, most - mean) > needle * (most - least),
  ).length >
  courses.length * 0.2;
