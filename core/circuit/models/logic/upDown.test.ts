import { describe, expect, it } from 'vitest';
import { courseOf } from '../../swing.ts';
import { at14, at16, clock, dip, inputs, over, pins } from '../../testing/chips.ts';
import { solved, vectorsOf, type Wired } from '../../testing/wired.ts';

/** A net turned round, for what a chip tells by being low. */
const inverted = (from: string, to: string): Wired => [
  dip('U8', '40106', 14),
  pins(14, { ...at14, 1: from, 2: to }),
];

/**
 * Dividers by the number that is given, as data sheets of these counters show them: what tells the end loads it anew.
 * Which way they count shows in how many rounds that takes.
 */
describe('chips that count both ways', () => {
  const at4516 = (
    way: 'plus' | 'minus',
    given: number,
    others: Readonly<Record<number, string>> = {},
  ) => ({
    ...at16,
    15: 'clk',
    5: 'minus',
    9: 'minus',
    10: way,
    7: 'end',
    1: 'load',
    ...inputs(given, [4, 12, 13, 3]),
    2: 'eight',
    14: 'four',
    11: 'two',
    6: 'one',
    ...others,
  });
  const at193 = (way: 'up' | 'down', given: number) => ({
    ...at16,
    5: way === 'up' ? 'clk' : 'plus',
    4: way === 'down' ? 'clk' : 'plus',
    14: 'minus',
    11: 'end',
    [way === 'up' ? 12 : 13]: 'end',
    ...inputs(given, [15, 1, 10, 9]),
    3: 'one',
    2: 'two',
    6: 'four',
    7: 'eight',
  });
  const at191 = (way: 'up' | 'down', given: number) => ({
    ...at16,
    14: 'clk',
    4: 'minus',
    5: way === 'down' ? 'plus' : 'minus',
    13: 'end',
    11: 'end',
    ...inputs(given, [15, 1, 10, 9]),
    3: 'one',
    6: 'four',
    7: 'eight',
  });
  it.each([
    ['4516', at4516('minus', 6), 6],
    ['4510', at4516('plus', 4), 5],
    ['4029', at4516('plus', 4, { 9: 'minus' }), 5],
    ['40192', at193('down', 7), 7],
    ['74HC190', at191('up', 4), 5],
  ] as const)('a %s divides by what it is given', async (number, at, rounds) => {
    const vectors = await vectorsOf(
      [
        ...clock,
        [dip('U1', number, 16), pins(16, at)],
        ...(1 in at && at[1] === 'load' ? [inverted('end', 'load')] : []),
      ],
      5,
      over(0.35),
    );
    // It begins at nothing, and may go round once before it is at its end.
    const late = (net: string) =>
      courseOf(vectors.get('time') ?? [], vectors.get(`v(${net})`) ?? [], 0.18, 0.05).hertz ?? 0;
    expect(late('clk') / late('four')).toBeCloseTo(rounds, 0);
  });

  it.each([
    ['4510', { ...at4516('plus', 9), 1: 'plus' }],
    ['74HC192', { ...at193('up', 9), 11: 'minus', 12: 'end' }],
    ['74HC191', { ...at191('up', 9), 11: 'minus', 13: 'end' }],
  ] as const)(
    'a %s shows what it is given as long as it is told to take it',
    async (number, at) => {
      const course = await solved([...clock, [dip('U1', number, 16), pins(16, at)]], 5, over(0.1));
      expect(['one', 'eight'].map((net) => Math.round(course(`v(${net})`).least / 5))).toEqual([
        1, 1,
      ]);
    },
  );

  it('a 4510 counts to ten, and not while its carry is high', async () => {
    const turns = async (carry: string) => {
      const at = { ...at4516('plus', 0), 1: 'minus', 5: carry };
      const rows: Wired[] = [...clock, [dip('U1', '4510', 16), pins(16, at)]];
      const course = await solved(rows, 5, over(0.4));
      return (course('v(clk)').hertz ?? 0) / (course('v(eight)').hertz ?? Number.POSITIVE_INFINITY);
    };
    expect(await turns('minus')).toBeCloseTo(10, 0);
    expect(await turns('plus')).toBe(0);
  });
});
