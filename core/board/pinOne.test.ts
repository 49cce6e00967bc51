import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import { emptyBoard, type Pad } from './board.ts';
import { facingsOf } from './facing.ts';
import { signOfPin } from './footprint.ts';
import { readPadList } from './padlist/readPadList.ts';
import { partsByPlace } from './pads.ts';
import { askedPlaces, fromOtherEnd, hasAnode, pinOneHint, withNamedPoles } from './pinOne.ts';
import { padWith } from './testing/pads.ts';

const red = { kind: 'colour', colour: 'red' } as const;
const parts = partsByPlace([
  line('resistor-axial', 'R1', ohm(470)),
  line('led-5mm', 'D1 D2', red),
  line('diode-axial', 'D3', type('1N4148')),
  line('capacitor-electrolytic', 'C1', farad(1e-5)),
]);
const pad = (place: string, pin: string, net: string | null): Pad => padWith({ place, pin, net });

it('asks of diodes and LEDs alone: plus of a capacitor is pin 1 in every program', () => {
  expect(askedPlaces(['C1', 'D3', 'R1', 'D2', 'X9'], parts)).toEqual(['D2', 'D3']);
});

describe('a board whose files number the cathode 1 (IPC-7351B, from memory)', () => {
  // Zero orientation: pin 1 on the left. A diode at 0 degrees has its band on the left there.
  const placement = { place: 'D3', xMm: 10, yMm: 10, rotation: 0, side: 'top' } as const;
  const file = {
    ...emptyBoard(30, 20, 'printed'),
    placements: [placement, { ...placement, place: 'C1' }],
    pads: [pad('D3', '1', 'VCC'), pad('D3', '2', 'IN'), pad('C1', '1', 'VCC')],
  };
  const board = fromOtherEnd(file, parts);
  const d3 = parts.get('D3');
  const of = (place: string) => board.placements.find((one) => one.place === place);

  it('has the band of a diode on the left, and a capacitor as it was', () => {
    const [at, capacitor] = [of('D3'), of('C1')];
    if (!d3 || !at) throw new Error('no diode');
    expect(facingsOf(d3, at, 'top').map(({ edge }) => edge)).toEqual(['left']);
    expect(capacitor?.rotation).toBe(0);
  });

  it('has plus at the pad that the file calls 2', () => {
    const anode = board.pads.find(({ place, net }) => place === 'D3' && net === 'IN');
    expect(d3 && anode && signOfPin(d3, anode.pin)).toBe('+');
    expect(board.pads.find(({ place }) => place === 'C1')?.pin).toBe('1');
  });

  it('goes out as it came in', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            place: fc.constantFrom('R1', 'D1', 'D3', 'C1', 'X9'),
            rotation: fc.integer({ min: 0, max: 359 }),
            pin: fc.constantFrom('1', '2', '3', 'A'),
          }),
        ),
        (rows) => {
          const some = {
            placements: rows.map(({ place, rotation }) => ({ ...placement, place, rotation })),
            pads: rows.map(({ place, pin }) => pad(place, pin, 'N1')),
          };
          expect(fromOtherEnd(fromOtherEnd(some, parts), parts)).toEqual(some);
        },
      ),
      { numRuns: cases(100) },
    );
  });
});

describe('what a pad list itself says', () => {
  it.each<[string, Pad[], string | undefined]>([
    ['LEDs with pin 1 at ground', [pad('D1', '1', 'GND'), pad('D2', '1', '/GND')], 'cathode'],
    ['LEDs with pin 2 at ground', [pad('D1', '2', '0V'), pad('D1', '1', 'N3')], 'anode'],
    ['LEDs that do not agree', [pad('D1', '1', 'GND'), pad('D2', '2', 'GND')], undefined],
    // Across the supply a diode lies the other way round on purpose, so it says nothing.
    ['a diode at ground', [pad('D3', '1', 'GND')], undefined],
    ['nets without a name that tells', [pad('D1', '1', 'NET_17')], undefined],
    ['a resistor at ground', [pad('R1', '1', 'GND')], undefined],
  ])('%s', (_, pads, pinOne) => {
    expect(pinOneHint(pads, parts)?.pinOne).toBe(pinOne);
  });

  it('is believed where it names the ends', () => {
    const named = withNamedPoles(
      [pad('D1', 'A', 'N1'), pad('D1', 'k', 'GND'), pad('R1', 'A', 'N1')],
      parts,
    );
    expect(named.map(({ pin }) => pin)).toEqual(['1', '2', 'A']);
  });

  it('is read from a file as a board program writes it', () => {
    const { pads } = readPadList(
      [
        'P  UNITS CUST 1',
        '317GND              D1    -1    D0800PA00X+010000Y+010000X1800Y1800R000S0',
        '317NET-D1-A         D1    -2    D0800PA00X+012540Y+010000X1800Y1800R000S0',
        '999',
      ].join('\n'),
    );
    expect(pinOneHint(pads, parts)).toEqual({ pinOne: 'cathode', places: ['D1'] });
  });
});

it('knows an anode by the signs of its family', () => {
  expect([...parts].filter(([, part]) => hasAnode(part)).map(([place]) => place)).toEqual([
    'D1',
    'D2',
    'D3',
  ]);
});
