import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import { testEngine } from './testing/engine.ts';
import { compare, partsOtherwise, valueTyped } from './whatIf.ts';

const parts = [
  line('resistor-axial', 'R1 R2', {
    kind: 'amount',
    unit: 'ohm',
    amount: 470,
    tolerancePercent: 5,
  }),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  line('battery-clip', 'BT1'),
];
const circuitNotes = {
  nets: [
    { name: 'VCC', pins: ['BT1.1', 'R1.1', 'R2.1'] },
    { name: 'A', pins: ['R1.2', 'D1.1'] },
    { name: 'GND', pins: ['BT1.2', 'D1.2', 'R2.2'] },
  ],
  supply: { plus: 'BT1.1', minus: 'BT1.2' },
};
const kit = { board: null, circuitNotes, parts, supplyVolt: 9 };

describe('what if', () => {
  it.each([
    ['resistor-axial', '4k7', { kind: 'amount', unit: 'ohm', amount: 4700 }],
    ['capacitor-ceramic', '100 nF', { kind: 'amount', unit: 'farad', amount: 1e-7 }],
    ['led-5mm', 'blue', { kind: 'colour', colour: 'blue' }],
    ['transistor-to92', 'BC337', { kind: 'type', print: 'BC337' }],
  ] as const)('%s: reads %s', (family, text, value) => {
    expect(valueTyped(line(family, 'X1', ohm(1)), text)).toMatchObject(value);
  });

  it.each([
    ['resistor-axial', 'green'],
    ['resistor-axial', ''],
    ['led-5mm', '4k7'],
  ] as const)('%s: does not read %s', (family, text) => {
    expect(valueTyped(line(family, 'X1', ohm(1)), text)).toBeNull();
  });

  it('takes one place out of its line, keeps the others and the tolerance', () => {
    const changed = partsOtherwise(parts, { parts: [{ place: 'R2', value: ohm(1000) }] });
    expect(
      changed.map(({ designators, quantity, value }) => ({ designators, quantity, value })),
    ).toEqual([
      { designators: ['R1'], quantity: 1, value: parts[0]?.value },
      {
        designators: ['R2'],
        quantity: 1,
        value: { kind: 'amount', unit: 'ohm', amount: 1000, tolerancePercent: 5 },
      },
      { designators: ['D1'], quantity: 1, value: parts[1]?.value },
      { designators: ['BT1'], quantity: 1, value: parts[2]?.value },
    ]);
    expect(partsOtherwise(parts, { parts: [] })).toEqual(parts);
  });

  it('another resistor: half the current through the LED, and the block lasts longer', async () => {
    const { now, otherwise, hoursNow, hoursOtherwise } = await compare(testEngine, kit, {
      parts: [
        { place: 'R1', value: ohm(940) },
        { place: 'R2', value: ohm(1_000_000) },
      ],
    });
    const [before, after] = [
      now?.seen[0]?.milliampere.usual ?? 0,
      otherwise?.seen[0]?.milliampere.usual ?? 0,
    ];
    // (V − 2 V) over 470 and over 940 Ω: Ohm’s law.
    expect(before / after).toBeCloseTo(2, 1);
    // 500 mAh, a cell of that size, over what it takes.
    expect((hoursNow?.usual ?? 0) * (now?.milliampere?.usual ?? 0)).toBeCloseTo(500, 3);
    expect(hoursOtherwise?.usual).toBeGreaterThan((hoursNow?.usual ?? 0) * 2);
  });

  it('another supply', async () => {
    const { now, otherwise } = await compare(testEngine, kit, { parts: [], supplyVolt: 4.5 });
    expect(now?.nets[0]?.volt.usual).toBeGreaterThan(7);
    expect(otherwise?.nets[0]?.volt.usual).toBeLessThan(5);
  });

  it('what is unknown stays unknown: no hours are told', async () => {
    const chip = line('ic-dip', 'U1', type('ATTINY13'), 8);
    const { hoursNow } = await compare(
      testEngine,
      {
        ...kit,
        circuitNotes: {
          ...circuitNotes,
          nets: [
            ...circuitNotes.nets,
            { name: 'B', pins: ['U1.5', 'C1.1'] },
            { name: 'VCC2', pins: ['U1.8', 'C1.2'] },
          ],
        },
        parts: [...parts, chip, line('capacitor-ceramic', 'C1', farad(1e-7))],
      },
      { parts: [] },
    );
    expect(hoursNow).toBeNull();
  });
});
