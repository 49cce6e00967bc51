import type { Random } from '../../random.ts';
import type { NetFigures } from '../figures.ts';
import { type Across, nodeOf } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { nominalDraw } from '../spread.ts';
import { inputOhms, readVolt } from './meter.ts';
import { movedBy } from './movedBy.ts';
import type { Shown } from './pieces.ts';
import { rangeOf } from './range.ts';
import { solve } from './solve.ts';
import type { Stage } from './stage.ts';

/** What a meter shows at one net, over many boards. */
export function netFigures(
  net: string,
  stage: Stage,
  shown: readonly Shown[],
  random: Random,
  sourceOhm: number | undefined,
  isUnsure: boolean,
): NetFigures {
  const vector = `v(${nodeOf(net, stage.at)})`;
  const courses = shown.map(({ course }) => course(vector));
  const loaded = (volt: number) => {
    const input = random() < 0.5 ? inputOhms[0] : inputOhms[1];
    return sourceOhm === undefined ? volt : (volt * input) / (input + sourceOhm);
  };
  const volts = courses.map(({ mean }) => readVolt(loaded(mean), random));
  const volt = rangeOf(volts);
  const swinging = courses.filter(({ hertz }) => hertz !== undefined);
  const moved = movedBy(
    shown.map(({ pieces }) => pieces),
    volts,
  );
  // Here every board counts: what one in thirty does, an unknown part may well do.
  const wide = Math.max(...volts) - Math.min(...volts) > Math.max(0.3, stage.feed.volt * 0.12);
  return {
    net,
    volt,
    ...(swinging.length > courses.length * 0.8
      ? {
          swings: {
            lowVolt: rangeOf(swinging.map(({ least }) => least)),
            highVolt: rangeOf(swinging.map(({ most }) => most)),
            hertz: rangeOf(swinging.map(({ hertz = 0 }) => hertz)),
            duty: rangeOf(swinging.map(({ duty = 0 }) => duty)),
          },
        }
      : {}),
    ...(moved === null ? {} : { movedBy: moved }),
    ...(isUnsure && wide ? { unsure: true } : {}),
  };
}

/** How much a net gives way when a microampere is drawn from it: its source resistance, in ohms. */
export async function sourceOhms(engine: SpiceEngine, stage: Stage): Promise<Map<string, number>> {
  const { circuit, at, feed } = stage;
  const across: Across = { kind: 'supply', volt: feed.volt, ohm: feed.ohm };
  const read = async (extra: readonly string[]) =>
    solve(engine, stage, { across, drawOf: () => nominalDraw, analysis: { kind: 'point' }, extra });
  const free = await read([]);
  const found = new Map<string, number>();
  for (const { id } of circuit.nets) {
    if (id === at.minus || id === at.plus) continue;
    const node = nodeOf(id, at);
    const pulled = await read([`Ipull ${node} 0 1e-7`]);
    const drop = (free?.get(`v(${node})`)?.[0] ?? 0) - (pulled?.get(`v(${node})`)?.[0] ?? 0);
    found.set(id, Math.min(1e8, Math.max(0, drop / 1e-7)));
  }
  return found;
}
