import { describe, expect, it } from 'vitest';
import { emptyBoard } from '../../board/board.ts';
import { padWith } from '../../board/testing/pads.ts';
import { line } from '../testing/kits.ts';
import { pointsOnSupply } from './pointsOnSupply.ts';

const pads = [
  ['BT1', '1', 'VCC'],
  ['BT1', '2', 'GND'],
  ['U1', '8', 'VCC'],
  ['U1', '4', 'VCC'],
  ['U1', '1', 'GND'],
  ['R1', '1', 'VCC'],
].map(([place = '', pin = '', net = '']) => padWith({ place, pin, net }));
const board = { ...emptyBoard(50, 40, 'printed'), pads };
const parts = [line('battery-holder', 'BT1'), line('ic-dip', 'U1'), line('resistor-axial', 'R1')];

describe('where the supply can be measured', () => {
  it('is each pin of a chip on the net of its plus: those of an NE555 are 8 and, tied high, 4', () => {
    const points = pointsOnSupply(board, parts, 6);
    expect(points.map(({ place, pin }) => `${place}.${pin}`)).toEqual(['U1.4', 'U1.8']);
    expect(points[0]?.minus).toEqual({ place: 'BT1', pin: '2' });
    // Four cells of 1.5 V: fresh alkaline cells show up to 1.65 V each (common practice).
    expect(points[0]).toMatchObject({ least: 5.1, most: 6.6 });
  });

  it('is also behind the diode and the switch that the supply goes through, with what a diode may take', () => {
    const behind = [
      ['BT1', '1', 'BAT'],
      ['BT1', '2', 'GND'],
      ['D1', '1', 'BAT'],
      ['D1', '2', 'IN'],
      ['S1', '1', 'IN'],
      ['S1', '2', 'VCC'],
      ['U1', '8', 'VCC'],
      ['D2', '1', 'VCC'],
      ['D2', '2', 'GND'],
      ['U1', '1', 'GND'],
    ].map(([place = '', pin = '', net = '']) => padWith({ place, pin, net }));
    const listed = [
      line('battery-holder', 'BT1'),
      line('diode-axial', 'D1 D2'),
      line('switch-slide', 'S1'),
      line('ic-dip', 'U1'),
    ];
    const points = pointsOnSupply({ ...board, pads: behind }, listed, 6);
    expect(points).toMatchObject([{ place: 'U1', pin: '8', least: 4.1, most: 6.6 }]);
  });

  it.each([
    ['without a voltage', board, parts, null],
    ['without nets', { ...board, pads: pads.map((pad) => ({ ...pad, net: null })) }, parts, 6],
    ['without a board', null, parts, 6],
    ['with two ways in', board, [...parts, line('battery-holder', 'BT2')], 6],
    [
      'with plus and minus on one net',
      { ...board, pads: pads.map((pad) => ({ ...pad, net: 'VCC' })) },
      parts,
      6,
    ],
  ])('is not said %s', (_, on, listed, volt) => {
    expect(pointsOnSupply(on, listed, volt)).toEqual([]);
  });
});
