import { describe, expect, it } from 'vitest';
import { line, ohm, type } from '../../order/testing/kits.ts';
import { solved, voltAt, type Wired } from '../testing/wired.ts';

const resistor = (place: string, amount: number) => line('resistor-axial', place, ohm(amount));
const dip = (place: string, number: string, pins: number) =>
  line('ic-dip', place, type(number), pins);
const pins = (count: number, at: Readonly<Record<number, string>>) =>
  Array.from({ length: count }, (_, index) => at[index + 1] ?? '-').join(' ');
const lightPins = [1, 18, 17, 16, 15, 14, 13, 12, 11, 10];

/** Ten lights against plus, the reference over the whole divider, a signal of `volt`. */
function row(number: string, volt: number, mode: string): Wired[] {
  return [
    [
      dip('U1', number, 18),
      pins(18, {
        2: 'minus',
        3: 'plus',
        4: 'minus',
        5: 'sig',
        6: 'ref',
        7: 'ref',
        8: 'minus',
        9: mode,
        ...Object.fromEntries(lightPins.map((pin, index) => [pin, `l${index}`])),
      }),
    ],
    [resistor('R90', 1200), 'ref minus'],
    [resistor('R91', (1000 * (9 - volt)) / volt), 'plus sig'],
    [resistor('R92', 1000), 'sig minus'],
    ...lightPins.map(
      (_, index): Wired => [
        line('led-5mm', `D${index}`, { kind: 'colour', colour: 'red' }),
        `plus l${index}`,
      ],
    ),
  ];
}
const lit = async (number: string, volt: number, mode: string) => {
  const course = await solved(row(number, volt, mode), 9);
  return lightPins.flatMap((_, index) =>
    course('v(plus)').mean - course(`v(l${index})`).mean > 1.5 ? [index + 1] : [],
  );
};

/** Data sheets, from memory. */
describe('a row of lights', () => {
  it('is a bar of as many tenths as the signal has, or one point', async () => {
    for (const [share, count] of [
      [0.05, 0],
      [0.35, 3],
      [0.75, 7],
      [1.2, 10],
    ] as const) {
      const volt = 1.25 * share;
      const bar = Array.from({ length: count }, (_, index) => index + 1);
      expect(await lit('LM3914', volt, 'plus'), `bar at ${share}`).toEqual(bar);
      expect(await lit('LM3914', volt, '-'), `point at ${share}`).toEqual(bar.slice(-1));
    }
  });

  it('of an LM3915 loses one light for every three decibels', async () => {
    expect(await lit('LM3915', 1.25 * 10 ** (-4 / 20), 'plus')).toHaveLength(8);
    expect(await lit('LM3915', 1.25 * 10 ** (-10 / 20), 'plus')).toHaveLength(6);
  });

  it('gives each light ten times what its reference gives', async () => {
    const course = await solved(row('LM3914', 2, 'plus'), 9);
    // 1.2 kΩ beside the divider of 12 kΩ at 1.25 V: 1.15 mA, so about 11.5 mA a light.
    const ampere = -course('i(vsupply)').mean;
    expect(ampere / 10).toBeGreaterThan(0.009);
    expect(ampere / 10).toBeLessThan(0.016);
  });
});

describe('a driver for motors', () => {
  const l293 = (one: string, other: string, enable = 'plus'): Wired[] => [
    [
      dip('U1', 'L293D', 16),
      pins(16, {
        1: enable,
        2: one,
        7: other,
        3: 'a',
        6: 'b',
        4: 'minus',
        5: 'minus',
        8: 'plus',
        16: 'plus',
      }),
    ],
    [resistor('R1', 100), 'a b'],
  ];
  const across = async (rows: readonly Wired[], volt = 6) => {
    const course = await solved(rows, volt);
    return course('v(a)').mean - course('v(b)').mean;
  };

  it('turns its motor either way, loses some two volts, and lets go', async () => {
    expect(await across(l293('plus', 'minus'))).toBeGreaterThan(3);
    expect(await across(l293('plus', 'minus'))).toBeLessThan(4.6);
    expect(await across(l293('minus', 'plus'))).toBeLessThan(-3);
    expect(await across(l293('plus', 'plus'))).toBeCloseTo(0, 1);
    expect(Math.abs(await across(l293('plus', 'minus', 'minus')))).toBeLessThan(0.1);
  });

  it('of the small kind loses less', async () => {
    const rows: Wired[] = [
      [
        dip('U1', 'L9110', 8),
        pins(8, {
          1: 'a',
          2: 'plus',
          3: 'plus',
          4: 'b',
          5: 'minus',
          6: 'plus',
          7: 'minus',
          8: 'minus',
        }),
      ],
      [resistor('R1', 100), 'a b'],
    ];
    expect(await across(rows, 5)).toBeGreaterThan(4.5);
  });
});

describe('an amplifier for a loudspeaker', () => {
  it.each([
    ['LM386', 8, { 2: 'minus', 3: 'in', 4: 'minus', 5: 'out', 6: 'plus' }],
    ['TDA2822M', 8, { 2: 'plus', 4: 'minus', 7: 'in', 8: 'minus', 1: 'out' }],
    ['TDA7052', 8, { 1: 'plus', 2: 'in', 3: 'minus', 6: 'minus', 5: 'out' }],
    ['LM380', 14, { 14: 'plus', 7: 'minus', 3: 'minus', 2: 'in', 6: 'minus', 8: 'out' }],
  ] as const)('%s rests at about half its supply', async (number, count, at) => {
    const rows: Wired[] = [
      [dip('U1', number, count), pins(count, at)],
      [resistor('R1', 10_000), 'in minus'],
      [resistor('R2', 1000), 'out minus'],
    ];
    expect(Math.abs((await voltAt(rows, 9, 'out')) - 4.5)).toBeLessThan(0.5);
  });

  it('a TDA2030 follows what its divider makes of its input', async () => {
    const rows: Wired[] = [
      [line('chip-power', 'U1', type('TDA2030'), 5), 'mid fb minus out plus'],
      [resistor('R1', 10_000), 'plus mid'],
      [resistor('R2', 10_000), 'mid minus'],
      [resistor('R3', 10_000), 'out fb'],
    ];
    expect(await voltAt(rows, 12, 'out')).toBeCloseTo(6, 1);
  });
});

describe('a switch that goes over', () => {
  const switched = (count: number, nets: string) =>
    voltAt(
      [
        [line('switch-toggle', 'S1', { kind: 'none' }, count), nets],
        [resistor('R1', 1000), 'out minus'],
        [resistor('R2', 1000), 'other minus'],
      ],
      5,
      'out',
    );
  it.each([
    [2, 'plus out'],
    [3, 'out plus other'],
    [6, '- - - out plus other'],
  ] as const)('of %i lugs joins the middle of each three to one side', async (count, nets) => {
    expect(await switched(count, nets)).toBeGreaterThan(4.9);
  });
});
