import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import { atEnds, type Wired, wired } from '../testing/wired.ts';
import { blocksOf } from './index.ts';

const r = (place: string, amount: number, nets: string): Wired => [
  line('resistor-axial', place, ohm(amount)),
  nets,
];
const c = (place: string, amount: number, nets: string): Wired => [
  line('capacitor-film', place, farad(amount)),
  nets,
];
const led = (place: string, nets: string): Wired => [
  line('led-5mm', place, { kind: 'colour', colour: 'red' }),
  nets,
];
const npn = (place: string, nets: string): Wired => [
  line('transistor-to92', place, type('2N3904')),
  nets,
];
const dip = (
  place: string,
  number: string,
  count: number,
  at: Readonly<Record<number, string>>,
): Wired => [
  line('ic-dip', place, type(number), count),
  Array.from({ length: count }, (_, index) => at[index + 1] ?? '-').join(' '),
];
const found = (rows: readonly Wired[], volt = 9) =>
  blocksOf(wired(rows), atEnds, volt).map(
    ({ pattern, places }) => `${pattern}: ${places.join(' ')}`,
  );

describe('patterns (common practice, and the formulas of data sheets)', () => {
  it('two transistors that turn each other on and off, at 0.69 (R1 C1 + R2 C2)', () => {
    const rows = [
      r('R1', 470, 'plus l1'),
      led('D1', 'l1 c1'),
      r('R4', 470, 'plus l2'),
      led('D2', 'l2 c2'),
      r('R2', 47_000, 'plus b2'),
      r('R3', 47_000, 'plus b1'),
      c('C1', 1e-5, 'c1 b2'),
      c('C2', 1e-5, 'c2 b1'),
      npn('Q1', 'minus b1 c1'),
      npn('Q2', 'minus b2 c2'),
    ];
    expect(found(rows)).toEqual([
      'two-transistor-astable: Q1 Q2 C1 C2',
      'led: D1 R1',
      'led: D2 R4',
    ]);
    const [astable] = blocksOf(wired(rows), atEnds, 9);
    expect((astable?.hertz ?? 0) * 0.69 * 2 * 0.47).toBeCloseTo(1, 5);
  });

  it('a timer that goes by itself, with a trimmer in its way, and one that waits for a button', () => {
    const astable = [
      dip('U1', 'NE555', 8, { 1: 'minus', 2: 't', 3: 'out', 4: 'plus', 6: 't', 7: 'd', 8: 'plus' }),
      r('R1', 10_000, 'plus d'),
      r('R2', 10_000, 'd s'),
      [line('trimmer', 'RV1', ohm(100_000)), 's t t'] as Wired,
      c('C1', 4.7e-6, 't minus'),
      c('C2', 1e-7, 'plus minus'),
    ];
    expect(found(astable)).toEqual(['decoupling: C2', 'timer-astable: U1 C1']);
    const hertz = blocksOf(wired(astable), atEnds, 9)[1]?.hertz ?? 0;
    expect(hertz).toBeCloseTo(1.44 / (130_000 * 4.7e-6), 3);
    const once = [
      dip('U1', 'NE555', 8, {
        1: 'minus',
        2: 'trig',
        3: 'out',
        4: 'plus',
        6: 't',
        7: 't',
        8: 'plus',
      }),
      r('R1', 1_000_000, 'plus t'),
      c('C1', 1e-6, 't minus'),
      r('R2', 10_000, 'plus trig'),
    ];
    expect(found(once)).toEqual(['timer-monostable: U1 C1']);
    expect(blocksOf(wired(once), atEnds, 9)[0]?.seconds).toBeCloseTo(1.1, 5);
  });

  it('an inverter with two thresholds that feeds itself back', () => {
    expect(
      found([
        dip('U1', '74HC14', 14, { 1: 'in', 2: 'out', 7: 'minus', 14: 'plus' }),
        r('R1', 470_000, 'in out'),
        c('C1', 1e-6, 'in minus'),
      ]),
    ).toEqual(['schmitt-oscillator: U1 R1 C1']);
  });

  it('a divider, what it is compared with, and a diode that keeps a turned supply out', () => {
    const rows = [
      [line('diode-axial', 'D1', type('1N4001')), 'plus vcc'] as Wired,
      r('R1', 10_000, 'vcc half'),
      r('R2', 20_000, 'half minus'),
      r('R3', 100_000, 'vcc sense'),
      c('C1', 1e-6, 'sense minus'),
      dip('U1', 'LM393', 8, { 1: 'out', 2: 'half', 3: 'sense', 4: 'minus', 8: 'vcc' }),
    ];
    expect(found(rows)).toEqual([
      'reverse-diode: D1',
      'comparator: U1',
      'divider: R1 R2',
      'charging: R3 C1',
    ]);
    expect(
      blocksOf(wired(rows), atEnds, 9).find(({ pattern }) => pattern === 'divider')?.volt,
    ).toBeCloseTo(6, 5);
  });

  it('a transistor that switches, and one that follows', () => {
    expect(
      found([
        r('R1', 4700, 'in b'),
        npn('Q1', 'minus b c'),
        r('R2', 470, 'plus l'),
        led('D1', 'l c'),
      ]),
    ).toEqual(['switching: Q1', 'led: D1 R2']);
    expect(
      found([
        r('R1', 1000, 'plus b'),
        r('R2', 1000, 'b minus'),
        npn('Q1', 'e b plus'),
        r('R3', 4700, 'e minus'),
      ]),
    ).toEqual(['divider: R1 R2', 'emitter-follower: Q1']);
  });

  it('says nothing of what is joined in no way that is known', () => {
    expect(found([r('R1', 1000, 'a b'), r('R2', 1000, 'b c'), r('R3', 1000, 'plus a')])).toEqual(
      [],
    );
    expect(found([])).toEqual([]);
  });

  it.each([
    ['4518', 16, 'counter'],
    ['7447', 16, 'decoder'],
    ['LM3914', 18, 'light-row'],
    ['LM386', 8, 'audio-amplifier'],
    ['ULN2003', 16, 'driver-array'],
    ['L293D', 16, 'half-bridges'],
    ['4066', 14, 'analog-switches'],
    ['4510', 16, 'counter'],
    ['74HC138', 16, 'line-decoder'],
    ['74HC151', 16, 'selector'],
    ['74HC595', 16, 'shift-register'],
    ['74HC273', 20, 'register'],
    ['4013', 14, 'register'],
    ['74HC244', 20, 'buffer'],
  ] as const)('what a %s is for, whatever is joined to it', (number, count, pattern) => {
    expect(found([dip('U1', number, count, { 1: 'plus', 2: 'minus' })])).toEqual([
      `${pattern}: U1`,
    ]);
  });

  it('a sensor that holds a voltage as a reference does is no reference', () => {
    const sensor = line('chip-to92', 'U1', type('LM335'));
    const lotNote = { text: '', pinout: ['anode', 'cathode', 'unused'] };
    expect(found([[{ ...sensor, lotNote }, 'minus out -'], r('R1', 2200, 'plus out')])).toEqual([
      'temperature: U1',
    ]);
    expect(found([[line('chip-to92', 'U1', type('LM35')), 'plus out minus']])).toEqual([
      'temperature: U1',
    ]);
  });
});
