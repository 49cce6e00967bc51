import { pick, type Random } from '../../random.ts';
import type { NetFigures } from '../figures.ts';
import { type Across, nodeOf } from '../netlist.ts';
import type { SpiceEngine } from '../spice.ts';
import { nominalDraw } from '../spread.ts';
import { inputOhms, readVolt } from './meter.ts';
import { movedBy } from './movedBy.ts';
import type { Shown } from './pieces.ts';
import { rangeOf } from './range.ts';
import { movesOn, solve } from './solve.ts';
import type { Stage } from './stage.ts';

/** What a meter shows at one net, over many boards. */
export function netFigures(
  net: string,
  stage: Stage,
  shown: readonly Shown[],
  random: Random,
  left: LeftByMeter | undefined,
  isUnsure: boolean,
): NetFigures {
  const vector = `v(${nodeOf(net, stage.at)})`;
  const courses = shown.map(({ course }) => course(vector));
  const loaded = (volt: number) => volt * (left ? pick(random, left) : 1);
  const volts = courses.map(({ mean }) => readVolt(loaded(mean), random));
  const volt = rangeOf(volts);
  const swinging = courses.filter(({ hertz }) => hertz !== undefined);
  const moved = movedBy(
    shown.map(({ pieces }) => pieces),
    volts,
  );
  const much = Math.max(0.3, stage.feed.volt * 0.12);
  // Here every board counts: what one in thirty does, an unknown part may well do.
  const wide = Math.max(...volts) - Math.min(...volts) > much;
  const swings = swinging.length > courses.length * 0.8;
  const moves = !swings && movesOn(courses, much);
  return {
    net,
    volt,
    ...(swings
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
    ...((isUnsure && wide) || moves ? { unsure: true } : {}),
  };
}

/** How much of a voltage is left with each kind of meter on it: of `inputOhms`, in their order. */
export type LeftByMeter = readonly number[];

/**
 * How much of the voltage of each net is left while a meter is on it. The meter stands in the circuit itself: what gives
 * way by a diode gives way once, and not by as much again for a meter that draws ten times more.
 */
export async function leftByMeters(
  engine: SpiceEngine,
  stage: Stage,
): Promise<Map<string, LeftByMeter>> {
  const { circuit, at, feed } = stage;
  const across: Across = { kind: 'supply', volt: feed.volt, ohm: feed.ohm };
  const read = async (extra: readonly string[]) =>
    solve(engine, stage, { across, drawOf: () => nominalDraw, analysis: { kind: 'point' }, extra });
  const free = await read([]);
  const found = new Map<string, LeftByMeter>();
  for (const { id } of circuit.nets) {
    if (id === at.minus || id === at.plus) continue;
    const node = nodeOf(id, at);
    const alone = free?.get(`v(${node})`)?.[0] ?? 0;
    const left: number[] = [];
    for (const ohm of inputOhms) {
      const under = (await read([`Rmeter ${node} 0 ${ohm}`]))?.get(`v(${node})`)?.[0];
      const isTold = under !== undefined && Math.abs(alone) > leastVolt;
      left.push(isTold ? Math.min(1, Math.max(0, under / alone)) : 1);
    }
    found.set(id, left);
  }
  return found;
}

/** Below this nothing is told of what a meter takes away. */
const leastVolt = 0.02;
