import type { Part } from '../../parts/part.ts';
import { factor, from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { type Amplifier, amplifier, amplifierPinsOf, type PinsOf } from './chipPins.ts';
import { figure, inside, type Model, named } from './model.ts';
import { ownCurrent, pushPull } from './output.ts';

/** How near an output comes to plus and to minus, in volts, and what one amplifier takes (from memory of data sheets). */
const families: readonly (readonly [RegExp, number, number, number])[] = [
  [/^(LM358|LM324|LM2904|LM2902)/, 1.4, 0.02, 0.4e-3],
  [/^(MCP6|TLC22|AD82|OPA234)/, 0.03, 0.03, 0.2e-3],
  [/^(TLC27|CA31)/, 1.2, 0.02, 0.8e-3],
  [/^(TDA20[345]0|LM1875)$/, 2, 2, 50e-3],
  [/./, 1.5, 1.6, 1.8e-3],
];

/** Op-amps for loudspeakers, all with the same five pins (from memory of data sheets). */
const isPowerOpAmp = (part: Part) =>
  isType(part, 'audio') && /^(TDA20[345]0|LM1875)$/.test(typeOf(part)?.number ?? '');
const powerOpAmpPins: PinsOf<Amplifier> = { plus: 5, minus: 3, cells: [amplifier(1, 2, 4)] };

export const opAmp: Model = {
  id: 'op-amp',
  source:
    'gain of a hundred thousand between its rails, offset up to 5 mV; rails by type, from memory',
  isActive: true,
  takes: (part) =>
    (isType(part, 'op-amp') && amplifierPinsOf(part) !== undefined) || isPowerOpAmp(part),
  cards: (at) => {
    const pins = isPowerOpAmp(at.part) ? powerOpAmpPins : amplifierPinsOf(at.part);
    if (!pins) return [];
    const number = typeOf(at.part)?.number ?? '';
    const [, high, low, ampere] = families.find(([numbers]) => numbers.test(number)) ?? [
      /./,
      1.5,
      1.6,
      2e-3,
    ];
    const outputOhm = isPowerOpAmp(at.part) ? 0.5 : 60;
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
          ...pushPull(at, String(index), rails, at.node(out), `V(${slow})`, outputOhm),
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

interface PowerAmplifier {
  readonly pins: PinsOf<Amplifier>;
  readonly gain: number;
  readonly inputOhm: number;
  /** Of the supply, what no output reaches. */
  readonly lostVolt: number;
  readonly ampere: readonly [usual: number, least: number, most: number];
}

/** From memory of data sheets. */
const audioAmplifiers: Readonly<Record<string, PowerAmplifier>> = {
  // Twenty times; more with a capacitor between pins 1 and 8.
  LM386: {
    pins: { plus: 6, minus: 4, cells: [amplifier(3, 2, 5)] },
    gain: 20,
    inputOhm: 50e3,
    lostVolt: 1.4,
    ampere: [5e-3, 3e-3, 8e-3],
  },
  LM380: {
    pins: { plus: 14, minus: 7, cells: [amplifier(2, 6, 8)] },
    gain: 50,
    inputOhm: 150e3,
    lostVolt: 2,
    ampere: [7e-3, 5e-3, 25e-3],
  },
  LM384: {
    pins: { plus: 14, minus: 7, cells: [amplifier(2, 6, 8)] },
    gain: 50,
    inputOhm: 150e3,
    lostVolt: 2,
    ampere: [8.5e-3, 5e-3, 25e-3],
  },
  TDA2822M: {
    pins: { plus: 2, minus: 4, cells: [amplifier(7, 8, 1), amplifier(6, 5, 3)] },
    gain: 90,
    inputOhm: 100e3,
    lostVolt: 0.6,
    ampere: [6e-3, 3e-3, 9e-3],
  },
  // One input, and two outputs that move against each other.
  TDA7052: {
    pins: { plus: 1, minus: 6, cells: [amplifier(2, 3, 5), amplifier(3, 2, 8)] },
    gain: 45,
    inputOhm: 100e3,
    lostVolt: 1,
    ampere: [4e-3, 2e-3, 8e-3],
  },
};

/** Its gain is fixed, and its output rests at about half the supply. */
export const audioAmplifier: Model = {
  id: 'audio-amplifier',
  source: 'gain, input resistance and own current by type, from memory of data sheets',
  isActive: true,
  takes: (part) =>
    isType(part, 'audio') && audioAmplifiers[typeOf(part)?.number ?? ''] !== undefined,
  cards: (at) => {
    const is = audioAmplifiers[typeOf(at.part)?.number ?? ''];
    if (!is) return [];
    const { pins, gain, inputOhm, lostVolt } = is;
    const rails = { plus: at.node(pins.plus), minus: at.node(pins.minus) };
    const supply = `V(${rails.plus},${rails.minus})`;
    const half = `(max(0.1,${supply}-${lostVolt})/2)`;
    const inputs = [...new Set(pins.cells.flatMap(({ inPlus, inMinus }) => [inPlus, inMinus]))];
    return [
      ...inputs.map(
        (pin) => `${named('R', at, `in${pin}`)} ${at.node(pin)} ${rails.minus} ${figure(inputOhm)}`,
      ),
      ...pins.cells.flatMap(({ inPlus, inMinus, out }, index) => {
        const [slow, fast] = [inside(at, `g${index}`), inside(at, `f${index}`)];
        return [
          `${named('B', at, `g${index}`)} ${fast} 0 V = ${half}*(1+tanh(${gain}*V(${at.node(inPlus)},${at.node(inMinus)})/${half}))+${lostVolt / 2}*min(1,${supply}/${lostVolt})`,
          `${named('R', at, `g${index}`)} ${fast} ${slow} 1k`,
          `${named('C', at, `g${index}`)} ${slow} 0 1n`,
          ...pushPull(at, String(index), rails, at.node(out), `V(${slow})`, 1),
        ];
      }),
      ...ownCurrent(at, rails, at.draw(is.ampere[0], from(is.ampere[1], is.ampere[2]))),
    ];
  },
};
