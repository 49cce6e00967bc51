import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { BandColour } from '../bands/colours.ts';
import { visions } from '../bands/vision.ts';
import { anyKit, farad, line, ohm, type } from '../order/testing/kits.ts';
import type { FamilyId } from '../parts/families/ids.ts';
import type { Part } from '../parts/part.ts';
import type { UnitId } from '../quantity/unit.ts';
import { cases } from '../testing/cases.ts';
import { compareBands } from './bands.ts';
import { formLikeness } from './body.ts';
import { findMixUps, pairOf } from './findMixUps.ts';
import { printDistance, printLikeness } from './print.ts';
import { swapOf, swaps } from './swap.ts';

const resistor = (amount: number, tolerancePercent?: number) =>
  line('resistor-axial', 'R1', {
    kind: 'amount',
    unit: 'ohm',
    amount,
    ...(tolerancePercent ? { tolerancePercent } : {}),
  });
const can = (amount: number, ratedVolt?: number) =>
  line('capacitor-electrolytic', 'C1', {
    kind: 'amount',
    unit: 'farad',
    amount,
    ...(ratedVolt ? { ratedVolt } : {}),
  });
const bands = (text: string) => text.split(' ') as BandColour[];

describe('a part that nobody has recognised', () => {
  it('is like no other, since its body is not known', () => {
    const unknown = { ...line('other', ''), description: 'Lötstifte 1 mm' };
    for (const known of [line('terminal-block', 'K1'), line('switch-slide', 'S1')])
      expect(pairOf(unknown, known)).toBeUndefined();
  });
});

describe('look-alikes that people know (common practice)', () => {
  it.each([
    ['470 Ω and 47 kΩ', resistor(470), resistor(47_000)],
    ['1 kΩ and 10 kΩ', resistor(1000), resistor(10_000)],
    ['1 µF and 10 µF', can(1e-6), can(1e-5)],
    ['22 µF and 220 µF', can(22e-6), can(220e-6)],
    [
      '103 and 104',
      line('capacitor-ceramic', 'C1', farad(1e-8)),
      line('capacitor-ceramic', 'C2', farad(1e-7)),
    ],
    [
      'NPN and PNP',
      line('transistor-to92', 'Q1', type('2N3904')),
      line('transistor-to92', 'Q2', type('2N3906')),
    ],
    [
      'regulator and transistor',
      line('regulator-to92', 'U1', type('78L05')),
      line('transistor-to92', 'Q1', type('2N3904')),
    ],
    [
      'inductor and resistor',
      line('inductor-axial', 'L1', { kind: 'amount', unit: 'henry', amount: 1e-4 }),
      line('resistor-axial', 'R1', {
        kind: 'amount',
        unit: 'ohm',
        amount: 100,
        tolerancePercent: 10,
      }),
    ],
    [
      'two chips of one size',
      line('ic-dip', 'U1', type('LM358'), 8),
      line('ic-dip', 'U2', type('LM393'), 8),
    ],
    [
      'resonator and capacitor',
      line('resonator', 'Y1', { kind: 'amount', unit: 'hertz', amount: 4e6 }),
      line('capacitor-ceramic', 'C1', farad(4.7e-11)),
    ],
  ] as const)('%s are a pair', (_, a, b) => {
    const pair = pairOf(a, b);
    expect(pair, 'no pair').toBeDefined();
    expect(pair?.remedies.length).toBeGreaterThan(0);
  });

  it.each([
    ['a resistor and an electrolytic', resistor(470), can(1e-5)],
    [
      'a chip and its socket',
      line('ic-dip', 'U1', type('NE555'), 8),
      line('socket-dip', 'X1', { kind: 'none' }, 8),
    ],
    [
      'chips of 8 and of 16 pins',
      line('ic-dip', 'U1', type('LM358'), 8),
      line('ic-dip', 'U2', type('CD4017'), 16),
    ],
    ['a chip part and a wired one', line('resistor-chip', 'R1', ohm(1000)), resistor(1000)],
    ['two lines of the same part', resistor(470), { ...resistor(470), designators: ['R9'] }],
    [
      'two very different transistors’ prints',
      line('transistor-to92', 'Q1', type('2N3904')),
      line('ic-dip', 'U1', type('2N3904'), 8),
    ],
  ] as const)('%s are none', (_, a, b) => {
    expect(pairOf(a, b)).toBeUndefined();
  });
});

describe('bands', () => {
  it('that differ in brown and red are taken for one another by a red-green deficiency', () => {
    const a = bands('brown black black red brown');
    const b = bands('brown black black brown brown');
    const normal = compareBands(a, b, 'normal');
    expect(normal.differing).toEqual([{ band: 4, a: 'red', b: 'brown' }]);
    expect(compareBands(a, b, 'deutan').likeness).toBeGreaterThan(1.5 * normal.likeness);
  });

  it('are compared in both reading directions', () => {
    // 1 kΩ read from the wrong end is 110 Ω: the same five bands.
    const compared = compareBands(
      bands('brown black black brown brown'),
      bands('brown brown black black brown'),
      'normal',
    );
    expect(compared).toMatchObject({ reversed: true, differing: [], likeness: 1 });
    expect(pairOf(resistor(1000, 1), resistor(110, 1))?.risk).toBe('high');
  });

  it('a part of the same value with other bands is proposed', () => {
    const remedy = pairOf(resistor(470), resistor(47_000))?.remedies.find(
      ({ id }) => id === 'other-bands',
    );
    // IEC 60062: 47 kΩ 1 % with five bands.
    expect(remedy).toMatchObject({ bands: ['yellow', 'violet', 'black', 'red', 'brown'] });
  });
});

describe('prints', () => {
  it('that look alike are nearer than prints that do not', () => {
    expect(printDistance('103', '104')).toBe(1);
    expect(printDistance('106', '109')).toBeLessThan(1);
    expect(printDistance('10O', '100')).toBeLessThan(1);
    expect(printLikeness('2N3904', '2N3906')).toBeGreaterThan(printLikeness('103', '104'));
    expect(printLikeness('78L05', '2N3904')).toBeLessThan(0.3);
  });

  it('are read upside down too', () => {
    expect(printDistance('906', '906')).toBe(0);
    expect(printDistance('86', '98')).toBeLessThan(0.5);
  });

  it('are as far there as back, and a print is nearest to itself', () => {
    const print = fc.stringMatching(/^[0-9A-Z]{1,7}$/);
    fc.assert(
      fc.property(print, print, (a, b) => {
        expect(printDistance(a, b)).toBeCloseTo(printDistance(b, a), 9);
        expect(printLikeness(a, b)).toBeLessThanOrEqual(printLikeness(a, a));
      }),
    );
  });
});

const inUnit = (family: FamilyId, unit: UnitId, amount: number) =>
  line(family, 'X1', { kind: 'amount', unit, amount });

describe('what a swap does', () => {
  it.each([
    [
      'a regulator',
      line('regulator-to92', 'U1', type('78L05')),
      line('transistor-to92', 'Q1', type('BC547')),
      'regulator',
      3,
    ],
    [
      'unlike voltages at a supply that nobody has said',
      can(1e-5, 16),
      can(1e-4, 25),
      'rated-volt-unknown',
      2,
    ],
    ['a hundredfold resistance', resistor(470), resistor(47_000), 'resistance-far', 2],
    ['a doubled resistance', resistor(470), resistor(1000), 'resistance-near', 1],
    ['a tenfold capacitance', can(1e-6), can(1e-5), 'capacitance', 2],
    // No flasher flickers for these (common practice).
    [
      'another crystal',
      inUnit('crystal', 'hertz', 16e6),
      inUnit('crystal', 'hertz', 32_768),
      'frequency',
      2,
    ],
    [
      'another coil',
      inUnit('inductor-radial', 'henry', 1e-4),
      inUnit('inductor-radial', 'henry', 1e-3),
      'inductance',
      2,
    ],
  ] as const)('of %s', (_, a, b, id, severity) => {
    expect(swapOf(a, b)).toMatchObject({ id, severity });
    expect(swapOf(b, a)).toEqual(swapOf(a, b));
  });

  // A can bursts above its rated voltage and not below it (common practice).
  it.each([
    [4.5, 'capacitance'],
    [12, 'capacitance'],
    [18, 'rated-volt'],
    [24, 'rated-volt'],
  ])('of unlike voltages at %s V is %s', (supplyVolt, id) => {
    expect(swapOf(can(1e-5, 16), can(1e-4, 25), supplyVolt).id).toBe(id);
  });

  it('says by what factor', () => {
    expect(swapOf(resistor(470), resistor(47_000)).factor).toBe(100);
    expect(swapOf(resistor(470), can(1e-5)).factor).toBeNull();
  });

  it('has ids of its own', () => {
    expect(new Set(swaps.map(({ id }) => id)).size).toBe(swaps.length);
  });
});

describe('any kit', () => {
  it('gives pairs that are the same whichever comes first, riskiest first', () => {
    fc.assert(
      fc.property(anyKit, (parts) => {
        const { pairs } = findMixUps(parts);
        const back = findMixUps([...parts].reverse()).pairs;
        expect(back.length).toBe(pairs.length);
        const rank = { high: 0, medium: 1, low: 2 };
        const ranks = pairs.map(({ risk }) => rank[risk]);
        expect(ranks).toEqual([...ranks].sort());
        for (const { likelihood, worst, a, b } of pairs) {
          for (const vision of visions) {
            expect(likelihood[vision]).toBeGreaterThanOrEqual(0);
            expect(likelihood[vision]).toBeLessThanOrEqual(likelihood[worst]);
          }
          expect(formLikeness(a, b)).toBeGreaterThan(0);
        }
      }),
      { numRuns: cases(60, 0.5) },
    );
  });

  it('spares are no danger', () => {
    const spare: Part = { ...resistor(47_000), designators: [], supply: 'spare' };
    expect(findMixUps([resistor(470), spare]).pairs).toEqual([]);
  });

  it('names the resistors that are a value from either end', () => {
    const { twoWays } = findMixUps([resistor(1000, 1), resistor(470), resistor(100, 1)]);
    expect(twoWays).toMatchObject([{ otherOhm: 110, otherInKit: false }]);
    const withBoth = findMixUps([resistor(1000, 1), resistor(110, 1)]);
    expect(withBoth.twoWays.every(({ otherInKit }) => otherInKit)).toBe(true);
  });
});
