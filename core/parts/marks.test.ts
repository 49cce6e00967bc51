import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import { readChipCode } from '../quantity/chipCode.ts';
import { series } from '../quantity/series.ts';
import { families, familyOf } from './families/index.ts';
import { isTurned, signsOf } from './lotNote.ts';
import { bandMarks } from './marks.ts';
import type { Part } from './part.ts';
import { pinoutOf } from './pinouts.ts';

const printsOf = (part: Part) =>
  familyOf(part)
    .prints?.(part)
    .map(({ text }) => text);

describe('bands of every resistor', () => {
  // IEC 60062: 470 Ω in four and in five bands.
  it('in four and in five, the usual first', () => {
    expect(bandMarks(line('resistor-axial', 'R1', ohm(470)))).toEqual([
      { count: 4, bands: ['yellow', 'violet', 'brown', 'gold'], usual: true },
      { count: 5, bands: ['yellow', 'violet', 'black', 'black', 'brown'], usual: false },
    ]);
    const fine = bandMarks(
      line('resistor-axial', 'R1', {
        kind: 'amount',
        unit: 'ohm',
        amount: 47_000,
        tolerancePercent: 1,
      }),
    );
    expect(fine[0]).toEqual({
      count: 5,
      bands: ['yellow', 'violet', 'black', 'red', 'brown'],
      usual: true,
    });
  });

  it('a value of three digits has no four bands', () => {
    expect(bandMarks(line('resistor-axial', 'R1', ohm(4990))).map(({ count }) => count)).toEqual([
      5,
    ]);
  });

  // Common practice: chokes carry microhenries in the code of resistors.
  it('an inductor of 100 µH looks like a resistor of 100 Ω', () => {
    const choke = line('inductor-axial', 'L1', { kind: 'amount', unit: 'henry', amount: 100e-6 });
    expect(familyOf(choke).bands?.(choke)).toEqual(['brown', 'black', 'brown', 'silver']);
  });
});

describe('what is printed on a part', () => {
  // IEC 60062 for letters; EIA-96 from memory; three and four digits are common practice.
  it.each([
    ['resistor-chip', ohm(10_000), ['103', '1002', '01C']],
    [
      'resistor-chip',
      { kind: 'amount', unit: 'ohm', amount: 49.9, tolerancePercent: 1 },
      ['49R9', '68X'],
    ],
    ['resistor-chip', ohm(470_000), ['474', '4703']],
    ['capacitor-ceramic', farad(1e-7), ['104', '100n']],
    ['capacitor-ceramic', farad(4.7e-9), ['472', '4n7']],
    ['capacitor-ceramic', farad(1.23e-9), ['1n23']],
    [
      'capacitor-electrolytic',
      { kind: 'amount', unit: 'farad', amount: 1e-5, ratedVolt: 16 },
      ['10µF', '16V'],
    ],
    ['trimmer', ohm(100_000), ['104', '100k']],
    ['crystal', { kind: 'amount', unit: 'hertz', amount: 16e6 }, ['16']],
    ['transistor-to92', type('2N3904'), ['2N3904']],
    ['capacitor-chip', farad(1e-7), undefined],
  ] as const)('%s %j: %j', (family, value, prints) => {
    expect(printsOf(line(family, 'X1', value))).toEqual(prints);
  });

  it('the same print means another thing on another part, which is worth teaching', () => {
    expect(printsOf(line('trimmer', 'RV1', ohm(100_000)))?.[0]).toBe(
      printsOf(line('capacitor-ceramic', 'C1', farad(1e-7)))?.[0],
    );
  });

  it('what is printed on a chip resistor reads back as its value', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...series.E24, ...series.E96),
        fc.integer({ min: 0, max: 5 }),
        (value, power) => {
          const amount = Number(`${value}e${power}`);
          for (const text of printsOf(line('resistor-chip', 'R1', ohm(amount))) ?? []) {
            const read = readChipCode(text);
            expect(read.ok && read.value / amount, text).toBeCloseTo(1, 9);
          }
        },
      ),
    );
  });
});

describe('the marks of a lot', () => {
  const led = line('led-5mm', 'D1', { kind: 'colour', colour: 'red' });
  const lot: Part = { ...led, lotNote: { text: 'Flat on the long lead.', turned: ['flat'] } };

  it('are those of the family where no note says otherwise', () => {
    expect(signsOf(familyOf(led).signs, led)).toEqual(familyOf(led).signs);
  });

  it('stand at the other end where the note says so, in words and in the picture', () => {
    expect(signsOf(familyOf(lot).signs, lot)).toEqual([
      { mark: 'long-lead', means: 'anode' },
      { mark: 'short-lead', means: 'cathode' },
      { mark: 'flat', means: 'anode' },
    ]);
    expect(isTurned(lot, 'flat')).toBe(true);
    const flatX = (part: Part) =>
      familyOf(part)
        .draw(part)
        .shapes.flatMap((s) => (s.kind === 'path' ? [s.d.match(/^M([\d.]+) 7.6V10.4$/)?.[1]] : []))
        .find((x) => x !== undefined);
    expect(Number(flatX(led))).toBeGreaterThan(6);
    expect(Number(flatX(lot))).toBeLessThan(6);
  });

  it('a bar LED whose long lead is minus is drawn so', () => {
    const bar = line('led-bar', 'D1', { kind: 'colour', colour: 'white' });
    const signs = (part: Part) =>
      familyOf(part)
        .draw(part)
        .shapes.flatMap((s) => (s.kind === 'text' ? [s.text] : []));
    expect(signs(bar)).toEqual(['+', '−']);
    expect(signs({ ...bar, lotNote: { text: 'x', turned: ['long-lead'] } })).toEqual(['−', '+']);
  });

  // From memory of the data sheets: 2N3904 is E B C, BC547 is C B E, 78L05 is output, ground, input.
  it.each([
    ['2N3904', ['emitter', 'base', 'collector']],
    ['BC547B', ['collector', 'base', 'emitter']],
    ['78L05', ['output', 'ground', 'input']],
    ['7805', ['input', 'ground', 'output']],
    ['TIP120', ['base', 'collector', 'emitter']],
    ['2N7000', ['source', 'gate', 'drain']],
  ])('%s has its leads %j', (print, pins) => {
    expect(pinoutOf(line('transistor-to92', 'Q1', type(print)))?.pins).toEqual(pins);
  });

  it('another pinout of the lot comes before the data sheet’s', () => {
    const part: Part = {
      ...line('transistor-to92', 'Q1', type('2N3904')),
      lotNote: { text: 'This lot is C B E.', pinout: ['collector', 'base', 'emitter'] },
    };
    expect(pinoutOf(part)).toEqual({
      pins: ['collector', 'base', 'emitter'],
      counted: 'left',
      from: 'lot',
    });
    expect(pinoutOf(line('transistor-to92', 'Q1', type('XYZ1')))).toBeUndefined();
  });

  it.each([
    // Bottom view of a TO-18: emitter, base, collector clockwise from the tab; the case of a TO-3 is a lead (data sheets,
    // from memory).
    ['transistor-can', '2N2222A', 'TO-18', ['emitter', 'base', 'collector'], 'tab'],
    ['transistor-to3', '2N3055', '', ['base', 'emitter', 'collector'], 'case'],
    ['regulator-to3', 'LM317K', '', ['adjust', 'input', 'output'], 'case'],
    ['regulator-to220', 'LM317T', '', ['adjust', 'output', 'input'], 'left'],
  ] as const)(
    'the leads of a %s are counted as its body has them',
    (family, number, body, pins, counted) => {
      const part: Part = { ...line(family, 'Q1', type(number)), description: `${number} ${body}` };
      expect(pinoutOf(part)).toMatchObject({ pins, counted });
    },
  );
});

describe('every family', () => {
  it('with two poles says by which marks they are told', () => {
    for (const { id, signs, polarity, role } of families) {
      if (polarity === 'free' || id === 'other' || role === 'heat-sink') continue;
      expect(signs.length, id).toBeGreaterThan(0);
    }
  });
});
