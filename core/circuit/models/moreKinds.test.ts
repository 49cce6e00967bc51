import { describe, expect, it } from 'vitest';
import { line, ohm, type } from '../../order/testing/kits.ts';
import type { Part } from '../../parts/part.ts';
import type { Device } from '../circuit.ts';
import type { LeadName, SaidPart } from '../notes.ts';
import { readStage } from '../readings/readStage.ts';
import { testEngine } from '../testing/engine.ts';
import { solved, stageOf, voltAt, type Wired, wired } from '../testing/wired.ts';
import { leadsWanted, modelOf } from './index.ts';
import { readElements } from './said/readElements.ts';

const resistor = (place: string, amount: number) => line('resistor-axial', place, ohm(amount));
const dip = (place: string, number: string, pins: number) =>
  line('ic-dip', place, type(number), pins);
const pins = (count: number, at: Readonly<Record<number, string>>) =>
  Array.from({ length: count }, (_, index) => at[index + 1] ?? '-').join(' ');
const over = (seconds: number) =>
  ({ kind: 'time', stopSeconds: seconds, stepSeconds: seconds / 800 }) as const;
const withLeads = (part: Part, ...leads: readonly LeadName[]): Part => ({
  ...part,
  lotNote: { text: '', pinout: leads },
});

/** Figures of data sheets from memory, unless a check says otherwise. */
describe('more kinds of parts', () => {
  it('a bridge gives plus and minus whichever way it is fed, two drops below', async () => {
    const bridge = withLeads(
      line('bridge-rectifier', 'B1', type('W04')),
      'plus',
      'alternating',
      'minus',
      'alternating',
    );
    for (const [a, b] of [
      ['plus', 'minus'],
      ['minus', 'plus'],
    ] as const) {
      const course = await solved(
        [
          [bridge, `p ${a} m ${b}`],
          [resistor('R1', 1000), 'p m'],
        ],
        9,
      );
      expect(course('v(p)').mean - course('v(m)').mean).toBeCloseTo(9 - 1.4, 0);
    }
  });

  it('a bridge whose leads nobody has named is not known, and says which it wants', () => {
    const part = line('bridge-rectifier', 'B1', type('W04'));
    expect(modelOf({ part })).toBeUndefined();
    expect(leadsWanted(part)).toEqual(['plus', 'minus', 'alternating']);
  });

  it.each([
    // Fed from above its ground, as it must not be, it gives nothing; the supply is turned round for it.
    ['regulator-to220', '7905', 'plus minus out', 12, -5],
    ['regulator-to92', '79L12', 'plus minus out', 16, -12],
  ] as const)(
    'a %s %s gives its voltage below its ground',
    async (family, number, nets, volt, out) => {
      const rows: Wired[] = [
        [line(family, 'U1', type(number)), nets],
        [resistor('R1', 1000), 'plus out'],
      ];
      const course = await solved(rows, volt);
      expect(course('v(out)').mean - volt).toBeCloseTo(out, 1);
    },
  );

  it('an LM337 gives 1.25 V times one and the ratio of its resistors, below', async () => {
    const course = await solved(
      [
        [line('regulator-to220', 'U1', type('LM337')), 'adj minus out'],
        [resistor('R1', 120), 'adj out'],
        [resistor('R2', 360), 'plus adj'],
        [resistor('R3', 1000), 'plus out'],
      ],
      12,
    );
    expect(course('v(out)').mean - 12).toBeCloseTo(-1.25 * (1 + 360 / 120), 1);
  });

  it.each([
    ['LM336-2.5', 2.49],
    ['LM385-1.2', 1.235],
    ['LM335', 2.95],
  ] as const)(
    'an %s holds its voltage, once its leads are told, and is a diode the other way',
    async (number, volt) => {
      const bare = line('chip-to92', 'U1', type(number));
      expect(modelOf({ part: bare })).toBeUndefined();
      expect(leadsWanted(bare)).toEqual(['anode', 'cathode']);
      const part = withLeads(bare, 'unused', 'cathode', 'anode');
      const across = async (nets: string) =>
        (
          await solved(
            [
              [part, nets],
              [resistor('R1', 1500), 'plus k'],
            ],
            6,
          )
        )('v(k)').mean;
      expect(await across('- k minus')).toBeCloseTo(volt, 1);
      expect(await across('- minus k')).toBeCloseTo(0.65, 1);
    },
  );

  it('an SS49E with no magnet near gives half its supply', async () => {
    const rows: Wired[] = [
      [line('chip-to92', 'U1', type('SS49E')), 'plus minus out'],
      [resistor('R1', 100_000), 'out minus'],
    ];
    expect(await voltAt(rows, 5, 'out')).toBeCloseTo(2.5, 1);
  });

  it('a relay closes its working contact on its voltage, and not on a third of it', async () => {
    const relay = withLeads(
      line('relay', 'K1', type('SRD-05VDC-SL-C'), 5),
      'coil',
      'common',
      'coil',
      'rest-contact',
      'working-contact',
    );
    const at = (series: number) =>
      solved(
        [
          [resistor('R1', series), 'plus c'],
          [relay, 'c plus minus no-more work'],
          [resistor('R2', 1000), 'work minus'],
          [resistor('R3', 1000), 'no-more minus'],
        ],
        5,
        over(0.05),
      );
    const on = await at(1);
    expect(on('v(work)').mean).toBeGreaterThan(4.5);
    expect(on('v(no-more)').mean).toBeLessThan(0.1);
    const off = await at(150);
    expect(off('v(work)').mean).toBeLessThan(0.1);
    expect(off('v(no-more)').mean).toBeGreaterThan(4.5);
  });

  it('an optocoupler passes on what its LED takes', async () => {
    const rows = (series: number): Wired[] => [
      [resistor('R1', series), 'plus a'],
      [line('optocoupler', 'U1', type('PC817'), 4), 'a minus minus c'],
      [resistor('R2', 10_000), 'plus c'],
    ];
    expect(await voltAt(rows(680), 5, 'c')).toBeLessThan(0.3);
    expect(await voltAt(rows(10_000_000), 5, 'c')).toBeGreaterThan(4.5);
  });

  it('a ULN2003 pulls down what its input asks for', async () => {
    const rows = (input: string): Wired[] => [
      [dip('U1', 'ULN2003', 16), pins(16, { 1: input, 8: 'minus', 9: 'plus', 16: 'out' })],
      [resistor('R1', 470), 'plus out'],
    ];
    const low = await voltAt(rows('plus'), 5, 'out');
    expect(low).toBeGreaterThan(0.5);
    expect(low).toBeLessThan(1.1);
    expect(await voltAt(rows('minus'), 5, 'out')).toBeCloseTo(5, 1);
  });

  it('an LM386 rests at about half its supply', async () => {
    const rows: Wired[] = [
      [dip('U1', 'LM386', 8), pins(8, { 2: 'minus', 3: 'in', 4: 'minus', 5: 'out', 6: 'plus' })],
      [resistor('R1', 10_000), 'in minus'],
      [resistor('R2', 1000), 'out minus'],
    ];
    expect(await voltAt(rows, 9, 'out')).toBeCloseTo(4.5, 0);
  });

  it('a TMP36 gives 0.72 V at 22 °C, an LM35 0.22 V', async () => {
    const at = (number: string) =>
      voltAt(
        [
          [line('chip-to92', 'U1', type(number)), 'plus out minus'],
          [resistor('R1', 100_000), 'out minus'],
        ],
        5,
        'out',
      );
    expect(await at('TMP36')).toBeCloseTo(0.72, 2);
    expect(await at('LM35')).toBeCloseTo(0.22, 2);
  });

  it('an infrared receiver that sees nothing stands high', async () => {
    expect(
      await voltAt(
        [
          [line('infrared-receiver', 'U1', type('VS1838B')), 'out minus plus'],
          [resistor('R1', 1e6), 'out minus'],
        ],
        5,
        'out',
      ),
    ).toBeGreaterThan(4.5);
  });

  it('a thyristor stays off without its gate, and goes on with it', async () => {
    // BT169: anode, gate, cathode.
    const rows = (gate: string): Wired[] => [
      [resistor('R1', 470), 'plus a'],
      [line('transistor-to92', 'Q1', type('BT169')), 'a g minus'],
      [resistor('R2', 1000), `${gate} g`],
    ];
    const at = async (gate: string) => (await solved(rows(gate), 9, over(0.05)))('v(a)').mean;
    expect(await at('minus')).toBeCloseTo(9, 1);
    expect(await at('plus')).toBeLessThan(1.5);
  });

  it('a TL431 with its reference at its cathode holds 2.5 V', async () => {
    const rows: Wired[] = [
      [resistor('R1', 1000), 'plus z'],
      [line('chip-to92', 'U1', type('TL431')), 'z minus z'],
    ];
    expect(await voltAt(rows, 9, 'z')).toBeCloseTo(2.5, 1);
  });

  it('a digit with a common cathode lights the segment that is fed', async () => {
    const course = await solved(
      [
        [
          line('display-digit', 'DS1', type('5161AS'), 10),
          pins(10, { 7: 'a', 3: 'minus', 8: 'minus', 6: 'b' }),
        ],
        [resistor('R1', 330), 'plus a'],
        [resistor('R2', 330), 'minus b'],
      ],
      5,
    );
    expect(course('v(a)').mean).toBeCloseTo(1.95, 1);
    expect(course('i(vds1_led)').mean * 1000).toBeCloseTo(9.2, 0);
  });

  it('a three-colour LED is known once its leads are named', async () => {
    const plain = line('led-rgb', 'D1');
    expect(modelOf({ part: plain })).toBeUndefined();
    const named = withLeads(plain, 'red', 'cathode', 'green', 'blue');
    const rows: Wired[] = [
      [named, 'r minus g b'],
      [resistor('R1', 330), 'plus r'],
      [resistor('R2', 330), 'plus b'],
    ];
    expect(await voltAt(rows, 5, 'r')).toBeCloseTo(1.95, 1);
    expect(await voltAt(rows, 5, 'b')).toBeCloseTo(3.05, 1);
  });

  it('an electret capsule pulls its resistor down by some volts', async () => {
    const rows: Wired[] = [
      [resistor('R1', 10_000), 'plus m'],
      [line('microphone', 'MK1'), 'm minus'],
    ];
    const volt = await voltAt(rows, 9, 'm');
    expect(volt).toBeGreaterThan(4);
    expect(volt).toBeLessThan(8);
  });
});

/** A part with what is said of it, among others. */
const stageWith = (rows: readonly Wired[], said: SaidPart, volt: number) => {
  const circuit = wired(rows);
  const devices = circuit.devices.map(
    (device): Device => (device.place === said.place ? { ...device, said } : device),
  );
  return stageOf({ ...circuit, devices }, volt);
};
const few = { boardsAtRest: 20, boardsOverTime: 4, seed: 2 };

describe('what the instructor says of a part', () => {
  const chip: Wired[] = [
    [dip('U1', 'ATTINY13', 8), pins(8, { 4: 'minus', 5: 'out', 8: 'plus' })],
    [resistor('R1', 470), 'out led'],
    [line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), 'led minus'],
  ];

  it('a programmed chip is not known, and known once its pins are', async () => {
    expect((await readStage(testEngine, stageOf(wired(chip), 5), few))?.unknown).toEqual(['U1']);
    const said: SaidPart = {
      place: 'U1',
      pins: [
        { pin: '8', does: 'plus' },
        { pin: '4', does: 'minus' },
        { pin: '5', does: 'high' },
      ],
    };
    const figures = await readStage(testEngine, stageWith(chip, said, 5), few);
    expect(figures?.unknown).toEqual([]);
    // (5 V − 1.95 V) / (470 Ω + 45 Ω): what the LED takes comes from the supply through the chip.
    expect(figures?.milliampere?.usual).toBeCloseTo(5.9, 0);
    expect(figures?.seen[0]).toMatchObject({ place: 'D1', looks: 'on' });
  });

  it('a pin that goes high and low makes its LED blink at that rate, though no capacitor is there', async () => {
    const said: SaidPart = {
      place: 'U1',
      pins: [
        { pin: '8', does: 'plus' },
        { pin: '4', does: 'minus' },
        { pin: '5', does: 'swings', amount: 2 },
      ],
    };
    const figures = await readStage(testEngine, stageWith(chip, said, 5), few);
    expect(figures?.seen[0]).toMatchObject({ looks: 'on-and-off' });
    expect(figures?.seen[0]?.hertz?.usual).toBeCloseTo(2, 1);
  });

  it('a module that takes a current and gives a voltage', async () => {
    const rows: Wired[] = [
      [line('module', 'U1', { kind: 'none' }, 3), 'plus minus out'],
      [resistor('R1', 1000), 'out minus'],
    ];
    const said: SaidPart = {
      place: 'U1',
      pins: [
        { pin: '1', does: 'takes-current', amount: 20 },
        { pin: '2', does: 'minus' },
        { pin: '3', does: 'gives-volts', amount: 3.3 },
      ],
    };
    // What gives a voltage takes it from the pin that is plus; none is, so only its current counts.
    const figures = await readStage(testEngine, stageWith(rows, said, 5), few);
    expect(figures?.milliampere?.least).toBeGreaterThan(12);
    expect(figures?.milliampere?.most).toBeLessThan(32);
  });

  it('a part by a netlist of its own', async () => {
    const rows: Wired[] = [
      [line('other', 'X1', { kind: 'none' }, 3), 'plus mid minus'],
      [resistor('R1', 1e6), 'mid minus'],
    ];
    const said: SaidPart = {
      place: 'X1',
      elements: 'R1 1 2 1k\n* a comment\nR2 2\n+ 3 1k\nD1 3 2 dd\n.model dd D(IS=1e-14)',
    };
    const figures = await readStage(testEngine, stageWith(rows, said, 6), few);
    expect(figures?.nets.find(({ net }) => net === 'mid')?.volt.usual).toBeCloseTo(3, 1);
  });

  it.each([
    ['.control', 'not-an-element'],
    ['X1 1 2 other', 'not-an-element'],
    ['.include a.lib', 'not-an-element'],
    ['R1 1 2', 'too-few-words'],
    ['D1 1 2 dd', 'no-model'],
    ['R1 1 2 1k\nr1 2 3 1k', 'name-twice'],
  ])('refuses %s', (text, fault) => {
    expect(readElements(text)).toMatchObject({ fault });
  });
});
