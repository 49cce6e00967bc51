import { describe, expect, it } from 'vitest';
import { openFromOhm } from '../../order/checks/limits.ts';
import { farad, line, type } from '../../order/testing/kits.ts';
import type { LightColour, Part } from '../../parts/part.ts';
import type { StageFigures } from '../figures.ts';
import { testEngine } from '../testing/engine.ts';
import { stageOf, type Wired, wired } from '../testing/wired.ts';
import { limitFor } from './current.ts';
import { readStage } from './readStage.ts';

const resistor = (place: string, amount: number, tolerancePercent = 5): Part =>
  line('resistor-axial', place, { kind: 'amount', unit: 'ohm', amount, tolerancePercent });
const led = (place: string, colour: LightColour = 'red') =>
  line('led-5mm', place, { kind: 'colour', colour });

async function figuresOf(
  rows: readonly Wired[],
  volt = 5,
  boards = 60,
  onProgress?: (done: number) => void,
): Promise<StageFigures> {
  const effort = { boardsAtRest: boards, boardsOverTime: 8, seed: 5 };
  const figures = await readStage(testEngine, stageOf(wired(rows), volt), effort, onProgress);
  if (!figures) throw new Error('no solution');
  return figures;
}
const netOf = ({ nets }: StageFigures, name: string) => {
  const found = nets.find(({ net }) => net === name);
  if (!found) throw new Error(`no net ${name}`);
  return found;
};

describe('what many boards show', () => {
  it('a divider of 5 % resistors stays within what its tolerances allow, and names what moves it', async () => {
    const figures = await figuresOf([
      [resistor('R1', 10_000, 1), 'plus a'],
      [resistor('R2', 10_000, 10), 'a minus'],
    ]);
    const { volt, movedBy } = netOf(figures, 'a');
    // 5 V · R2 / (R1 + R2) with 1 % and 10 %, and the meter’s half per cent and two digits.
    expect(volt.least).toBeGreaterThan((5 * 0.9) / (0.9 + 1.01) - 0.04);
    expect(volt.most).toBeLessThan((5 * 1.1) / (1.1 + 0.99) + 0.04);
    expect(volt.most - volt.least).toBeGreaterThan(0.15);
    expect(movedBy).toBe('R2');
  });

  it('a meter of 1 to 10 MΩ pulls a divider of megohms down', async () => {
    const figures = await figuresOf([
      [resistor('R1', 1e6, 1), 'plus a'],
      [resistor('R2', 1e6, 1), 'a minus'],
    ]);
    // Half of 5 V behind 500 kΩ: 2.5 · 1 / 1.5 with the one, 2.5 · 10 / 10.5 with the other.
    expect(netOf(figures, 'a').volt.least).toBeCloseTo(1.67, 1);
    expect(netOf(figures, 'a').volt.most).toBeCloseTo(2.38, 1);
  });

  it('a meter behind a dark LED shows the supply less some 1.5 V, whatever its own resistance', async () => {
    const figures = await figuresOf(
      [
        [resistor('R1', 470), 'plus a'],
        [led('D1'), 'a c'],
        [line('transistor-to92', 'Q1', type('2N3904')), 'minus b c'],
        [resistor('R2', 10_000), 'b minus'],
      ],
      9,
    );
    // A red LED has 1.3 to 1.7 V from a tenth of a microampere to some (common practice).
    const { volt } = netOf(figures, 'c');
    expect(volt.least).toBeGreaterThan(7);
    expect(volt.most).toBeLessThan(8);
  });

  it('current: what Ohm’s law says, and a limit above it', async () => {
    const figures = await figuresOf([[resistor('R1', 1000, 5), 'plus minus']]);
    expect(figures.milliampere?.least).toBeGreaterThan(4.6);
    expect(figures.milliampere?.most).toBeLessThan(5.5);
    expect(figures.limitMilliampere).toBe(20);
  });

  it('ohms: the part itself, either way round', async () => {
    const { ohm: shown } = await figuresOf([[resistor('R1', 1000, 5), 'plus minus']]);
    expect(shown?.redAtPlus.least).toBeGreaterThan(940);
    expect(shown?.redAtPlus.most).toBeLessThan(1060);
    expect(shown?.redAtMinus.usual).toBeCloseTo(shown?.redAtPlus.usual ?? 0, -2);
  });

  it('ohms: a reversed diode across the supply is open one way, and is not the other', async () => {
    const { ohm: shown } = await figuresOf([
      [line('diode-axial', 'D1', type('1N4001')), 'minus plus'],
    ]);
    expect(shown?.redAtPlus.least).toBeGreaterThanOrEqual(1e6);
    expect(shown?.redAtMinus.usual).toBeLessThan(1e6);
    expect(shown?.redAtPlus.most).toBe(openFromOhm);
  });

  it('ohms: a large capacitor makes the number climb for seconds', async () => {
    const rows: Wired[] = [
      [resistor('R1', 47_000), 'plus minus'],
      [line('capacitor-electrolytic', 'C1', farad(4.7e-5)), 'plus minus'],
    ];
    expect((await figuresOf(rows)).ohm?.settlesSeconds).toBeGreaterThan(1);
    expect((await figuresOf(rows.slice(0, 1))).ohm?.settlesSeconds).toBe(0);
  });

  it('LEDs: lit, dark and dim, by what flows through them', async () => {
    const { seen } = await figuresOf([
      [resistor('R1', 470), 'plus a'],
      [led('D1'), 'a minus'],
      [resistor('R2', 470), 'plus b'],
      [led('D2'), 'minus b'],
      [resistor('R3', 22_000), 'plus c'],
      [led('D3'), 'c minus'],
    ]);
    expect(seen.map(({ place, looks }) => [place, looks])).toEqual([
      ['D1', 'on'],
      ['D2', 'off'],
      ['D3', 'dim'],
    ]);
  });

  it('a flasher blinks, and its halves take turns', async () => {
    const npn = (place: string) => line('transistor-to92', place, type('2N3904'));
    const capacitor = (place: string) => line('capacitor-electrolytic', place, farad(1e-5));
    const told: number[] = [];
    const { seen, nets } = await figuresOf(
      [
        [resistor('R1', 470), 'plus l1'],
        [led('D1'), 'l1 c1'],
        [resistor('R4', 470), 'plus l2'],
        [led('D2'), 'l2 c2'],
        [resistor('R2', 47_000), 'plus b2'],
        [resistor('R3', 47_000), 'plus b1'],
        [capacitor('C1'), 'c1 b2'],
        [capacitor('C2'), 'c2 b1'],
        [npn('Q1'), 'minus b1 c1'],
        [npn('Q2'), 'minus b2 c2'],
      ],
      6,
      60,
      (done) => told.push(done),
    );
    // How far it is is told from the first try on, before a single board is made up, and never goes back.
    expect(told[0]).toBeLessThanOrEqual(0.1);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told.at(-1)).toBe(1);
    expect(seen.map(({ looks }) => looks)).toEqual(['on-and-off', 'on-and-off']);
    // 0.69 (R1 C1 + R2 C2) is 0.65 s; an LED in each collector shortens it, electrolytics stray by 20 %.
    const { hertz } = seen[0] ?? {};
    expect(hertz?.least).toBeGreaterThan(1.1);
    expect(hertz?.most).toBeLessThan(2.6);
    expect(nets.find(({ net }) => net === 'c1')?.swings?.lowVolt.usual).toBeLessThan(0.3);
  }, 120_000);

  it('what gets warm is told with its temperature: 0.8 W in a small resistor is far too hot', async () => {
    const { warm } = await figuresOf([[resistor('R1', 100), 'plus minus']], 9);
    expect(warm.map(({ place }) => place)).toEqual(['R1']);
    expect(warm[0]?.watt.usual).toBeCloseTo(0.81, 1);
    expect(warm[0]?.celsius.usual).toBeGreaterThan(100);
    expect((await figuresOf([[resistor('R1', 10_000), 'plus minus']], 9)).warm).toEqual([]);
  });
});

describe('what nobody knows is not told', () => {
  const rows: Wired[] = [
    [line('ic-dip', 'U1', type('ATtiny85'), 8), '- - io minus - - - plus'],
    [resistor('R1', 1000), 'io a'],
    [led('D1'), 'a minus'],
    [resistor('R2', 10_000), 'plus half'],
    [resistor('R3', 10_000), 'half minus'],
  ];

  it('a programmed chip: no current, no resistance, no voltage that it could move', async () => {
    const figures = await figuresOf(rows);
    expect(figures.unknown).toEqual(['U1']);
    expect(figures.milliampere).toBeNull();
    expect(figures.limitMilliampere).toBeNull();
    expect(figures.ohm).toBeNull();
    expect(netOf(figures, 'io').unsure).toBe(true);
    expect(figures.seen[0]).toMatchObject({ place: 'D1', unsure: true });
  });

  it('but what does not depend on it is told', async () => {
    const figures = await figuresOf(rows);
    expect(netOf(figures, 'half').unsure).toBeUndefined();
    expect(netOf(figures, 'half').volt.usual).toBeCloseTo(2.5, 1);
    expect(netOf(figures, 'plus').volt.usual).toBeCloseTo(5, 1);
  });

  it('before it is put in, everything is told', async () => {
    const circuit = wired(rows);
    const stage = stageOf(circuit, 5);
    const without = { ...stage, fitted: new Set(['R1', 'D1', 'R2', 'R3']) };
    const figures = await readStage(testEngine, without, {
      boardsAtRest: 20,
      boardsOverTime: 4,
      seed: 1,
    });
    expect(figures?.unknown).toEqual([]);
    expect(figures?.milliampere?.usual).toBeCloseTo(0.25, 1);
    expect(figures?.seen[0]?.looks).toBe('off');
  });
});

describe('the limit of a bench supply', () => {
  it('never trips on a good board, and is never far above it', () => {
    for (let milliampere = 0; milliampere < 1900; milliampere += 7) {
      const limit = limitFor(milliampere);
      expect(limit).toBeGreaterThanOrEqual(milliampere * 1.5);
      expect(limit).toBeLessThanOrEqual(Math.max(10, (milliampere * 1.5 + 5) * 2));
    }
  });
});

describe('figures do not hang on chance alone', () => {
  it('the same seed gives the same figures', async () => {
    const rows: Wired[] = [
      [resistor('R1', 10_000), 'plus a'],
      [line('diode-axial', 'D1', type('1N4148')), 'a minus'],
      [line('capacitor-ceramic', 'C1', farad(1e-7)), 'plus minus'],
      [resistor('R2', 10_000), 'a minus'],
    ];
    expect(await figuresOf(rows)).toEqual(await figuresOf(rows));
  });
});
