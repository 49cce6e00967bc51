import { familyOf } from '../../parts/families/index.ts';
import { modelOf } from '../models/index.ts';
import { type Across, type Analysis, nodeOf } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { nominalDraw } from '../spread.ts';
import { courseOf } from '../swing.ts';
import { timescaleOf } from '../timescale.ts';
import { coursesOf, solve, type Vectors } from './solve.ts';
import type { Stage } from './stage.ts';

/** How a stage is solved: at rest, or over time where something may swing. Null where nothing solves it. */
export async function planRun(engine: SpiceEngine, stage: Stage): Promise<Analysis | null> {
  const { circuit, fitted, at, feed } = stage;
  const models = circuit.devices
    .filter(({ place }) => fitted.has(place))
    .map(({ part }) => ({ model: modelOf(part), job: familyOf(part).job }));
  const stores = models.some(({ job }) => job === 'capacitor' || job === 'inductor');
  const may = models.some(({ model }) => model?.needsTime || (model?.isActive && stores));
  const point: Analysis = { kind: 'point' };
  const across: Across = { kind: 'supply', volt: feed.volt, ohm: feed.ohm };
  const nominal = { across, drawOf: () => nominalDraw, extra: [] };
  if (may) {
    let stopSeconds = 12 * timescaleOf(circuit, fitted, at);
    for (let tries = 0; tries < 2; tries += 1) {
      const analysis: Analysis = { kind: 'time', stopSeconds, stepSeconds: stopSeconds / 400 };
      const run = await solve(engine, stage, { ...nominal, analysis });
      if (!run) break;
      const hertz = slowest(run, analysis, stage);
      if (hertz !== null) {
        // Some rounds are enough, where the first try had far more.
        const seconds = Math.min(stopSeconds, 9 / hertz);
        return { kind: 'time', stopSeconds: seconds, stepSeconds: seconds / 300 };
      }
      if (models.some(({ model }) => model?.needsTime) && hasSettled(run, stage)) return analysis;
      if (hasSettled(run, stage)) break;
      stopSeconds *= 6;
    }
  }
  const run = await solve(engine, stage, { ...nominal, analysis: point });
  return run ? point : null;
}

const voltages = ({ circuit, at }: Stage) =>
  circuit.nets.filter(({ id }) => id !== at.minus).map(({ id }) => `v(${nodeOf(id, at)})`);

function slowest(run: Vectors, analysis: Analysis, stage: Stage): number | null {
  const course = coursesOf(run, analysis);
  const all = voltages(stage).flatMap((vector) => {
    const { hertz, most, least } = course(vector);
    return hertz !== undefined && most - least > 0.1 ? [hertz] : [];
  });
  return all.length === 0 ? null : Math.min(...all);
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
