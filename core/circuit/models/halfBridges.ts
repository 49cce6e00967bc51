import { from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { above } from './latch.ts';
import { type At, figure, type Model, named, worked } from './model.ts';
import { ownCurrent } from './output.ts';

interface HalfBridge {
  readonly input: number;
  readonly output: number;
  /** High where it drives at all; absent where it always does. */
  readonly enable?: number;
  /** Where it pulls its output to. */
  readonly low: number;
}

interface MotorDriver {
  /** Of what it drives, and of its own logic. */
  readonly power: number;
  readonly logic: number;
  readonly minus: number;
  /** What is lost above and below, in volts, and the resistance of an output that is on. */
  readonly drop: { readonly above: number; readonly below: number; readonly ohm: number };
  readonly halves: readonly HalfBridge[];
}

const four: MotorDriver = {
  power: 8,
  logic: 16,
  minus: 4,
  drop: { above: 1.2, below: 1, ohm: 0.4 },
  halves: [
    { input: 2, output: 3, enable: 1, low: 4 },
    { input: 7, output: 6, enable: 1, low: 5 },
    { input: 10, output: 11, enable: 9, low: 12 },
    { input: 15, output: 14, enable: 9, low: 13 },
  ],
};
const small: MotorDriver = {
  power: 2,
  logic: 2,
  minus: 5,
  drop: { above: 0, below: 0, ohm: 0.9 },
  halves: [
    { input: 6, output: 1, low: 5 },
    { input: 7, output: 4, low: 5 },
  ],
};
const large: MotorDriver = {
  power: 4,
  logic: 9,
  minus: 8,
  drop: { above: 1, below: 0.8, ohm: 0.4 },
  halves: [
    { input: 5, output: 2, enable: 6, low: 1 },
    { input: 7, output: 3, enable: 6, low: 1 },
    { input: 10, output: 13, enable: 11, low: 15 },
    { input: 12, output: 14, enable: 11, low: 15 },
  ],
};

const drivers: Readonly<Record<string, MotorDriver>> = {
  L293: four,
  L293D: four,
  SN754410: four,
  L9110: small,
  L9110S: small,
  L298: large,
};
const driverOf = (part: At['part']) => drivers[typeOf(part)?.number ?? ''];

/** Each output follows its input to one end of the supply of what it drives, or lets go where it is not enabled. */
export const halfBridges: Model = {
  id: 'half-bridges',
  source:
    'inputs that switch at some 1.5 V; drops at some hundred milliamperes and pins from memory of data sheets',
  isActive: true,
  takes: (part) => isType(part, 'driver') && driverOf(part) !== undefined,
  cards: (at) => {
    const driver = driverOf(at.part);
    if (!driver) return [];
    const { drop, halves } = driver;
    const [power, minus] = [at.node(driver.power), at.node(driver.minus)];
    const rails = { plus: at.node(driver.logic), minus };
    const isFed = `min(1,max(0,V(${rails.plus},${minus})-1.5))`;
    const isHigh = (pin: number) =>
      at.isJoined(pin) ? above(`V(${at.node(pin)},${minus})`, '1.5') : '0';
    const ohm = figure(drop.ohm);
    return [
      ...halves.flatMap(({ input, output, enable, low }, index) => {
        if (!at.isJoined(output)) return [];
        const [out, bottom] = [at.node(output), at.node(low)];
        const drives = worked(
          at,
          `d${index}`,
          `${isFed}*${enable === undefined ? '1' : isHigh(enable)}`,
        );
        const goal = worked(at, `h${index}`, isHigh(input));
        const up = `max(0,V(${power},${out})-${figure(drop.above)})/${ohm}`;
        const down = `max(0,V(${out},${bottom})-${figure(drop.below)})/${ohm}`;
        return [
          drives.card,
          goal.card,
          // Up to three amperes: no chip of this size gives more.
          `${named('B', at, `u${index}`)} ${power} ${out} I = ${drives.volt}*${goal.volt}*3*tanh(${up}/3)`,
          `${named('B', at, `l${index}`)} ${out} ${bottom} I = ${drives.volt}*(1-${goal.volt})*3*tanh(${down}/3)`,
          `${named('R', at, `z${index}`)} ${out} ${bottom} 1meg`,
          `${named('C', at, `z${index}`)} ${out} ${bottom} 1n`,
        ];
      }),
      ...halves
        .flatMap(({ input, enable }) => (enable === undefined ? [input] : [input, enable]))
        .filter((pin, index, all) => all.indexOf(pin) === index && at.isJoined(pin))
        .map((pin) => `${named('R', at, `i${pin}`)} ${at.node(pin)} ${minus} 200k`),
      ...ownCurrent(at, rails, at.draw(0.02, from(0.002, 0.04))),
    ];
  },
};
