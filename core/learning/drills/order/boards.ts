import type { Part, PartValue } from '../../../parts/part.ts';
import { pick, type Random, shuffled, wholeBetween } from '../../../random.ts';

interface Sort {
  readonly family: string;
  readonly letter: string;
  readonly values: readonly PartValue[];
  readonly most: number;
  readonly pins?: number;
}

const ohm = (amount: number): PartValue => ({ kind: 'amount', unit: 'ohm', amount });
const farad = (amount: number): PartValue => ({ kind: 'amount', unit: 'farad', amount });
const type = (print: string): PartValue => ({ kind: 'type', print });
const none: PartValue = { kind: 'none' };

/** What beginners' boards are made of (common practice). */
const sorts: readonly Sort[] = [
  { family: 'resistor-axial', letter: 'R', values: [ohm(470), ohm(1000), ohm(10_000)], most: 4 },
  { family: 'diode-axial', letter: 'D', values: [type('1N4148'), type('1N4001')], most: 2 },
  { family: 'capacitor-ceramic', letter: 'C', values: [farad(1e-7), farad(1e-8)], most: 2 },
  { family: 'capacitor-electrolytic', letter: 'C', values: [farad(1e-5), farad(1e-4)], most: 2 },
  { family: 'transistor-to92', letter: 'Q', values: [type('2N3904')], most: 2 },
  { family: 'led-5mm', letter: 'D', values: [{ kind: 'colour', colour: 'red' }], most: 2 },
  { family: 'switch-slide', letter: 'S', values: [none], most: 1 },
  { family: 'terminal-block', letter: 'J', values: [none], most: 1, pins: 2 },
  { family: 'wire-link', letter: 'W', values: [none], most: 2 },
  { family: 'trimmer', letter: 'RV', values: [ohm(10_000)], most: 1 },
];

/** Chips with their sockets, and what brings power. */
const always: readonly Sort[] = [
  { family: 'socket-dip', letter: 'X', values: [none], most: 1, pins: 8 },
  { family: 'ic-dip', letter: 'U', values: [type('NE555'), type('LM393')], most: 1, pins: 8 },
  { family: 'battery-holder', letter: 'BT', values: [none], most: 1 },
];

/** The parts list of a small board that nobody has built before. */
export function madeUpKit(random: Random): Part[] {
  const counts = new Map<string, number>();
  const chosen = [...shuffled(random, sorts).slice(0, wholeBetween(random, 5, 8)), ...always];
  return chosen.map(({ family, letter, values, most, pins }): Part => {
    const designators = Array.from({ length: wholeBetween(random, 1, most) }, () => {
      const number = (counts.get(letter) ?? 0) + 1;
      counts.set(letter, number);
      return `${letter}${number}`;
    });
    return {
      designators,
      quantity: designators.length,
      family,
      value: pick(random, values),
      description: '',
      supply: 'in-kit',
      ...(pins === undefined ? {} : { pins }),
    };
  });
}
