import type { Part } from '../../parts/part.ts';
import type { Circuit, SupplyAt } from '../circuit.ts';
import { type Analysis, netlistOf, nodeOf, usualConditions } from '../netlist.ts';
import { coursesOf, type Vectors } from '../readings/solve.ts';
import type { Stage } from '../readings/stage.ts';
import { nominalDraw } from '../spread.ts';
import type { Course } from '../swing.ts';
import { testEngine } from './engine.ts';

/** A part and the nets at its pins, in the order of their numbers; `-` where a pin is joined to nothing. */
export type Wired = readonly [Part, string];

/** A circuit for a test: nets are called as one likes, `plus` and `minus` are the supply. */
export function wired(rows: readonly Wired[]): Circuit {
  const names = [...new Set(['plus', 'minus', ...rows.flatMap(([, nets]) => nets.split(' '))])];
  const devices = rows.flatMap(([part, nets]) =>
    part.designators.map((place) => ({
      place,
      part,
      netAt: Object.fromEntries(
        nets.split(' ').flatMap((net, index) => (net === '-' ? [] : [[String(index + 1), net]])),
      ),
    })),
  );
  return {
    devices,
    nets: names
      .filter((name) => name !== '-')
      .map((name) => ({
        id: name,
        name,
        pins: devices.flatMap(({ place, netAt }) =>
          Object.entries(netAt).flatMap(([pin, net]) => (net === name ? [`${place}.${pin}`] : [])),
        ),
      })),
  };
}

export const atEnds: SupplyAt = { plus: 'plus', minus: 'minus' };

/** The whole circuit on a supply that does not vary. */
export const stageOf = (circuit: Circuit, volt: number): Stage => ({
  circuit,
  at: atEnds,
  fitted: new Set(circuit.devices.map(({ place }) => place)),
  conditions: usualConditions,
  feed: { volt, freshVolt: volt, tiredVolt: volt, ohm: 0.001 },
});

/** What a circuit of parts as printed does, point by point. */
export async function vectorsOf(
  rows: readonly Wired[],
  volt: number,
  analysis: Analysis,
): Promise<Vectors> {
  const circuit = wired(rows);
  const run = await testEngine.run(
    netlistOf({
      circuit,
      fitted: new Set(circuit.devices.map(({ place }) => place)),
      at: atEnds,
      across: { kind: 'supply', volt, ohm: 0.001 },
      drawOf: () => nominalDraw,
      conditions: usualConditions,
      analysis,
      attempt: 0,
    }),
  );
  if (!run.ok) throw new Error(`${run.why}: ${run.says}`);
  return run.vectors;
}

/** What a circuit of parts as printed does once it has settled, by vector. */
export const solved = async (
  rows: readonly Wired[],
  volt: number,
  analysis: Analysis = { kind: 'point' },
): Promise<(vector: string) => Course> =>
  coursesOf(await vectorsOf(rows, volt, analysis), analysis);

/** The voltage of a net, in the middle where it moves. */
export const voltAt = async (
  rows: readonly Wired[],
  volt: number,
  net: string,
  analysis?: Analysis,
): Promise<number> => (await solved(rows, volt, analysis))(`v(${nodeOf(net, atEnds)})`).mean;
