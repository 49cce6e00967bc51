import { describe, expect, it } from 'vitest';
import { partsByPlace } from '../board/pads.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import { pinsByPlace, pinsToJoin } from './pinsOfPlace.ts';

const parts = [
  line('resistor-axial', 'R1', ohm(470)),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('NE555'), 8),
  line('ic-dip', 'U2', type('CD4017'), 16),
  line('screw', 'H1'),
];
const places = (nets: Parameters<typeof pinsToJoin>[2]) =>
  pinsToJoin(pinsByPlace(null, parts), partsByPlace(parts), nets).map(({ place }) => place);

describe('the parts whose pins are to be joined', () => {
  it('are those with pins; a chip stands for its socket', () => {
    expect(places([])).toEqual(['R1', 'U1', 'U2']);
  });

  it('a socket that is on a net stands for the chip of its size', () => {
    expect(places([{ name: 'GND', pins: ['X1.4', 'R1.2'] }])).toEqual(['R1', 'X1', 'U2']);
  });

  it('whatever is on a net is there to be changed', () => {
    const nets = [{ name: 'GND', pins: ['X1.4', 'U1.1'] }];
    expect(places(nets)).toEqual(['R1', 'X1', 'U1', 'U2']);
  });
});
