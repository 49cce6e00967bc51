import { from } from '../../spread.ts';
import { isType } from '../amounts.ts';
import type { Model } from '../model.ts';
import { ownCurrent, pinCapacitance, pullDown, pushPull } from '../output.ts';
import { type Gate, gatesOf } from './gatePins.ts';
import { driveOhm, plainInput, schmittInput, thresholdsOf } from './levels.ts';

/** Of inputs that are 0 or 1 (or on their way). */
const truth: Readonly<Record<Gate['does'], (ins: readonly string[]) => string>> = {
  not: ([a = '0']) => `1-${a}`,
  same: ([a = '0']) => a,
  and: (ins) => ins.join('*'),
  nand: (ins) => `1-${ins.join('*')}`,
  or: (ins) => `1-${ins.map((one) => `(1-${one})`).join('*')}`,
  nor: (ins) => ins.map((one) => `(1-${one})`).join('*'),
  xor: ([a = '0', b = '0']) => `${a}*(1-${b})+${b}*(1-${a})`,
  xnor: ([a = '0', b = '0']) => `1-${a}*(1-${b})-${b}*(1-${a})`,
};

export const gate: Model = {
  id: 'gate',
  source:
    'thresholds as parts of the supply and output resistance by series, from memory of data sheets',
  isActive: true,
  needsTime: true,
  takes: (part) => isType(part, 'logic') && gatesOf(part) !== undefined,
  cards: (at) => {
    const pins = gatesOf(at.part);
    if (!pins) return [];
    const rails = { plus: at.node(pins.plus), minus: at.node(pins.minus) };
    const thresholds = thresholdsOf(at);
    // What drives nothing makes no difference.
    const used = pins.cells.filter(({ out }) => at.isJoined(out));
    const joined = pins.cells.flatMap(({ ins, out }) => [...ins, out]).filter(at.isJoined);
    return [
      ...pinCapacitance(at, rails.minus, joined.map(at.node)),
      ...used.flatMap((cell, index) => {
        const ins = cell.ins.map((pin) =>
          cell.schmitt ? schmittInput(at, rails, pin, thresholds) : plainInput(at, rails, pin),
        );
        const high = truth[cell.does](ins.map(({ state }) => state));
        const out = at.node(cell.out);
        return [
          ...ins.flatMap(({ cards }) => cards),
          ...(cell.isOpen
            ? [pullDown(at, String(index), out, rails.minus, `1-(${high})`, 0.02)]
            : pushPull(
                at,
                String(index),
                rails,
                out,
                `max(0,V(${rails.plus},${rails.minus}))*(${high})`,
                driveOhm(at),
              )),
        ];
      }),
      // Next to nothing at rest; inputs between the levels let some through.
      ...ownCurrent(at, rails, at.draw(2e-5, from(1e-6, 4e-4))),
    ];
  },
};
