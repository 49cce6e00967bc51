import { figure } from '../model.ts';
import { type Bit, byTable, type Share } from './bits.ts';

/** What is high at some of the numbers of a turn. */
export type InTurn = (isHigh: (value: number) => boolean) => Bit;

/**
 * Where a count is in its turn, which begins anew after so many; the count itself goes on.
 *
 * @param of what tells it from other counts of the chip
 */
export function inTurn(share: Share, count: string, turn: number, of: number | string = 0): InTurn {
  const at = share(`turn${of}`, `${count}-${turn}*floor((${count}+0.5)/${turn})`);
  const numbers = Array.from({ length: turn }, (_, value) => value);
  return (isHigh) => byTable(at, numbers.map(isHigh), true);
}

/** Whether a binary digit of a number is set, the first one being 0. */
export const digitOf =
  (digit: number) =>
  (value: number): boolean =>
    ((value >> digit) & 1) === 1;

/** A binary digit of a count of many stages, whose turns are too long for a table. */
export function bitOf(count: string, digit: number): Bit {
  const turn = 2 ** (digit + 1);
  const steep = 8 / Math.sin(Math.PI / turn);
  return `0.5*(1-tanh(${figure(steep)}*sin(${figure((2 * Math.PI) / turn)}*(${count}+0.5))))`;
}
