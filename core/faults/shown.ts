import type { Circuit } from '../circuit/circuit.ts';
import { kelvinPerWatt, roomCelsius } from '../circuit/heat.ts';
import { modelOf } from '../circuit/models/index.ts';
import { named } from '../circuit/models/model.ts';
import { type Analysis, nodeOf, supplyCurrent } from '../circuit/netlist.ts';
import { coursesOf, type Vectors } from '../circuit/readings/solve.ts';
import type { Course } from '../circuit/swing.ts';
import { netOfPin } from './change.ts';
import type { Faulty } from './fault.ts';
import type { Points, SensePoint, Shown } from './signature.ts';

/** Faster than this the display of a meter shows the mean, and eyes see no blinking (common practice). */
const displayHertz = 3;
const eyeHertz = 25;

/** What a solved board shows that stands as usual. */
export function shownOf(
  points: Points,
  { stage }: Faulty,
  run: Vectors,
  analysis: Analysis,
): Shown {
  const course = coursesOf(run, analysis);
  const at = (pin: string): Course => {
    const net = netOfPin(stage, pin);
    const node = net === undefined ? '0' : nodeOf(net, stage.at);
    return node === '0' ? { mean: 0, least: 0, most: 0 } : course(`v(${node})`);
  };
  const ground = at(points.minus).mean;
  const probed = points.probes.map(at);
  return {
    volts: probed.map(({ mean }) => mean - ground),
    moves: probed.map(
      ({ least, most, hertz }) =>
        most - least > 0.4 && (hertz === undefined || hertz < displayHertz),
    ),
    milliampere: Math.abs(course(supplyCurrent).mean) * 1000,
    senses: sensedOf(
      points.senses.filter(({ when }) => !when),
      stage.circuit,
      course,
    ),
    celsius: points.warm.map((place) => {
      const one = stage.circuit.devices.find((device) => device.place === place);
      const watts = (one && modelOf(one)?.watts?.(one)) ?? [];
      const watt = watts.reduce(
        (sum, vector) => sum + Math.abs(course(vector.toLowerCase()).mean),
        0,
      );
      return roomCelsius + (one ? watt * kelvinPerWatt(one.part) : 0);
    }),
  };
}

/** What is on the parts that light or sound. */
export const sensedOf = (
  senses: readonly SensePoint[],
  { devices }: Circuit,
  course: (vector: string) => Course,
): Shown['senses'] =>
  senses.map(({ place, sense }) => {
    if (!devices.some((one) => one.place === place)) return { milliampere: 0, hertz: null };
    const of = sense === 'light' ? 'led' : 'snd';
    const { mean, most, hertz } = course(`i(${named('V', { place }, of).toLowerCase()})`);
    const comesAndGoes = hertz !== undefined && hertz < eyeHertz;
    const isHeard = sense === 'sound' && hertz !== undefined;
    return {
      milliampere: 1000 * (comesAndGoes || isHeard ? most : mean),
      hertz: comesAndGoes ? hertz : null,
    };
  });
