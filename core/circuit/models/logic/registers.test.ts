import { describe, expect, it } from 'vitest';
import { seeded } from '../../../random.ts';
import { readOhm } from '../../readings/ohms.ts';
import { at14, at16, clock, dip, film, inputs, over, pins, resistor } from '../../testing/chips.ts';
import { testEngine } from '../../testing/engine.ts';
import { solved, stageOf, vectorsOf, voltAt, type Wired, wired } from '../../testing/wired.ts';
import { modelOf } from '../index.ts';

const at20 = { 10: 'minus', 20: 'plus' };
const inverter = (from: string, to: string): Wired => [
  dip('U8', '40106', 14),
  pins(14, { ...at14, 1: from, 2: to }),
];

/** Rounds of the clock in which a row of stages comes round whose last feeds its inverse back: two for each stage. */
async function roundsOf(rows: readonly Wired[], net: string, seconds: number): Promise<number> {
  const course = await solved([...clock, ...rows], 5, over(seconds));
  return (course('v(clk)').hertz ?? 0) / (course(`v(${net})`).hertz ?? Number.POSITIVE_INFINITY);
}

/** Pins and function tables of data sheets, from memory. */
describe('chips that keep bits', () => {
  it.each([
    ['74HC175', 16, { ...at16, 1: 'plus', 9: 'clk', 4: 'back', 3: 'back', 2: 'q' }, 2],
    ['74HC175', 16, { ...at16, 1: 'plus', 9: 'clk', 4: 'x', 2: 'y', 5: 'y', 7: 'q', 6: 'x' }, 4],
    ['40175', 16, { ...at16, 1: 'plus', 9: 'clk', 13: 'x', 15: 'y', 12: 'y', 10: 'q', 11: 'x' }, 4],
    [
      '74HC73',
      14,
      { 4: 'plus', 11: 'minus', 1: 'clk', 2: 'plus', 14: 'plus', 3: 'plus', 12: 'q' },
      2,
    ],
    ['74HC107', 14, { ...at14, 9: 'clk', 10: 'plus', 8: 'plus', 11: 'plus', 5: 'q' }, 2],
    [
      '74LS76',
      16,
      { 5: 'plus', 13: 'minus', 1: 'clk', 2: 'plus', 3: 'plus', 4: 'plus', 16: 'plus', 15: 'q' },
      2,
    ],
    [
      '74HC112',
      16,
      { ...at16, 13: 'clk', 10: 'plus', 14: 'plus', 11: 'plus', 12: 'plus', 9: 'q' },
      2,
    ],
    ['74HC109', 16, { ...at16, 4: 'clk', 1: 'plus', 5: 'plus', 2: 'plus', 3: 'minus', 6: 'q' }, 2],
  ] as const)('a %s comes round with its clock', async (number, count, at, rounds) => {
    expect(await roundsOf([[dip('U1', number, count), pins(count, at)]], 'q', 0.15)).toBeCloseTo(
      rounds,
      0,
    );
  });

  it.each([
    ['40174', 16, { ...at16, 1: 'plus', 9: 'clk', 3: 'back', 2: 'y', 14: 'y', 15: 'q' }],
    ['74HC273', 20, { ...at20, 1: 'plus', 11: 'clk', 3: 'back', 2: 'y', 18: 'y', 19: 'q' }],
    ['74HC374', 20, { ...at20, 1: 'minus', 11: 'clk', 3: 'back', 2: 'y', 18: 'y', 19: 'q' }],
    ['74HC574', 20, { ...at20, 1: 'minus', 11: 'clk', 2: 'back', 19: 'y', 9: 'y', 12: 'q' }],
  ] as const)('a %s hands a bit on at each rise of its clock', async (number, count, at) => {
    const rows = [[dip('U1', number, count), pins(count, at)] as Wired, inverter('q', 'back')];
    expect(await roundsOf(rows, 'q', 0.2)).toBeCloseTo(4, 0);
  });

  it.each([
    [
      '74HC595',
      { 14: 'back', 11: 'clk', 10: 'plus', 12: 'latch', 13: 'minus', 2: 'q', 15: 'first' },
    ],
    ['4094', { 2: 'back', 3: 'clk', 1: 'plus', 15: 'plus', 6: 'q', 4: 'first' }],
  ] as const)('a %s shows what it has shifted', async (number, at) => {
    const rows: Wired[] = [
      [dip('U1', number, 16), pins(16, { ...at16, ...at })],
      // The one takes over at a rise of its own: that of the clock turned round.
      [dip('U8', '40106', 14), pins(14, { ...at14, 1: 'q', 2: 'back', 3: 'clk', 4: 'latch' })],
    ];
    expect(await roundsOf(rows, 'q', 0.3)).toBeCloseTo(6, 0);
  });

  it.each([
    ['74HC595', 13, 'minus', 'plus', { 14: 'plus', 11: 'clk', 10: 'plus', 12: 'latch', 7: 'q' }],
    ['4094', 15, 'plus', 'minus', { 2: 'plus', 3: 'clk', 1: 'plus', 11: 'q' }],
  ] as const)('a %s lets go of its outputs', async (number, pin, on, off, at) => {
    const lowest = async (state: string) => {
      const course = await solved(
        [
          ...clock,
          [dip('U1', number, 16), pins(16, { ...at16, ...at, [pin]: state })],
          inverter('clk', 'latch'),
          [resistor('R1', 10_000), 'q half'],
          [resistor('R2', 1000), 'plus half'],
          [resistor('R3', 1000), 'half minus'],
        ],
        5,
        over(0.2),
      );
      return [course('v(q)').least, course('v(q)').most];
    };
    const [min = 0, max = 0] = await lowest(off);
    expect(min).toBeGreaterThan(2.3);
    expect(max).toBeLessThan(2.7);
    expect((await lowest(on))[1]).toBeGreaterThan(4.5);
  });

  it.each([
    [
      '74HC165',
      {
        ...inputs(0b10000000, [11, 12, 13, 14, 3, 4, 5, 6]),
        1: 'load',
        2: 'clk',
        15: 'minus',
        10: 'minus',
        9: 'q',
        7: 'no',
      },
    ],
    [
      '4021',
      {
        ...inputs(0b10000000, [7, 6, 5, 4, 13, 14, 15, 1]),
        9: 'load',
        10: 'clk',
        11: 'minus',
        3: 'q',
      },
    ],
  ] as const)('a %s takes over all inputs at once', async (number, at) => {
    const least = async (load: string) => {
      const rows: Wired[] = [
        ...clock,
        [dip('U1', number, 16), pins(16, { ...at16, ...at, [number === '4021' ? 9 : 1]: load })],
      ];
      return (await solved(rows, 5, over(0.2)))('v(q)').least;
    };
    const [loading, shifting] = number === '4021' ? ['plus', 'minus'] : ['minus', 'plus'];
    expect(await least(loading ?? '')).toBeGreaterThan(4);
    expect(await least(shifting ?? '')).toBeLessThan(0.5);
  });

  it('a 4014 takes its inputs over with the clock, and a ring of it goes round in eight', async () => {
    const rows: Wired[] = [
      [dip('U1', '4014', 16), pins(16, { ...at16, 9: 'minus', 10: 'clk', 11: 'back', 3: 'q' })],
      inverter('q', 'back'),
    ];
    expect(await roundsOf(rows, 'q', 0.6)).toBeCloseTo(16, 0);
  });

  it.each([
    ['74HC373', 20, { ...at20, 1: 'minus', 3: 'd', 2: 'q', 11: 'latch' }],
    ['74HC573', 20, { ...at20, 1: 'minus', 2: 'd', 19: 'q', 11: 'latch' }],
    ['4042', 16, { ...at16, 4: 'd', 2: 'q', 5: 'latch', 6: 'plus' }],
  ] as const)('a %s follows while it is told to, and then keeps', async (number, count, at) => {
    const course = async (latch: string) => {
      const seen = await solved(
        [
          ...clock,
          [
            dip('U1', number, count),
            pins(count, {
              ...at,
              [number === '4042' ? 5 : 11]: latch,
              [number === '74HC573' ? 2 : number === '4042' ? 4 : 3]: 'clk',
            }),
          ],
        ],
        5,
        over(0.1),
      );
      return seen('v(q)').most - seen('v(q)').least;
    };
    expect(await course('plus')).toBeGreaterThan(4);
    expect(await course('minus')).toBeLessThan(0.5);
  });

  it.each([
    ['4043', { 4: 'set', 3: 'clear', 2: 'q', 5: 'plus' }, 'plus', 'minus'],
    ['4044', { 3: 'set', 4: 'clear', 13: 'q', 5: 'plus' }, 'minus', 'plus'],
  ] as const)('a %s is set and cleared', async (number, at, acts, rests) => {
    const volt = (set: string, clear: string) =>
      voltAt(
        [
          [dip('U1', number, 16), pins(16, { ...at16, ...at })],
          [resistor('R1', 100), `${set} set`],
          [resistor('R2', 100), `${clear} clear`],
        ],
        5,
        'q',
        over(0.02),
      );
    expect(await volt(acts, rests)).toBeGreaterThan(4.5);
    expect(await volt(rests, acts)).toBeLessThan(0.5);
  });

  it.each([
    ['4013', 'begins-empty'],
    ['4043', 'begins-empty'],
    ['74HC595', 'begins-empty'],
    ['4017', 'begins-empty'],
    // These show what is at their inputs.
    ['74HC138', null],
    ['4511', null],
    ['74HC244', null],
  ] as const)('of a %s nobody knows what it keeps at first: %s', (number, taken) => {
    const part = dip('U1', number, 16);
    expect(modelOf({ part })?.assumes?.(part) ?? null).toBe(taken);
  });

  it('a meter on ohms sees microamperes of a CMOS chip, not its capacitor just after it was joined', async () => {
    const rows: Wired[] = [
      [dip('U1', '4043', 16), pins(16, { ...at16, 4: 'minus', 3: 'minus', 2: 'q', 5: 'plus' })],
      [film('C1', 1e-7), 'plus minus'],
      [resistor('R1', 10_000), 'q minus'],
    ];
    const effort = { boardsAtRest: 60, boardsOverTime: 8, seed: 1 };
    const ohm = await readOhm(testEngine, stageOf(wired(rows), 9), effort, seeded(1));
    // Some 20 µA at most while it rests (from memory of data sheets); a capacitor blocks.
    expect(ohm?.redAtPlus.least).toBeGreaterThan(5000);
    expect(ohm?.redAtPlus.usual).toBeGreaterThan(20_000);
  });

  it('what clears itself when it is switched on comes to rest', async () => {
    const rows: Wired[] = [
      ...clock,
      [
        dip('U1', '74HC73', 14),
        pins(14, { 4: 'plus', 11: 'minus', 1: 'clk', 2: 'up', 14: 'plus', 3: 'plus', 12: 'q' }),
      ],
      // Its clear comes up late, as with a resistor and a capacitor.
      [resistor('R1', 10_000), 'plus up'],
      [film('C1', 1e-8), 'up minus'],
    ];
    const points = (await vectorsOf(rows, 5, over(0.15))).get('time')?.length ?? 0;
    // Eighteen rounds of the clock; what swings inside the chip takes ten thousand for itself.
    expect(points).toBeLessThan(6000);
  });
});
