import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import { cases } from '../testing/cases.ts';
import type { Pad, Placement } from './board.ts';
import { lieOnPads } from './lieOnPads.ts';
import { footprintPads, partsByPlace } from './pads.ts';
import { padWith } from './testing/pads.ts';

const parts = partsByPlace([
  line('resistor-axial', 'R1', ohm(470)),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  line('capacitor-electrolytic', 'C1', farad(1e-5)),
  { ...line('ic-dip', 'U1', type('NE555')), pins: 8 },
  line('transistor-to92', 'Q1', type('BC547')),
]);
const placed = (place: string, rotation: number, side: 'top' | 'bottom' = 'top'): Placement => ({
  place,
  xMm: 20,
  yMm: 30,
  rotation,
  side,
});
const padsOf = (placement: Placement): Pad[] => {
  const part = parts.get(placement.place);
  return part ? footprintPads(placement, part) : [];
};

/** Zero orientation of IPC-7351B (from memory): a chip stands upright, pin 1 at the upper left, counted down. */
const upright: Pad[] = Array.from({ length: 8 }, (_, index) =>
  padWith({
    place: 'U1',
    pin: String(index + 1),
    xMm: 20 + (index < 4 ? -3.81 : 3.81),
    yMm: 30 + 3.81 - 2.54 * (index < 4 ? index : 7 - index),
  }),
);

it('turns a chip that a board program has upright at 0 degrees', () => {
  const { placements, turned } = lieOnPads({ placements: [placed('U1', 0)], pads: upright }, parts);
  expect(placements).toEqual([placed('U1', 270)]);
  expect(turned).toEqual(['U1']);
  const again = padsOf(placed('U1', 270)).find(({ pin }) => pin === '1');
  expect([again?.xMm, again?.yMm]).toEqual([20 - 3.81, 30 + 3.81]);
});

it('leaves what lies on its pads, and what has none or others', () => {
  for (const pads of [padsOf(placed('R1', 90)), [], upright]) {
    const placements = [placed('R1', 90)];
    expect(lieOnPads({ placements, pads }, parts)).toEqual({ placements, turned: [] });
  }
});

it('lets leads that are bent wider be, and a few degrees off', () => {
  const wide = [
    padWith({ place: 'R1', pin: '1', xMm: 5, yMm: 30.5 }),
    padWith({ place: 'R1', pin: '2', xMm: 35, yMm: 29.5 }),
  ];
  expect(lieOnPads({ placements: [placed('R1', 0)], pads: wide }, parts).turned).toEqual([]);
});

describe('whatever a program calls 0 degrees', () => {
  it('finds the way a part lies from where its pads are', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('R1', 'D1', 'C1', 'U1', 'Q1'),
        fc.constantFrom(0, 90, 180, 270),
        fc.constantFrom(0, 90, 180, 270),
        fc.constantFrom('top' as const, 'bottom' as const),
        (place, truly, said, side) => {
          const pads = padsOf(placed(place, truly, side));
          const { placements } = lieOnPads(
            { placements: [placed(place, said, side)], pads },
            parts,
          );
          expect(placements).toEqual([placed(place, truly, side)]);
        },
      ),
      { numRuns: cases(200) },
    );
  });
});
