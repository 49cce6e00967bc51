import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import type { Wired } from './wired.ts';

export const resistor = (place: string, amount: number) =>
  line('resistor-axial', place, ohm(amount));
export const film = (place: string, amount: number) => line('capacitor-film', place, farad(amount));
export const dip = (place: string, number: string, pins: number) =>
  line('ic-dip', place, type(number), pins);
export const pins = (count: number, at: Readonly<Record<number, string>>) =>
  Array.from({ length: count }, (_, index) => at[index + 1] ?? '-').join(' ');
/** A Schmitt inverter that swings at some 120 Hz. */
export const clock: Wired[] = [
  [dip('U9', '40106', 14), pins(14, { 1: 'cap', 2: 'clk', 7: 'minus', 14: 'plus' })],
  [resistor('R99', 100_000), 'clk cap'],
  [film('C99', 1e-7), 'cap minus'],
];
export const over = (seconds: number) =>
  ({ kind: 'time', stopSeconds: seconds, stepSeconds: seconds / 800 }) as const;
export const at16 = { 8: 'minus', 16: 'plus' };
export const at14 = { 7: 'minus', 14: 'plus' };

/** A number in binary at some pins, the lowest first. */
export const inputs = (value: number, at: readonly number[]) =>
  Object.fromEntries(at.map((pin, bit) => [pin, (value >> bit) & 1 ? 'plus' : 'minus']));
