import { figure } from '../model.ts';

/** An expression that is 0 or 1, or on its way; `0` and `1` themselves where it never changes. */
export type Bit = string;

const joinedBy = (sign: string, all: readonly Bit[], ofNone: Bit): Bit =>
  all.length > 1 ? `(${all.join(sign)})` : (all[0] ?? ofNone);

export const not = (a: Bit): Bit => (a === '0' ? '1' : a === '1' ? '0' : `(1-${a})`);
export const both = (...all: readonly Bit[]): Bit =>
  all.includes('0')
    ? '0'
    : joinedBy(
        '*',
        all.filter((bit) => bit !== '1'),
        '1',
      );
/** Of which never more than one is there. */
export const oneOf = (...all: readonly Bit[]): Bit =>
  joinedBy(
    '+',
    all.filter((bit) => bit !== '0'),
    '0',
  );
/** A kept number as a bit, whatever little it has lost. */
export const isOne = (kept: string): Bit => `0.5*(1+tanh(12*(${kept}-0.5)))`;
export const either = (...all: readonly Bit[]): Bit => not(both(...all.map(not)));
/** Whether bits are a number: one expression a bit, the lowest first. */
export const isNumber = (value: number, bits: readonly Bit[]): Bit =>
  both(...bits.map((bit, index) => ((value >> index) & 1 ? bit : not(bit))));
/** The number that bits are, the lowest first. */
export const numberOf = (bits: readonly Bit[]): string =>
  oneOf(...bits.map((bit, index) => (bit === '0' ? '0' : `${2 ** index}*${bit}`)));

/** What a chip makes of one of its pins. */
export type ReadsPin = (pin: number) => Bit;
/** Holds while all of these pins are low. */
export const allLow =
  (...pins: readonly number[]) =>
  (read: ReadsPin): Bit =>
    both(...pins.map((pin) => not(read(pin))));

/** Works an expression out once where several others speak of it: what stands for it in them, by its name in the chip. */
export type Share = (of: string, expression: string) => string;

/**
 * What a row of noughts and ones has at a number, and half way between two numbers the middle of both: a simulator is
 * done with it many times as fast as with gates, since it need not take an expression apart by every bit in it.
 *
 * @param comesRound after the last number comes the first again; else the ends go on
 */
export function byTable(number: string, row: readonly boolean[], comesRound = false): Bit {
  const at = (index: number) =>
    row[comesRound ? (index + row.length) % row.length : index] ? 1 : 0;
  const isFirst = comesRound ? at(-1) : at(0);
  const isLast = comesRound ? at(row.length) : at(row.length - 1);
  const values = [isFirst, ...row.map((_, index) => at(index)), isLast];
  const steps = values.slice(1).flatMap((value, index) => {
    const before = values[index] ?? 0;
    return value === before
      ? []
      : [`${figure(index - 0.7)},${before}`, `${figure(index - 0.3)},${value}`];
  });
  if (steps.length === 0) return String(isFirst);
  return `pwl(${number},-2,${isFirst},${steps.join(',')},${row.length + 1},${isLast})`;
}
