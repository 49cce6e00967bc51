import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import type { Part } from '../../parts/part.ts';
import { pick, type Random, wholeBetween } from '../../random.ts';
import type { Wired } from './wired.ts';

/** A part by its number, and how many of its pins are joined. */
type Maker = (place: string, random: Random) => readonly [Part, number];

const some = (random: Random, ...values: readonly number[]) => pick(random, values);
const makers: readonly Maker[] = [
  (place, random) => [
    line('resistor-axial', `R${place}`, ohm(some(random, 220, 1000, 10_000, 47_000, 1e6))),
    2,
  ],
  (place, random) => [line('resistor-axial', `R${place}`, ohm(some(random, 470, 4700, 33_000))), 2],
  (place, random) => [
    line('capacitor-ceramic', `C${place}`, farad(some(random, 1e-9, 1e-8, 1e-7))),
    2,
  ],
  (place, random) => [
    line('capacitor-electrolytic', `C${place}`, farad(some(random, 1e-6, 1e-5))),
    2,
  ],
  (place) => [line('diode-axial', `D${place}`, type('1N4148')), 2],
  (place) => [line('led-5mm', `D${place}`, { kind: 'colour', colour: 'red' }), 2],
  (place, random) => [
    line('transistor-to92', `Q${place}`, type(pick(random, ['BC547', 'BC557', '2N3904']))),
    3,
  ],
  (place) => [line('mosfet-to92', `Q${place}`, type('2N7000')), 3],
  (place) => [line('trimmer', `RV${place}`, ohm(100_000)), 3],
  (place) => [line('push-button', `S${place}`), 4],
];
/** Chips get their supply; their other pins are anywhere. */
const chips: readonly (readonly [string, number, readonly number[], number])[] = [
  ['LM358', 8, [8], 4],
  ['LM393', 8, [8], 4],
  ['NE555', 8, [8, 4], 1],
  ['74HC14', 14, [14], 7],
  ['4011', 14, [14], 7],
];

/** Any circuit of up to 40 parts: a chain of resistors so that something holds every net, then parts anywhere. */
export function anyCircuit(random: Random): Wired[] {
  const nets = Array.from({ length: wholeBetween(random, 3, 14) }, (_, index) => `k${index}`);
  const anywhere = () => pick(random, ['plus', 'minus', ...nets, ...nets]);
  const rows: Wired[] = nets.map((net, index) => [
    line('resistor-axial', `R9${index}`, ohm(some(random, 1000, 10_000, 100_000))),
    `${index === 0 ? 'plus' : (nets[index - 1] ?? 'plus')} ${net}`,
  ]);
  const count = wholeBetween(random, 2, 40 - nets.length);
  for (let index = 1; index <= count; index += 1) {
    const [part, pins] = pick(random, makers)(String(index), random);
    rows.push([part, Array.from({ length: pins }, anywhere).join(' ')]);
  }
  if (random() < 0.4) {
    const [number, pins, plus, minus] = pick(random, chips);
    const at = Array.from({ length: pins }, (_, index) =>
      plus.includes(index + 1)
        ? 'plus'
        : index + 1 === minus
          ? 'minus'
          : random() < 0.3
            ? '-'
            : anywhere(),
    );
    rows.push([line(pins === 8 ? 'ic-dip' : 'ic-dip', 'U1', type(number), pins), at.join(' ')]);
  }
  return rows;
}
