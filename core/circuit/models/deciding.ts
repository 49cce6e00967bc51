import { from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { type Gate, gatesOf } from './chipPins.ts';
import { latch, stateOf } from './latch.ts';
import { type At, figure, inside, type Model, named } from './model.ts';
import { ownCurrent, pinCapacitance, pushPull } from './output.ts';

/** Of inputs that are 0 or 1 (or on their way). */
const truth: Readonly<Record<Gate['does'], (ins: readonly string[]) => string>> = {
  not: ([a = '0']) => `1-${a}`,
  and: (ins) => ins.join('*'),
  nand: (ins) => `1-${ins.join('*')}`,
  or: (ins) => `1-${ins.map((one) => `(1-${one})`).join('*')}`,
  nor: (ins) => ins.map((one) => `(1-${one})`).join('*'),
  xor: ([a = '0', b = '0']) => `${a}*(1-${b})+${b}*(1-${a})`,
};

/**
 * Gates with inputs that decide at half the supply, or at two thresholds where they are Schmitt triggers: about 0.53
 * and 0.31 of the supply for the 74HC14 at 4.5 V (from memory of its data sheet). An input that turned keeps its side
 * until the other threshold.
 */
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
    const isHc = /^74/.test(typeOf(at.part)?.number ?? '');
    const upper = at.draw(0.53, from(0.46, 0.63));
    const lower = at.draw(0.33, from(0.25, 0.4));
    const used = pins.cells.filter(({ ins, out }) => [...ins, out].some(at.isJoined));
    const joined = used.flatMap(({ ins, out }) => [...ins, out]);
    return [
      ...pinCapacitance(at, rails.minus, joined.map(at.node)),
      ...used.flatMap((cell, index) => {
        const ins = cell.ins.map((pin) => input(at, rails, pin, cell.schmitt, { upper, lower }));
        return [
          ...ins.flatMap(({ cards }) => cards),
          ...pushPull(
            at,
            String(index),
            rails,
            at.node(cell.out),
            `max(0,V(${rails.plus},${rails.minus}))*(${truth[cell.does](ins.map(({ state }) => state))})`,
            isHc ? 45 : 400,
          ),
        ];
      }),
      // Next to nothing at rest; inputs between the levels let some through.
      ...ownCurrent(at, rails, at.draw(2e-5, from(1e-6, 4e-4))),
    ];
  },
};

function input(
  at: At,
  { plus, minus }: { readonly plus: string; readonly minus: string },
  pin: number,
  isSchmitt: boolean,
  { upper, lower }: { readonly upper: number; readonly lower: number },
): { readonly cards: readonly string[]; readonly state: string } {
  const volt = `V(${at.node(pin)},${minus})`;
  const supply = `V(${plus},${minus})`;
  if (isSchmitt) {
    const of = `i${pin}`;
    return {
      cards: latch(at, of, `${volt}/max(0.5,${supply})`, upper, lower),
      state: stateOf(at, of),
    };
  }
  const [state, next] = [inside(at, `i${pin}`), inside(at, `j${pin}`)];
  return {
    cards: [
      `${named('B', at, `j${pin}`)} ${next} 0 V = 0.5*(1+tanh(40*(${volt}/max(0.5,${supply})-0.5)))`,
      `${named('R', at, `j${pin}`)} ${next} ${state} 1k`,
      `${named('C', at, `j${pin}`)} ${state} 0 ${figure(at.flipSeconds / 5e3)}`,
    ],
    state: `V(${state})`,
  };
}
