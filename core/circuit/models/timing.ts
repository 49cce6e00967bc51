import { factor, from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { timersOf } from './chipPins.ts';
import { above, latch, stateOf } from './latch.ts';
import { figure, inside, type Model, named } from './model.ts';
import { ownCurrent, pinCapacitance, pushPull } from './output.ts';

/**
 * Two comparators at a third and two thirds of the supply set and clear a latch, which the output follows and which
 * opens the discharge transistor (any data sheet of it). Below 1.5 V it does nothing.
 */
export const timer: Model = {
  id: 'timer',
  source: 'thirds of the supply, latch, output and discharge as in its data sheet, from memory',
  isActive: true,
  needsTime: true,
  takes: (part) => isType(part, 'timer') && timersOf(part) !== undefined,
  cards: (at) => {
    const timers = timersOf(at.part) ?? [];
    const isCmos = /^(ICM|7555|7556|LMC|TLC)/.test(typeOf(at.part)?.number ?? '');
    const [first] = timers;
    if (!first) return [];
    const rails = { plus: at.node(first.plus), minus: at.node(first.minus) };
    const third = isCmos ? 100e3 : at.draw(5e3, from(4e3, 6e3));
    const high = isCmos ? 0.1 : at.draw(1.3, from(1.1, 1.7));
    return [
      ...pinCapacitance(at, rails.minus, [
        ...timers.flatMap((pin) => [
          at.node(pin.threshold),
          at.node(pin.discharge),
          at.node(pin.control),
          at.node(pin.output),
        ]),
        ...timers.map((_, index) => inside(at, `t${index}`)),
      ]),
      ...timers.flatMap((pin, index) => {
        const minus = rails.minus;
        const control = at.node(pin.control);
        const lower = inside(at, `t${index}`);
        const vs = (node: string) => `V(${node},${minus})`;
        // A reset pin that is left open counts as high.
        const isReset = at.isJoined(pin.reset)
          ? above(`min(0.7,0.3*V(${rails.plus},${minus}))`, vs(at.node(pin.reset)))
          : '0';
        const isRunning = above(`V(${rails.plus},${minus})`, '1.5');
        const of = String(index);
        const state = stateOf(at, of);
        const [isFed, isLow, isOver] = ['fed', 'low', 'over'].map((what) =>
          inside(at, `${what}${of}`),
        );
        // Each with a node of its own: a simulator takes a long expression apart by every voltage in it.
        const bit = (node: string, expression: string) =>
          `${named('B', at, node)} ${node} 0 V = ${expression}`;
        // Nothing of it before the latch has turned: what charges through megohms would stop half way.
        const isOff = `0.5*(1+tanh(20*(0.5-${state})))`;
        const isSet = `V(${isFed})*V(${isLow})`;
        const isCleared = `(1-V(${isFed})*(1-V(${isOver})))`;
        return [
          bit(isFed ?? '', `${isRunning}*(1-${isReset})`),
          bit(isLow ?? '', above(vs(lower), vs(at.node(pin.trigger)))),
          bit(isOver ?? '', above(vs(at.node(pin.threshold)), vs(control))),
          `${named('R', at, `a${index}`)} ${rails.plus} ${control} ${figure(third)}`,
          `${named('R', at, `b${index}`)} ${control} ${lower} ${figure(third)}`,
          `${named('R', at, `c${index}`)} ${lower} ${minus} ${figure(third)}`,
          // The trigger counts for more than the threshold.
          ...latch(at, of, `${isSet}-(1-${isSet})*${isCleared}`, 0.5, -0.5),
          ...pushPull(
            at,
            String(index),
            rails,
            at.node(pin.output),
            `${state}*max(0,V(${rails.plus},${minus})-${figure(high)})+0.05`,
            isCmos ? 80 : 12,
          ),
          `${named('B', at, `d${index}`)} ${at.node(pin.discharge)} ${minus} I = ${isOff}*0.1*tanh(${vs(at.node(pin.discharge))}/1.2)*min(1,max(0,V(${rails.plus},${minus})-1))`,
        ];
      }),
      ...ownCurrent(
        at,
        rails,
        timers.length *
          (isCmos ? at.draw(1e-4, factor(5e-5, 2e-4)) : at.draw(3e-3, from(1.5e-3, 5e-3))),
      ),
    ];
  },
};
