import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import type { PartValue } from '../../parts/part.ts';
import { supplyCurrent } from '../netlist.ts';
import { solved, voltAt, type Wired } from '../testing/wired.ts';

const resistor = (place: string, amount: number) => line('resistor-axial', place, ohm(amount));
const film = (place: string, amount: number) => line('capacitor-film', place, farad(amount));
const led = (place: string, colour: 'red' | 'blue' | 'yellow') =>
  line('led-5mm', place, { kind: 'colour', colour } satisfies PartValue);
const npn = (place: string, number = '2N3904') => line('transistor-to92', place, type(number));
const dip = (place: string, number: string, pins: number) =>
  line('ic-dip', place, type(number), pins);
/** Pins of a chip by number, the others joined to nothing. */
const pins = (count: number, at: Readonly<Record<number, string>>) =>
  Array.from({ length: count }, (_, index) => at[index + 1] ?? '-').join(' ');

describe('readings at rest', () => {
  it('three equal resistors across 6 V give 2 V and 4 V (common practice)', async () => {
    const rows: Wired[] = [
      [resistor('R1', 10_000), 'plus a'],
      [resistor('R2', 10_000), 'a b'],
      [resistor('R3', 10_000), 'b minus'],
    ];
    expect(await voltAt(rows, 6, 'a')).toBeCloseTo(4, 2);
    expect(await voltAt(rows, 6, 'b')).toBeCloseTo(2, 2);
  });

  it('an LED with its resistor: Shockley’s equation, solved by halving', async () => {
    // 1.95 V at 10 mA, n = 2, 5 Ω within: the figures of the model, at 27 °C.
    const thermal = 2 * 0.025852;
    const saturation = 0.01 / (Math.exp((1.95 - 0.05) / thermal) - 1);
    const across = (ampere: number) => thermal * Math.log(ampere / saturation + 1) + ampere * 5;
    for (const [volt, series] of [
      [9, 470],
      [5, 220],
      [12, 1000],
      [3, 330],
    ] as const) {
      let [low, high] = [0, volt / series];
      for (let halving = 0; halving < 60; halving += 1) {
        const middle = (low + high) / 2;
        if (middle * series + across(middle) > volt) high = middle;
        else low = middle;
      }
      const course = await solved(
        [
          [resistor('R1', series), 'plus a'],
          [led('D1', 'red'), 'a minus'],
        ],
        volt,
      );
      expect(course('i(vd1_led)').mean / low, `${volt} V, ${series} Ω`).toBeCloseTo(1, 2);
    }
  });

  it('an LED the wrong way round takes nothing', async () => {
    const course = await solved(
      [
        [resistor('R1', 470), 'plus a'],
        [led('D1', 'red'), 'minus a'],
      ],
      5,
    );
    expect(Math.abs(course(supplyCurrent).mean)).toBeLessThan(1e-8);
  });

  it('a base is about 0.65 V above its emitter, a saturated transistor drops 0.05 to 0.3 V (common practice)', async () => {
    const rows: Wired[] = [
      [resistor('R1', 10_000), 'plus b'],
      [npn('Q1'), 'minus b c'],
      [resistor('R2', 1000), 'plus c'],
    ];
    expect(await voltAt(rows, 5, 'b')).toBeGreaterThan(0.6);
    expect(await voltAt(rows, 5, 'b')).toBeLessThan(0.8);
    expect(await voltAt(rows, 5, 'c')).toBeGreaterThan(0.02);
    expect(await voltAt(rows, 5, 'c')).toBeLessThan(0.3);
  });

  it('leads follow the type: the same transistor with the other pinout is wired the other way round', async () => {
    const at = (part: ReturnType<typeof npn>, nets: string) =>
      voltAt(
        [
          [resistor('R1', 10_000), 'plus b'],
          [part, nets],
          [resistor('R2', 1000), 'plus c'],
        ],
        5,
        'c',
      );
    // 2N3904 is E-B-C, BC547 is C-B-E (from memory of data sheets).
    expect(await at(npn('Q1', 'BC547'), 'c b minus')).toBeLessThan(0.3);
    expect(await at(npn('Q1', '2N3904'), 'minus b c')).toBeLessThan(0.3);
  });

  it('an emitter follower stands a base voltage below its divider', async () => {
    const rows: Wired[] = [
      [resistor('R1', 1000), 'plus b'],
      [resistor('R2', 1000), 'b minus'],
      [npn('Q1'), 'e b plus'],
      [resistor('R3', 4700), 'e minus'],
    ];
    expect(await voltAt(rows, 9, 'e')).toBeCloseTo(4.5 - 0.68, 1);
  });

  it('a 7805 gives 5 V from 9 V, and less than its input where that is too low', async () => {
    const rows: Wired[] = [
      [line('regulator-to220', 'U1', type('7805')), 'plus minus out'],
      [resistor('R1', 100), 'out minus'],
    ];
    expect(await voltAt(rows, 9, 'out')).toBeCloseTo(5, 1);
    expect(await voltAt(rows, 6, 'out')).toBeCloseTo(4.1, 1);
    // 50 mA through it, and some for itself.
    const ampere = Math.abs((await solved(rows, 9))(supplyCurrent).mean);
    expect(ampere).toBeGreaterThan(0.05);
    expect(ampere).toBeLessThan(0.06);
    // (9 V − 5 V) · 50 mA, and 9 V · 4.5 mA for itself.
    expect((await solved(rows, 9))('v(x_u1_w)').mean).toBeCloseTo(0.24, 2);
  });

  it('an LM317 gives 1.25 V (1 + R2 / R1) (its data sheet)', async () => {
    const rows: Wired[] = [
      [line('regulator-to220', 'U1', type('LM317')), 'adj out plus'],
      [resistor('R1', 240), 'out adj'],
      [resistor('R2', 720), 'adj minus'],
    ];
    expect(await voltAt(rows, 12, 'out')).toBeCloseTo(5, 0);
  });

  it.each([
    ['BZX55C5V1', 5.1],
    ['5V1', 5.1],
    ['3V3', 3.3],
    ['6V', 6],
  ])('a Zener diode called %s holds its voltage', async (print, volt) => {
    const rows: Wired[] = [
      [resistor('R1', 1000), 'plus z'],
      [line('zener-axial', 'D1', type(print)), 'minus z'],
    ];
    expect(await voltAt(rows, 9, 'z')).toBeCloseTo(volt, 0);
  });

  it('an op-amp follows, and amplifies by 1 + R2 / R1, as far as its rails let it', async () => {
    const follower: Wired[] = [
      [resistor('R1', 10_000), 'plus half'],
      [resistor('R2', 10_000), 'half minus'],
      [dip('U1', 'LM358', 8), pins(8, { 1: 'out', 2: 'out', 3: 'half', 4: 'minus', 8: 'plus' })],
      [resistor('R3', 10_000), 'out minus'],
    ];
    // A split supply is half and half.
    expect(await voltAt(follower, 9, 'out')).toBeCloseTo(4.5, 1);
    const twice: Wired[] = [
      [resistor('R1', 30_000), 'plus in'],
      [resistor('R2', 10_000), 'in minus'],
      [dip('U1', 'LM358', 8), pins(8, { 1: 'out', 2: 'fb', 3: 'in', 4: 'minus', 8: 'plus' })],
      [resistor('R3', 10_000), 'out fb'],
      [resistor('R4', 10_000), 'fb minus'],
    ];
    expect(await voltAt(twice, 9, 'out')).toBeCloseTo(4.5, 1);
    const atRail = await voltAt(
      [...twice.slice(2), [resistor('R1', 1000), 'plus in'], [resistor('R2', 9000), 'in minus']],
      9,
      'out',
    );
    // The LM358 comes to about 1.5 V below plus (its data sheet, from memory).
    expect(atRail).toBeGreaterThan(7);
    expect(atRail).toBeLessThan(8);
  });

  it('a comparator pulls down when its minus input is higher, and lets go otherwise', async () => {
    const at = (low: number, high: number) =>
      voltAt(
        [
          [resistor('R1', 10_000), 'plus ref'],
          [resistor('R2', 10_000), 'ref minus'],
          [resistor('R3', high), 'plus in'],
          [resistor('R4', low), 'in minus'],
          [dip('U1', 'LM393', 8), pins(8, { 1: 'out', 2: 'in', 3: 'ref', 4: 'minus', 8: 'plus' })],
          [resistor('R5', 4700), 'plus out'],
        ],
        9,
        'out',
      );
    expect(await at(10_000, 4700)).toBeLessThan(0.3);
    expect(await at(4700, 10_000)).toBeCloseTo(9, 1);
  });

  it.each([
    ['4011', 'nand', [1, 1, 1, 0], { 1: 'a', 2: 'b', 3: 'q' }],
    ['4001', 'nor', [1, 0, 0, 0], { 1: 'a', 2: 'b', 3: 'q' }],
    ['4081', 'and', [0, 0, 0, 1], { 1: 'a', 2: 'b', 3: 'q' }],
    ['4071', 'or', [0, 1, 1, 1], { 1: 'a', 2: 'b', 3: 'q' }],
    ['4070', 'xor', [0, 1, 1, 0], { 1: 'a', 2: 'b', 3: 'q' }],
    ['74HC00', 'nand', [1, 1, 1, 0], { 4: 'a', 5: 'b', 6: 'q' }],
    ['74HC02', 'nor', [1, 0, 0, 0], { 2: 'a', 3: 'b', 1: 'q' }],
    ['4093', 'nand', [1, 1, 1, 0], { 5: 'a', 6: 'b', 4: 'q' }],
  ] as const)(
    '%s is a %s gate (truth tables; pins from memory of data sheets)',
    async (number, _, table, at) => {
      for (const [index, high] of table.entries()) {
        const [a, b] = [index >= 2 ? 'plus' : 'minus', index % 2 === 1 ? 'plus' : 'minus'];
        const volt = await voltAt(
          [
            [dip('U1', number, 14), pins(14, { ...at, 7: 'minus', 14: 'plus' })],
            [resistor('R1', 100), `${a} a`],
            [resistor('R2', 100), `${b} b`],
            [resistor('R3', 100_000), 'q minus'],
          ],
          5,
          'q',
        );
        expect(Math.round(volt / 5), `${a} ${b}`).toBe(high);
      }
    },
  );
});

describe('readings over time', () => {
  const over = (seconds: number) =>
    ({ kind: 'time', stopSeconds: seconds, stepSeconds: seconds / 1500 }) as const;

  it('a capacitor charges to 1 − 1/e in R C', async () => {
    const rows: Wired[] = [
      [resistor('R1', 10_000), 'plus c'],
      [film('C1', 1e-6), 'c minus'],
    ];
    // Switched on within a thousandth of the run.
    const course = await solved(rows, 10, over(0.01));
    expect(course('v(c)').most).toBeCloseTo(10 * (1 - Math.exp(-1)), 1);
  });

  it('a flasher of two transistors has a period within 15 % of 0.69 (R1 C1 + R2 C2) (common practice)', async () => {
    for (const [base, capacity] of [
      [47_000, 1e-6],
      [100_000, 4.7e-7],
      [22_000, 1e-5],
    ] as const) {
      const rows: Wired[] = [
        [resistor('R1', 1000), 'plus c1'],
        [resistor('R4', 1000), 'plus c2'],
        [resistor('R2', base), 'plus b2'],
        [resistor('R3', base), 'plus b1'],
        [film('C1', capacity), 'c1 b2'],
        [film('C2', capacity * 1.02), 'c2 b1'],
        [npn('Q1'), 'minus b1 c1'],
        [npn('Q2'), 'minus b2 c2'],
      ];
      const period = 0.69 * base * capacity * 2.02;
      const { hertz = 0 } = (await solved(rows, 6, over(period * 12)))('v(c1)');
      expect(Math.abs(1 / hertz / period - 1), `${base} Ω, ${capacity} F`).toBeLessThan(0.15);
    }
  });

  it('a 555 swings at 1.44 / ((RA + 2 RB) C), within 5 % (any data sheet of it)', async () => {
    for (const [number, ra, rb, capacity] of [
      ['NE555', 1000, 33_000, 1e-8],
      ['NE555', 10_000, 47_000, 1e-6],
      ['ICM7555', 4700, 100_000, 1e-7],
    ] as const) {
      const rows: Wired[] = [
        [
          dip('U1', number, 8),
          pins(8, { 1: 'minus', 2: 'c', 3: 'out', 4: 'plus', 6: 'c', 7: 'd', 8: 'plus' }),
        ],
        [resistor('R1', ra), 'plus d'],
        [resistor('R2', rb), 'd c'],
        [film('C1', capacity), 'c minus'],
        [resistor('R3', 10_000), 'out minus'],
      ];
      const expected = 1.44 / ((ra + 2 * rb) * capacity);
      const { hertz = 0, duty = 0 } = (await solved(rows, 9, over(12 / expected)))('v(out)');
      expect(Math.abs(hertz / expected - 1), number).toBeLessThan(0.05);
      // High while it charges through both.
      expect(duty).toBeCloseTo((ra + rb) / (ra + 2 * rb), 1);
    }
  });

  it('a Schmitt inverter with R and C swings between its two thresholds', async () => {
    const rows: Wired[] = [
      [dip('U1', '74HC14', 14), pins(14, { 1: 'c', 2: 'out', 7: 'minus', 14: 'plus' })],
      [resistor('R1', 100_000), 'out c'],
      [film('C1', 1e-6), 'c minus'],
    ];
    const course = await solved(rows, 5, over(1));
    const { least, most, hertz = 0 } = course('v(c)');
    expect(least / 5).toBeCloseTo(0.33, 1);
    expect(most / 5).toBeCloseTo(0.53, 1);
    // R C ln of both thirds of its way, by the charging law.
    const period = 0.1 * (Math.log((5 - least) / (5 - most)) + Math.log(most / least));
    expect(hertz * period).toBeCloseTo(1, 1);
  });
});

describe('what must hold of any circuit', () => {
  const anyNetwork = fc.record({
    nets: fc.integer({ min: 2, max: 6 }),
    ohms: fc.array(fc.integer({ min: 10, max: 1_000_000 }), { minLength: 4, maxLength: 14 }),
    ends: fc.array(fc.nat(), { minLength: 28, maxLength: 28 }),
  });
  const network = ({ nets, ohms, ends }: { nets: number; ohms: number[]; ends: number[] }) => {
    const names = ['plus', 'minus', ...Array.from({ length: nets }, (_, index) => `k${index}`)];
    // A chain from plus to minus through every net, then anything: so no net hangs in the air.
    const chain = [names[0], ...names.slice(2), names[1]];
    return ohms.map((amount, index) => {
      const [a = 0, b = 0] = [ends[index * 2], ends[index * 2 + 1]];
      const pair =
        index + 1 < chain.length
          ? [chain[index], chain[index + 1]]
          : [names[a % names.length], names[b % names.length]];
      return { amount, one: pair[0] ?? 'plus', other: pair[1] ?? 'minus' };
    });
  };

  it('resistors: voltages are those of Kirchhoff’s laws, solved by elimination', async () => {
    await fc.assert(
      fc.asyncProperty(anyNetwork, async (any) => {
        const edges = network(any).filter(({ one, other }) => one !== other);
        const inner = [...new Set(edges.flatMap(({ one, other }) => [one, other]))].filter(
          (name) => name !== 'plus' && name !== 'minus',
        );
        const expected = byElimination(inner, edges, 10);
        if (!expected) return;
        const course = await solved(
          edges.map(({ amount, one, other }, index) => [
            resistor(`R${index + 1}`, amount),
            `${one} ${other}`,
          ]),
          10,
        );
        for (const name of inner) {
          expect(course(`v(${name})`).mean).toBeCloseTo(expected.get(name) ?? 0, 2);
        }
      }),
      { numRuns: 25, seed: 7 },
    );
  });

  it('the power that the parts turn to heat is the power of the supply', async () => {
    await fc.assert(
      fc.asyncProperty(
        anyNetwork,
        fc.array(fc.nat(2), { minLength: 14, maxLength: 14 }),
        async (any, sorts) => {
          const edges = network(any).filter(({ one, other }) => one !== other);
          const rows = edges.flatMap(({ amount, one, other }, index): Wired[] => {
            const number = index + 1;
            // Every part has its resistor, so that no diode shorts the supply.
            const series: Wired = [
              resistor(`R${number}`, Math.max(100, amount)),
              `${one} s${number}`,
            ];
            if (sorts[index] === 1)
              return [series, [led(`D${number}`, 'red'), `s${number} ${other}`]];
            if (sorts[index] === 2)
              return [
                series,
                [line('diode-axial', `D${number}`, type('1N4148')), `s${number} ${other}`],
              ];
            return [[resistor(`R${number}`, Math.max(100, amount)), `${one} ${other}`]];
          });
          const course = await solved(rows, 9);
          const heat = rows.reduce((sum, [part]) => {
            const [place = ''] = part.designators;
            return sum + course(`@${place[0]?.toLowerCase()}${place.toLowerCase()}[p]`).mean;
          }, 0);
          const given = 9 * Math.abs(course(supplyCurrent).mean);
          expect(Math.abs(heat - given)).toBeLessThan(given * 0.005 + 1e-9);
        },
      ),
      { numRuns: 25, seed: 3 },
    );
  });
});

/** Nodal analysis; null where a net is joined to neither end of the supply. */
function byElimination(
  inner: readonly string[],
  edges: readonly { readonly amount: number; readonly one: string; readonly other: string }[],
  volt: number,
): Map<string, number> | null {
  const known = new Map([
    ['plus', volt],
    ['minus', 0],
  ]);
  const rows = inner.map((name) => {
    const row = new Array<number>(inner.length + 1).fill(0);
    for (const { amount, one, other } of edges) {
      const far = one === name ? other : other === name ? one : undefined;
      if (far === undefined) continue;
      row[inner.indexOf(name)] = (row[inner.indexOf(name)] ?? 0) + 1 / amount;
      const fixed = known.get(far);
      if (fixed === undefined)
        row[inner.indexOf(far)] = (row[inner.indexOf(far)] ?? 0) - 1 / amount;
      else row[inner.length] = (row[inner.length] ?? 0) + fixed / amount;
    }
    return row;
  });
  for (let pivot = 0; pivot < rows.length; pivot += 1) {
    const best = rows
      .slice(pivot)
      .reduce((a, b) => (Math.abs(b[pivot] ?? 0) > Math.abs(a[pivot] ?? 0) ? b : a));
    if (Math.abs(best[pivot] ?? 0) < 1e-12) return null;
    rows.splice(rows.indexOf(best), 1);
    rows.splice(pivot, 0, best);
    for (const [index, row] of rows.entries()) {
      if (index === pivot) continue;
      const share = (row[pivot] ?? 0) / (best[pivot] ?? 1);
      for (let column = 0; column < row.length; column += 1)
        row[column] = (row[column] ?? 0) - share * (best[column] ?? 0);
    }
  }
  return new Map(
    inner.map((name, index) => [
      name,
      (rows[index]?.[inner.length] ?? 0) / (rows[index]?.[index] ?? 1),
    ]),
  );
}
