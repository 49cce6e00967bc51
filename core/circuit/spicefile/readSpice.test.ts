import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partsByPlace } from '../../board/pads.ts';
import { farad, line, ohm, type } from '../../order/testing/kits.ts';
import { atEnds, wired } from '../testing/wired.ts';
import { netsOfSpice } from './netsOfSpice.ts';
import { readSpice } from './readSpice.ts';
import { parseSpiceNumber } from './spiceNumber.ts';
import { writeSpice } from './writeSpice.ts';

describe('numbers of SPICE (SPICE 3 manual)', () => {
  it.each([
    ['4.7k', 4700],
    ['1MEG', 1e6],
    ['1meg', 1e6],
    ['10M', 0.01],
    ['100n', 1e-7],
    ['100nF', 1e-7],
    ['10uF', 1e-5],
    ['2e3', 2000],
    ['1E-6', 1e-6],
    ['.5', 0.5],
    ['47', 47],
    ['22p', 2.2e-11],
    ['1T', 1e12],
  ])('%s is %s', (text, value) => {
    expect(parseSpiceNumber(text)).toBeCloseTo(value, 15);
    expect((parseSpiceNumber(text) ?? 0) / value).toBeCloseTo(1, 9);
  });

  it.each(['', 'LED', '{R}', '1N4148x-', '--3'])('%j is no number', (text) => {
    expect(parseSpiceNumber(text)).toBeUndefined();
  });
});

describe('a netlist', () => {
  const text = `Two-transistor lamp
* made by hand
R1 VCC led1 470
R2 vcc b2 47k ; base
C1 c1 b2 10u
D1 led1 c1 LEDRED
Q1 c1 b1 0 2N3904
+ area=1
XU1 0 trig out vcc NE555 params: x=1
V1 vcc 0 DC 6
.model 2N3904 NPN(IS=1e-14)
.tran 1m 5
.function f(x) {x}
.subckt inner a b
R99 a b 1
.ends
K1 L1 L2 0.9
.end`;

  it('has its elements, without what stands in subcircuits', () => {
    const { title, elements, notRead } = readSpice(text);
    expect(title).toBe('Two-transistor lamp');
    expect(elements.map(({ name }) => name)).toEqual(['R1', 'R2', 'C1', 'D1', 'Q1', 'XU1', 'V1']);
    expect(elements[0]).toMatchObject({ nodes: ['VCC', 'led1'], value: 470 });
    expect(elements[5]?.nodes).toEqual(['0', 'trig', 'out', 'vcc']);
    // What is not read is told.
    expect(notRead).toEqual(['.function f(x) {x}', 'K1 L1 L2 0.9']);
  });

  it('is joined by the leads of the kit’s own types: 2N3904 is E-B-C', () => {
    const parts = partsByPlace([
      line('resistor-axial', 'R1', ohm(470)),
      line('resistor-axial', 'R2', ohm(33_000)),
      line('capacitor-electrolytic', 'C1', farad(1e-5)),
      line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
      line('transistor-to92', 'Q1', type('2N3904')),
    ]);
    const { nets, notInKit, otherValue } = netsOfSpice(readSpice(text), parts);
    expect(nets.find(({ name }) => name === 'c1')?.pins).toEqual(['C1.1', 'D1.2', 'Q1.3']);
    expect(nets.find(({ name }) => name === 'GND')?.pins).toEqual(['Q1.1']);
    expect(notInKit).toEqual(['XU1']);
    expect(otherValue).toEqual(['R2']);
  });

  it('of a transistor whose leads nobody knows is told, not guessed', () => {
    const parts = partsByPlace([line('transistor-to92', 'Q1', type('ZZ999'))]);
    expect(netsOfSpice(readSpice('t\nQ1 c b e X'), parts)).toMatchObject({
      nets: [],
      leadsUnknown: ['Q1'],
    });
  });

  it('reads anything without falling over', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (any) => {
        const read = readSpice(any);
        return read.elements.every(({ nodes }) => nodes.length > 0);
      }),
      { numRuns: 300, seed: 4 },
    );
  });

  it('what is written is read again as the same connections', () => {
    const rows = [
      [line('resistor-axial', 'R1', ohm(1000)), 'plus a'],
      [line('resistor-axial', 'R2', ohm(4700)), 'a minus'],
      [line('transistor-to92', 'Q1', type('BC547')), 'plus a b'],
      [line('resistor-axial', 'R3', ohm(220)), 'b minus'],
    ] as const;
    const circuit = wired(rows);
    const parts = new Map(circuit.devices.map(({ place, part }) => [place, part]));
    const { nets } = netsOfSpice(readSpice(writeSpice('Any kit', circuit, atEnds, 5)), parts);
    const sorted = (all: readonly { readonly pins: readonly string[] }[]) =>
      all
        .map(({ pins }) => [...pins].sort().join(' '))
        .filter((pins) => pins.includes(' '))
        .sort();
    expect(sorted(nets)).toEqual(sorted(circuit.nets));
  });

  it('with an LED, an electrolytic and a chip too, whose models have nodes of their own', () => {
    const circuit = wired([
      [line('resistor-axial', 'R1', ohm(470)), 'plus a'],
      [line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }), 'a out'],
      [line('capacitor-electrolytic', 'C1', farad(1e-5)), 'cap minus'],
      [line('ic-dip', 'U1', type('NE555'), 8), 'minus cap out plus - cap a plus'],
    ]);
    const parts = new Map(circuit.devices.map(({ place, part }) => [place, part]));
    const written = writeSpice('Any kit', circuit, atEnds, 5);
    const taken = netsOfSpice(readSpice(written), parts);
    expect(taken).toEqual({
      nets: circuit.nets.map(({ name, pins }) => ({ name, pins })),
      ...{ notInKit: [], otherValue: [], leadsUnknown: [], notRead: [] },
    });
    const others = new Map([...parts, ['R1', line('resistor-axial', 'R1', ohm(680))]]);
    others.delete('C1');
    expect(netsOfSpice(readSpice(written), others)).toMatchObject({
      notInKit: ['C1'],
      otherValue: ['R1'],
    });
  });
});
