import { factor, from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { amplifierPinsOf } from './chipPins.ts';
import { figure, inside, type Model, named } from './model.ts';
import { ownCurrent, pushPull } from './output.ts';

/** How near an output comes to plus and to minus, in volts, and what one amplifier takes (from memory of data sheets). */
const families: readonly (readonly [RegExp, number, number, number])[] = [
  [/^(LM358|LM324|LM2904|LM2902)/, 1.4, 0.02, 0.4e-3],
  [/^(MCP6|TLC22|AD82|OPA234)/, 0.03, 0.03, 0.2e-3],
  [/^(TLC27|CA31)/, 1.2, 0.02, 0.8e-3],
  [/./, 1.5, 1.6, 1.8e-3],
];

export const opAmp: Model = {
  id: 'op-amp',
  source:
    'gain of a hundred thousand between its rails, offset up to 5 mV; rails by type, from memory',
  isActive: true,
  takes: (part) => isType(part, 'op-amp') && amplifierPinsOf(part) !== undefined,
  cards: (at) => {
    const pins = amplifierPinsOf(at.part);
    if (!pins) return [];
    const number = typeOf(at.part)?.number ?? '';
    const [, high, low, ampere] = families.find(([numbers]) => numbers.test(number)) ?? [
      /./,
      1.5,
      1.6,
      2e-3,
    ];
    const rails = { plus: at.node(pins.plus), minus: at.node(pins.minus) };
    const rail = `V(${rails.plus},${rails.minus})`;
    const top = `max(0,${rail}-${high})`;
    return [
      ...pins.cells.flatMap(({ inPlus, inMinus, out }, index) => {
        const [slow, fast] = [inside(at, `g${index}`), inside(at, `f${index}`)];
        const offset = figure(at.draw(0, from(-0.005, 0.005)));
        const middle = `(0.5*(${top}+min(${low},${top})))`;
        const half = `(0.5*(${top}-min(${low},${top}))+1e-6)`;
        return [
          `${named('B', at, `g${index}`)} ${fast} 0 V = ${middle}+${half}*tanh(1e5*(V(${at.node(inPlus)},${at.node(inMinus)})+${offset})/${half})`,
          `${named('R', at, `g${index}`)} ${fast} ${slow} 1k`,
          `${named('C', at, `g${index}`)} ${slow} 0 10n`,
          ...pushPull(at, String(index), rails, at.node(out), `V(${slow})`, 60),
        ];
      }),
      ...ownCurrent(
        at,
        rails,
        pins.cells.length * at.draw(ampere, factor(ampere / 2, ampere * 1.8)),
      ),
    ];
  },
};

export const comparator: Model = {
  id: 'comparator',
  source: 'open collector: sinks up to 16 mA, 40 Ω; offset up to 5 mV; from memory of data sheets',
  isActive: true,
  takes: (part) => isType(part, 'comparator') && amplifierPinsOf(part) !== undefined,
  cards: (at) => {
    const pins = amplifierPinsOf(at.part);
    if (!pins) return [];
    const rails = { plus: at.node(pins.plus), minus: at.node(pins.minus) };
    return [
      ...pins.cells.map(({ inPlus, inMinus, out }, index) => {
        const offset = figure(at.draw(0, from(-0.005, 0.005)));
        const isLow = `0.5*(1+tanh(2e3*(V(${at.node(inMinus)},${at.node(inPlus)})+${offset})))`;
        const isFed = `min(1,max(0,V(${rails.plus},${rails.minus})-1))`;
        return `${named('B', at, `o${index}`)} ${at.node(out)} ${rails.minus} I = ${isFed}*${isLow}*0.016*tanh(V(${at.node(out)},${rails.minus})/0.64)`;
      }),
      ...ownCurrent(at, rails, at.draw(0.7e-3, from(0.3e-3, 1e-3))),
    ];
  },
};

/** One comparator whose output transistor has both ends led out. */
export const looseComparator: Model = {
  id: 'loose-comparator',
  source: 'output transistor from pin 7 to pin 1, up to 30 mA; from memory of its data sheet',
  isActive: true,
  takes: (part) => isType(part, 'comparator') && typeOf(part)?.number === 'LM311',
  cards: (at) => {
    const rails = { plus: at.node(8), minus: at.node(4) };
    const offset = figure(at.draw(0, from(-0.005, 0.005)));
    const isLow = `0.5*(1+tanh(2e3*(V(${at.node(3)},${at.node(2)})+${offset})))`;
    const isFed = `min(1,max(0,V(${rails.plus},${rails.minus})-1))`;
    return [
      `${named('B', at, 'o')} ${at.node(7)} ${at.node(1)} I = ${isFed}*${isLow}*0.03*tanh(V(${at.node(7)},${at.node(1)})/0.5)`,
      ...ownCurrent(at, rails, at.draw(4e-3, from(2e-3, 7e-3))),
    ];
  },
};

/** Twenty times, about half the supply at rest; more with a capacitor between pins 1 and 8. */
export const audioAmplifier: Model = {
  id: 'audio-amplifier',
  source:
    'LM386: gain 20, inputs of 50 kΩ, output at half the supply, 4 to 8 mA; from memory of its data sheet',
  isActive: true,
  takes: (part) => isType(part, 'audio') && typeOf(part)?.number === 'LM386',
  cards: (at) => {
    const rails = { plus: at.node(6), minus: at.node(4) };
    const supply = `V(${rails.plus},${rails.minus})`;
    const [slow, fast] = [inside(at, 'g'), inside(at, 'f')];
    const half = `(max(0.1,${supply}-1.4)/2)`;
    return [
      ...[2, 3].map((pin) => `${named('R', at, `in${pin}`)} ${at.node(pin)} ${rails.minus} 50k`),
      `${named('B', at, 'g')} ${fast} 0 V = ${half}*(1+tanh(20*V(${at.node(3)},${at.node(2)})/${half}))+0.7*min(1,${supply}/1.4)`,
      `${named('R', at, 'g')} ${fast} ${slow} 1k`,
      `${named('C', at, 'g')} ${slow} 0 1n`,
      ...pushPull(at, 'a', rails, at.node(5), `V(${slow})`, 1),
      ...ownCurrent(at, rails, at.draw(5e-3, from(3e-3, 8e-3))),
    ];
  },
};
