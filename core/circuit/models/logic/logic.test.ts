import { describe, expect, it } from 'vitest';
import { line } from '../../../order/testing/kits.ts';
import { readStage } from '../../readings/readStage.ts';
import { at14, at16, clock, dip, film, inputs, over, pins, resistor } from '../../testing/chips.ts';
import { testEngine } from '../../testing/engine.ts';
import { solved, stageOf, voltAt, type Wired, wired } from '../../testing/wired.ts';
import { type Segment, segments } from './segments.ts';

const digits = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9];

/** What chips do, and their pins: data sheets, from memory. */
describe('chips that count', () => {
  it.each([
    ['4017', 10, { 3: 'first', 11: 'last', 12: 'carry' }],
    ['4022', 8, { 2: 'first', 10: 'last', 12: 'carry' }],
  ] as const)(
    'a %s has each output on for one in %i rounds, its carry for half of them',
    async (number, turn, outs) => {
      const course = await solved(
        [
          ...clock,
          [
            dip('U1', number, 16),
            pins(16, { ...at16, 13: 'minus', 14: 'clk', 15: 'minus', ...outs }),
          ],
        ],
        9,
        over(0.45),
      );
      const { hertz: fast = 0 } = course('v(clk)');
      for (const net of ['first', 'last']) {
        const { hertz = 0, duty = 0 } = course(`v(${net})`);
        expect((hertz * turn) / fast, net).toBeCloseTo(1, 1);
        expect(duty, net).toBeCloseTo(1 / turn, 1);
      }
      expect(course('v(carry)').duty).toBeCloseTo(0.5, 1);
    },
  );

  it('a 4017 that is reset by its fourth output counts to three', async () => {
    const course = await solved(
      [
        ...clock,
        [
          dip('U1', '4017', 16),
          pins(16, { ...at16, 13: 'minus', 14: 'clk', 15: 'q3', 7: 'q3', 3: 'q0', 2: 'q1' }),
        ],
      ],
      9,
      over(0.25),
    );
    const { hertz: fast = 0 } = course('v(clk)');
    const { hertz = 0, duty = 0 } = course('v(q0)');
    expect((hertz * 3) / fast).toBeCloseTo(1, 1);
    expect(duty).toBeCloseTo(1 / 3, 1);
  });

  it.each([
    ['4024', 14, { ...at14, 1: 'clk', 2: 'minus', 12: 'half', 9: 'eighth' }],
    ['4040', 16, { ...at16, 10: 'clk', 11: 'minus', 9: 'half', 6: 'eighth' }],
  ] as const)('a %s halves its clock at every stage', async (number, count, at) => {
    const course = await solved(
      [...clock, [dip('U1', number, count), pins(count, at)]],
      9,
      over(0.4),
    );
    const { hertz: fast = 0 } = course('v(clk)');
    expect(((course('v(half)').hertz ?? 0) * 2) / fast).toBeCloseTo(1, 1);
    expect(((course('v(eighth)').hertz ?? 0) * 8) / fast).toBeCloseTo(1, 1);
    expect(course('v(eighth)').duty).toBeCloseTo(0.5, 1);
  });

  it('a 4060 swings by its own resistor and capacitor at about 1 / (2.3 R C), and says that its last stage was not seen', async () => {
    const rows: Wired[] = [
      [
        dip('U1', '4060', 16),
        pins(16, { ...at16, 11: 'in', 10: 'r', 9: 'c', 12: 'minus', 7: 'q4', 3: 'q14' }),
      ],
      [resistor('R1', 100_000), 'r x'],
      [film('C1', 1e-8), 'c x'],
      [resistor('R2', 1_000_000), 'x in'],
      [resistor('R3', 1000), 'q14 led'],
      [line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), 'led minus'],
    ];
    const figures = await readStage(testEngine, stageOf(wired(rows), 9), {
      boardsAtRest: 2,
      boardsOverTime: 2,
      seed: 1,
    });
    const hertzAt = (net: string) =>
      figures?.nets.find((one) => one.net === net)?.swings?.hertz.usual ?? 0;
    const expected = 1 / (2.3 * 100_000 * 1e-8);
    expect(Math.abs(hertzAt('r') / expected - 1)).toBeLessThan(0.2);
    expect(figures?.tooFast).toBe(true);
    // Nobody has watched it long enough: it is not said to stay dark.
    expect(figures?.seen.find(({ place }) => place === 'D1')).toMatchObject({
      looks: 'differs',
      unsure: true,
    });
  });

  it.each([
    ['4013', 14, { ...at14, 3: 'clk', 4: 'minus', 6: 'minus', 2: 'no', 5: 'no', 1: 'yes' }],
    ['74HC74', 14, { ...at14, 1: 'plus', 4: 'plus', 3: 'clk', 6: 'no', 2: 'no', 5: 'yes' }],
    [
      '4027',
      16,
      { ...at16, 13: 'clk', 12: 'minus', 9: 'minus', 10: 'plus', 11: 'plus', 15: 'yes' },
    ],
  ] as const)('a %s that turns at every round halves its clock', async (number, count, at) => {
    const course = await solved(
      [...clock, [dip('U1', number, count), pins(count, at)]],
      5,
      over(0.15),
    );
    const { hertz: fast = 0 } = course('v(clk)');
    expect(((course('v(yes)').hertz ?? 0) * 2) / fast).toBeCloseTo(1, 1);
  });

  it.each([
    [
      '4518',
      16,
      10,
      { ...at16, 1: 'clk', 2: 'plus', 7: 'minus', 3: 'one', 6: 'eight' },
      { one: 1 / 2, eight: 1 / 5 },
    ],
    // Clocked by the other input, at its fall.
    [
      '4520',
      16,
      16,
      { ...at16, 1: 'minus', 2: 'clk', 7: 'minus', 3: 'one', 6: 'eight' },
      { one: 1 / 2, eight: 1 / 2 },
    ],
    [
      '7490',
      14,
      10,
      {
        14: 'clk',
        12: 'one',
        1: 'one',
        11: 'eight',
        2: 'minus',
        3: 'minus',
        6: 'minus',
        7: 'minus',
        5: 'plus',
        10: 'minus',
      },
      { one: 1 / 2, eight: 1 / 5 },
    ],
    [
      '74HC393',
      14,
      16,
      { ...at14, 1: 'clk', 2: 'minus', 3: 'one', 6: 'eight' },
      { one: 1 / 2, eight: 1 / 2 },
    ],
    [
      '74HC160',
      16,
      10,
      {
        ...at16,
        1: 'plus',
        2: 'clk',
        7: 'plus',
        9: 'plus',
        10: 'plus',
        14: 'one',
        11: 'eight',
        15: 'carry',
      },
      { eight: 1 / 5, carry: 1 / 10 },
    ],
  ] as const)('a %s counts in binary', async (number, count, turn, at, duties) => {
    const course = await solved(
      [...clock, [dip('U1', number, count), pins(count, at)]],
      5,
      over(turn === 10 ? 0.45 : 0.6),
    );
    const { hertz: fast = 0 } = course('v(clk)');
    expect(((course('v(eight)').hertz ?? 0) * turn) / fast).toBeCloseTo(1, 1);
    for (const [net, duty] of Object.entries(duties)) {
      expect(course(`v(${net})`).duty, net).toBeCloseTo(duty, 1);
    }
  });

  it('a 7490 whose outputs two and four clear it counts to six', async () => {
    const course = await solved(
      [
        ...clock,
        [
          dip('U1', '7490', 14),
          pins(14, {
            14: 'clk',
            12: 'one',
            1: 'one',
            9: 'two',
            8: 'four',
            2: 'two',
            3: 'four',
            6: 'minus',
            7: 'minus',
            5: 'plus',
            10: 'minus',
          }),
        ],
      ],
      5,
      over(0.4),
    );
    const { hertz: fast = 0 } = course('v(clk)');
    expect(((course('v(four)').hertz ?? 0) * 6) / fast).toBeCloseTo(1, 1);
  });

  it('a 7490 stays at nine while both of its inputs for that are high, also where they are joined to nothing', async () => {
    const rows = (at: Readonly<Record<number, string>>): Wired[] => [
      ...clock,
      [
        dip('U1', '7490', 14),
        pins(14, {
          14: 'clk',
          12: 'one',
          1: 'one',
          9: 'two',
          8: 'four',
          11: 'eight',
          2: 'minus',
          3: 'minus',
          5: 'plus',
          10: 'minus',
          ...at,
        }),
      ],
    ];
    const all: readonly Readonly<Record<number, string>>[] = [{ 6: 'plus', 7: 'plus' }, {}];
    for (const at of all) {
      const course = await solved(rows(at), 5, over(0.2));
      const high = ['one', 'two', 'four', 'eight'].filter((net) => course(`v(${net})`).mean > 4);
      expect(high).toEqual(['one', 'eight']);
    }
  });

  it('a 74HC164 hands its input on from stage to stage', async () => {
    const course = await solved(
      [
        ...clock,
        [
          dip('U1', '74HC164', 14),
          pins(14, { ...at14, 1: 'plus', 2: 'in', 8: 'clk', 9: 'plus', 3: 'q0', 6: 'q3' }),
        ],
        [dip('U2', '74HC04', 14), pins(14, { ...at14, 1: 'q3', 2: 'in' })],
      ],
      5,
      over(0.4),
    );
    const { hertz: fast = 0 } = course('v(clk)');
    // Four stages that feed their inverse back come round in eight.
    expect(((course('v(q0)').hertz ?? 0) * 8) / fast).toBeCloseTo(1, 1);
  });
});

describe('chips that decode', () => {
  /** Digits as anybody draws them. */
  const drawn = [
    'abcdef',
    'bc',
    'abdeg',
    'abcdg',
    'bcfg',
    'acdfg',
    'cdefg',
    'abc',
    'abcdefg',
    'abcfg',
  ];

  it('a 4511 shows digits, and nothing above nine', async () => {
    const segmentPins: Readonly<Record<Segment, number>> = {
      a: 13,
      b: 12,
      c: 11,
      d: 10,
      e: 9,
      f: 15,
      g: 14,
    };
    for (const value of [...digits, 12]) {
      const course = await solved(
        [
          [
            dip('U1', '4511', 16),
            pins(16, {
              ...at16,
              ...inputs(value, [7, 1, 2, 6]),
              3: 'plus',
              4: 'plus',
              5: 'minus',
              ...Object.fromEntries(Object.entries(segmentPins).map(([one, pin]) => [pin, one])),
            }),
          ],
        ],
        5,
      );
      const lit = segments.filter((one) => course(`v(${one})`).mean > 2.5).join('');
      expect(lit, String(value)).toBe(drawn[value] ?? '');
    }
  });

  it.each([
    ['7447', { a: 13, b: 12, c: 11, d: 10, e: 9, f: 15, g: 14 }, [7, 1, 2, 6], false],
    ['74LS48', { a: 13, b: 12, c: 11, d: 10, e: 9, f: 15, g: 14 }, [7, 1, 2, 6], true],
    ['4543', { a: 9, b: 10, c: 11, d: 12, e: 13, f: 15, g: 14 }, [5, 3, 2, 4], true],
  ] as const)('a %s shows digits', async (number, segmentPins, ins, isHigh) => {
    const others: Readonly<Record<number, string>> =
      number === '4543' ? { 1: 'plus', 6: 'minus', 7: 'minus' } : {};
    const tails: Readonly<Record<number, string>> =
      number === '4543' ? { 6: 'acdefg', 9: 'abcdfg' } : {};
    for (const value of digits) {
      const course = await solved(
        [
          [
            dip('U1', number, 16),
            pins(16, {
              ...at16,
              ...inputs(value, ins),
              ...others,
              ...Object.fromEntries(Object.entries(segmentPins).map(([one, pin]) => [pin, one])),
            }),
          ],
          // Outputs that only pull down light what comes from plus.
          ...segments.map(
            (one, index): Wired => [
              resistor(`R${index}`, 1000),
              `${one} ${isHigh ? 'minus' : 'plus'}`,
            ],
          ),
        ],
        5,
      );
      const lit = segments.filter((one) => course(`v(${one})`).mean > 2 === isHigh).join('');
      expect(lit, String(value)).toBe(tails[value] ?? drawn[value]);
    }
  });

  it('a 7447 leaves a nought dark where it is asked to', async () => {
    const at = (nought: string) =>
      voltAt(
        [
          [
            dip('U1', '7447', 16),
            pins(16, { ...at16, ...inputs(0, [7, 1, 2, 6]), 5: nought, 13: 'a' }),
          ],
          [resistor('R1', 1000), 'plus a'],
        ],
        5,
        'a',
      );
    expect(await at('plus')).toBeLessThan(0.5);
    expect(await at('minus')).toBeGreaterThan(4.5);
  });

  it('a 4028 gives one of ten', async () => {
    const outs = [3, 14, 2, 15, 1, 6, 7, 4, 9, 5];
    for (const value of digits) {
      const course = await solved(
        [
          [
            dip('U1', '4028', 16),
            pins(16, {
              ...at16,
              ...inputs(value, [10, 13, 12, 11]),
              ...Object.fromEntries(outs.map((pin, digit) => [pin, `q${digit}`])),
            }),
          ],
        ],
        5,
      );
      expect(digits.filter((digit) => course(`v(q${digit})`).mean > 2.5)).toEqual([value]);
    }
  });
});

describe('more gates (truth tables)', () => {
  it.each([
    ['4023', [1, 1, 1, 0], { 1: 'a', 2: 'b', 8: 'plus', 9: 'q' }],
    ['4025', [1, 0, 0, 0], { 1: 'a', 2: 'b', 8: 'minus', 9: 'q' }],
    ['4077', [1, 0, 0, 1], { 1: 'a', 2: 'b', 3: 'q' }],
    ['4082', [0, 0, 0, 1], { 2: 'a', 3: 'b', 4: 'plus', 5: 'plus', 1: 'q' }],
    ['74HC20', [1, 1, 1, 0], { 1: 'a', 2: 'b', 4: 'plus', 5: 'plus', 6: 'q' }],
    ['74HC03', [1, 1, 1, 0], { 1: 'a', 2: 'b', 3: 'q' }],
  ] as const)('%s', async (number, table, at) => {
    for (const [index, high] of table.entries()) {
      const [a, b] = [index >= 2 ? 'plus' : 'minus', index % 2 === 1 ? 'plus' : 'minus'];
      const volt = await voltAt(
        [
          [dip('U1', number, 14), pins(14, { ...at14, ...at })],
          [resistor('R1', 100), `${a} a`],
          [resistor('R2', 100), `${b} b`],
          [resistor('R3', 10_000), number === '74HC03' ? 'q plus' : 'q minus'],
        ],
        5,
        'q',
      );
      expect(Math.round(volt / 5), `${a} ${b}`).toBe(high);
    }
  });

  it.each([
    ['4049', 'minus', 5],
    ['4050', 'plus', 5],
  ] as const)('%s has plus at pin 1', async (number, input, volt) => {
    const rows: Wired[] = [
      [dip('U1', number, 16), pins(16, { 1: 'plus', 8: 'minus', 3: input, 2: 'q' })],
      [resistor('R3', 100_000), 'q minus'],
    ];
    expect(await voltAt(rows, 5, 'q')).toBeCloseTo(volt, 0);
  });
});

describe('switches in a chip', () => {
  it('a 4066 closes what its control says, and that alone', async () => {
    const at = (control: string) =>
      voltAt(
        [
          [
            dip('U1', '4066', 14),
            pins(14, { ...at14, 13: control, 1: 'plus', 2: 'out', 5: 'plus' }),
          ],
          [resistor('R1', 10_000), 'out minus'],
        ],
        9,
        'out',
      );
    expect(await at('plus')).toBeGreaterThan(8.7);
    expect(await at('minus')).toBeLessThan(0.1);
  });

  it.each([
    ['4051', 3, [13, 14, 15, 12, 1, 5, 2, 4], [11, 10, 9]],
    ['4052', 13, [12, 14, 15, 11], [10, 9]],
    ['4053', 14, [12, 13], [11]],
  ] as const)('a %s joins one, by its address', async (number, common, choices, address) => {
    for (const value of choices.keys()) {
      const course = await solved(
        [
          [
            dip('U1', number, 16),
            pins(16, {
              ...at16,
              6: 'minus',
              7: 'minus',
              [common]: 'plus',
              ...Object.fromEntries(choices.map((pin, index) => [pin, `y${index}`])),
              ...Object.fromEntries(
                address.map((pin, digit) => [pin, (value >> digit) & 1 ? 'plus' : 'minus']),
              ),
            }),
          ],
          ...choices.map((_, index): Wired => [resistor(`R${index}`, 10_000), `y${index} minus`]),
        ],
        5,
      );
      const joined = [...choices.keys()].filter((index) => course(`v(y${index})`).mean > 4);
      expect(joined).toEqual([value]);
    }
  });
});
