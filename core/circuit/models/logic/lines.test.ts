import { describe, expect, it } from 'vitest';
import { at14, at16, dip, inputs, pins, resistor } from '../../testing/chips.ts';
import { solved, voltAt, type Wired } from '../../testing/wired.ts';

const at20 = { 10: 'minus', 20: 'plus' };
const at24 = { 12: 'minus', 24: 'plus' };
const upTo = (count: number) => Array.from({ length: count }, (_, index) => index);

/** Pins and function tables of data sheets, from memory. */
describe('chips that choose a line', () => {
  const outsOf154 = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 13, 14, 15, 16, 17];
  const outsOf4514 = [11, 9, 10, 8, 7, 6, 5, 4, 18, 17, 20, 19, 14, 13, 16, 15];
  it.each([
    [
      '74HC138',
      16,
      [1, 2, 3],
      [15, 14, 13, 12, 11, 10, 9, 7],
      { ...at16, 4: 'minus', 5: 'minus', 6: 'plus' },
      true,
    ],
    ['74HC139', 16, [14, 13], [12, 11, 10, 9], { ...at16, 15: 'minus' }, true],
    ['4555', 16, [2, 3], [4, 5, 6, 7], { ...at16, 1: 'minus' }, false],
    ['4556', 16, [2, 3], [4, 5, 6, 7], { ...at16, 1: 'minus' }, true],
    ['74LS42', 16, [15, 14, 13, 12], [1, 2, 3, 4, 5, 6, 7, 9, 10, 11], at16, true],
    ['74LS145', 16, [15, 14, 13, 12], [1, 2, 3, 4, 5, 6, 7, 9, 10, 11], at16, true],
    ['74HC154', 24, [23, 22, 21, 20], outsOf154, { ...at24, 18: 'minus', 19: 'minus' }, true],
    ['4514', 24, [2, 3, 21, 22], outsOf4514, { ...at24, 1: 'plus', 23: 'minus' }, false],
    ['4515', 24, [2, 3, 21, 22], outsOf4514, { ...at24, 1: 'plus', 23: 'minus' }, true],
  ] as const)('a %s gives one of its outputs', async (number, count, ins, outs, at, isLow) => {
    for (const value of outs.keys()) {
      const course = await solved(
        [
          [
            dip('U1', number, count),
            pins(count, {
              ...at,
              ...inputs(value, ins),
              ...Object.fromEntries(outs.map((pin, index) => [pin, `q${index}`])),
            }),
          ],
          ...outs.map((_, index): Wired => [resistor(`R${index}`, 10_000), `q${index} plus`]),
        ],
        5,
      );
      expect(
        upTo(outs.length).filter((index) => course(`v(q${index})`).mean < 2.5 === isLow),
      ).toEqual([value]);
    }
  });

  it.each([
    [
      '74HC138',
      16,
      { ...at16, ...inputs(0, [1, 2, 3]), 4: 'minus', 5: 'minus', 6: 'minus', 15: 'q' },
      5,
    ],
    [
      '74HC138',
      16,
      { ...at16, ...inputs(0, [1, 2, 3]), 4: 'plus', 5: 'minus', 6: 'plus', 15: 'q' },
      5,
    ],
    ['4514', 24, { ...at24, ...inputs(0, [2, 3, 21, 22]), 1: 'plus', 23: 'plus', 11: 'q' }, 0],
  ] as const)('a %s that is not enabled gives none', async (number, count, at, volt) => {
    expect(await voltAt([[dip('U1', number, count), pins(count, at)]], 5, 'q')).toBeCloseTo(
      volt,
      0,
    );
  });
});

describe('chips that choose an input', () => {
  it.each([
    ['74HC151', [4, 3, 2, 1, 15, 14, 13, 12], [11, 10, 9], 5, 7],
    ['74HC153', [10, 11, 12, 13], [14, 2], 9, 15],
    ['74HC157', [11, 10], [1], 9, 15],
  ] as const)(
    'a %s hands on the one that its address says',
    async (number, ins, address, out, enable) => {
      for (const value of ins.keys()) {
        const at = (only: boolean, isEnabled: boolean) =>
          voltAt(
            [
              [
                dip('U1', number, 16),
                pins(16, {
                  ...at16,
                  ...Object.fromEntries(
                    ins.map((pin, index) => [pin, (index === value) === only ? 'plus' : 'minus']),
                  ),
                  ...inputs(value, address),
                  [enable]: isEnabled ? 'minus' : 'plus',
                  [out]: 'q',
                }),
              ],
            ],
            5,
            'q',
          );
        expect(await at(true, true)).toBeGreaterThan(4.5);
        expect(await at(false, true)).toBeLessThan(0.5);
        expect(await at(true, false)).toBeLessThan(0.5);
      }
    },
  );
});

describe('chips that hand on, or let go', () => {
  it.each([
    ['74HC125', 14, at14, 9, 8, [10], 'minus', false],
    ['74HC126', 14, at14, 12, 11, [13], 'plus', false],
    ['74HC240', 20, at20, 8, 12, [1], 'minus', true],
    ['74HC244', 20, at20, 17, 3, [19], 'minus', false],
    ['74HC541', 20, at20, 9, 11, [1, 19], 'minus', false],
  ] as const)('a %s', async (number, count, rails, from, to, enables, on, inverts) => {
    const at = (input: string, enable: string) =>
      voltAt(
        [
          [
            dip('U1', number, count),
            pins(count, {
              ...rails,
              [from]: input,
              [to]: 'q',
              ...Object.fromEntries(enables.map((pin) => [pin, enable])),
            }),
          ],
          [resistor('R1', 10_000), 'q plus'],
          [resistor('R2', 10_000), 'q minus'],
        ],
        5,
        'q',
      );
    expect(await at('plus', on)).toBeCloseTo(inverts ? 0 : 5, 0);
    expect(await at('minus', on)).toBeCloseTo(inverts ? 5 : 0, 0);
    expect(await at('plus', on === 'plus' ? 'minus' : 'plus')).toBeCloseTo(2.5, 1);
  });
});
