import type { Circuit, SupplyAt } from '../circuit.ts';
import { chipsOfOnePurpose, comparing, regulating, sensingTemperature } from './chips.ts';
import { decoupling } from './decoupling.ts';
import type { Block, Pattern } from './pattern.ts';
import { charging, divider, ledWithResistor } from './resistors.ts';
import { reverseDiode } from './reverseDiode.ts';
import { schmittOscillator } from './schmittOscillator.ts';
import { seeing } from './seeing.ts';
import { timerAstable, timerMonostable } from './timers.ts';
import { emitterFollower, switching } from './transistors.ts';
import { twoTransistorAstable } from './twoTransistorAstable.ts';

/** Ways in which parts are often joined; what stands first is known first. */
const patterns: readonly Pattern[] = [
  reverseDiode,
  regulating,
  sensingTemperature,
  decoupling,
  twoTransistorAstable,
  timerAstable,
  timerMonostable,
  schmittOscillator,
  ...chipsOfOnePurpose,
  comparing,
  divider,
  switching,
  emitterFollower,
  ledWithResistor,
  charging,
];

/** A part in one of these is spoken for: what else it looks like says less. */
const wholes: readonly Block['pattern'][] = [
  'two-transistor-astable',
  'timer-astable',
  'timer-monostable',
  'schmitt-oscillator',
];

/** What is known of a circuit by how its parts are joined; nothing where it is joined in no way that is known. */
export function blocksOf(circuit: Circuit, at: SupplyAt, volt: number): Block[] {
  const seen = seeing(circuit, at, volt);
  const found = patterns.flatMap(({ id, find }) =>
    find(seen).map((block): Block => ({ pattern: id, ...block })),
  );
  const taken = new Set(
    found.filter(({ pattern }) => wholes.includes(pattern)).flatMap(({ places }) => places),
  );
  return found.filter(
    ({ pattern, places }) =>
      wholes.includes(pattern) ||
      !['switching', 'charging'].includes(pattern) ||
      !places.some((place) => taken.has(place)),
  );
}

/** What a block is called where the instructor says something else of it. */
export const keyOfBlock = ({ pattern, places }: Block): string => [pattern, ...places].join(' ');
