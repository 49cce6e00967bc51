import { factor } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { junction } from './diodes.ts';
import { above } from './latch.ts';
import { figure, inside, type Model, named } from './model.ts';

/** Darlington transistors with their resistors and diodes in one body; from memory of data sheets. */
const arrays: Readonly<Record<string, { readonly cells: number; readonly pins: number }>> = {
  ULN2003: { cells: 7, pins: 16 },
  ULN2803: { cells: 8, pins: 18 },
};

export const driverArray: Model = {
  id: 'driver-array',
  source:
    'inputs of 2.7 kΩ that switch at some 1.3 V, outputs down to 0.7 to 1.1 V; from memory of data sheets',
  isActive: true,
  takes: (part) => isType(part, 'driver') && arrays[typeOf(part)?.number ?? ''] !== undefined,
  cards: (at) => {
    const { cells, pins } = arrays[typeOf(at.part)?.number ?? ''] ?? { cells: 0, pins: 0 };
    const [minus, common] = [at.node(cells + 1), cells + 2];
    const drop = at.draw(0.65, factor(0.55, 0.8));
    return Array.from({ length: cells }, (_, index) => index).flatMap((index) => {
      const [input, output] = [index + 1, pins - index];
      if (!at.isJoined(input) && !at.isJoined(output)) return [];
      const base = inside(at, `b${index}`);
      const out = at.node(output);
      return [
        `${named('R', at, `b${index}`)} ${at.node(input)} ${base} 2.7k`,
        ...junction(
          at,
          base,
          minus,
          { volt: 1.3, ampere: 1e-3, n: 3.6, seriesOhm: 10 },
          `b${index}`,
        ),
        `${named('B', at, `o${index}`)} ${out} ${minus} I = ${above(`V(${base},${minus})`, '1.15')}*0.5*tanh(max(0,V(${out},${minus})-${figure(drop)})/0.8)`,
        ...(at.isJoined(common)
          ? junction(
              at,
              out,
              at.node(common),
              { volt: 0.8, ampere: 0.1, n: 1.8, seriesOhm: 1 },
              `f${index}`,
            )
          : []),
      ];
    });
  },
};
