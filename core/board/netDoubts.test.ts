import { describe, expect, it } from 'vitest';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import { type Board, emptyBoard, type Pad } from './board.ts';
import { netDoubts } from './netDoubts.ts';
import { partsByPlace } from './pads.ts';
import { padWith } from './testing/pads.ts';

const parts = partsByPlace([
  line('battery-holder', 'BT1', { kind: 'none' }),
  line('resistor-axial', 'R1', ohm(470)),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  line('capacitor-electrolytic', 'C1', farad(1e-5)),
  line('diode-axial', 'D2', type('1N4001')),
]);

/** Nets of a board as `plus: BT1.1 R1.1`; a lead that is named in none has no net. */
function board(nets: Readonly<Record<string, string>>): Board {
  const pads = Object.entries(nets).flatMap(([net, pins]) =>
    pins.split(' ').map((name): Pad => {
      const [place = '', pin = ''] = name.split('.');
      return padWith({ place, pin, net: net === 'none' ? null : net });
    }),
  );
  return { ...emptyBoard(40, 30, 'printed'), pads };
}

/** Battery, resistor and LED in a row, an electrolytic and a diode in reverse across them. */
const right = {
  plus: 'BT1.1 R1.1 C1.1 D2.2',
  mid: 'R1.2 D1.1',
  minus: 'D1.2 BT1.2 C1.2 D2.1',
};
const doubts = (changed: Readonly<Record<string, string>>) =>
  netDoubts(board({ ...right, ...changed }), parts);

describe('what is joined on a board', () => {
  it('is not doubted where it is right, a diode in reverse across the supply included', () => {
    expect(doubts({})).toEqual([]);
  });

  it.each<[string, Record<string, string>, object[]]>([
    [
      'an electrolytic the wrong way round across the supply',
      { plus: 'BT1.1 R1.1 C1.2 D2.2', minus: 'D1.2 BT1.2 C1.1 D2.1' },
      [{ kind: 'against-supply', places: ['C1'] }],
    ],
    [
      'an LED with its anode at minus',
      { mid: 'R1.2 D1.2', minus: 'D1.1 BT1.2 C1.2 D2.1' },
      [{ kind: 'against-supply', places: ['D1'] }],
    ],
    [
      'a lead on no net',
      { mid: 'R1.2', none: 'D1.1' },
      // The other one has lost what it was joined to.
      [{ kind: 'end-open', places: ['R1', 'D1'] }],
    ],
    [
      'both leads in one net',
      { plus: 'BT1.1 R1.1 R1.2 C1.1 D2.2', mid: 'D1.1 X1.1' },
      [
        { kind: 'both-ends-joined', places: ['R1'] },
        { kind: 'not-in-list', places: ['X1'] },
      ],
    ],
    [
      'plus and minus joined',
      { plus: 'BT1.1 BT1.2 R1.1 C1.1 D2.2', minus: 'D1.2 C1.2 D2.1' },
      [{ kind: 'supply-joined', places: ['BT1'] }],
    ],
    [
      'a part that the pad list does not have',
      { minus: 'D1.2 BT1.2 C1.2', plus: 'BT1.1 R1.1 C1.1' },
      [{ kind: 'no-pads', places: ['D2'] }],
    ],
    ['pads that belong to no part', { none: 'VIA.1 TP3.1 H1.1 MH2.1 FID1.1' }, []],
  ])('%s', (_, changed, expected) => {
    expect(doubts(changed)).toEqual(expected);
  });

  it('knows minus by its name where nothing tells what brings the supply in', () => {
    const without = new Map([...parts].filter(([place]) => place !== 'BT1'));
    const reversed = board({ vcc: 'R1.1 C1.2', n1: 'R1.2 D1.1', GND: 'D1.2 C1.1', d: 'D2.1 D2.2' });
    expect(netDoubts(reversed, without)).toContainEqual({ kind: 'against-supply', places: ['C1'] });
  });

  it('is nothing to speak of where nothing tells', () => {
    expect(netDoubts(emptyBoard(40, 30, 'printed'), parts)).toEqual([]);
    expect(netDoubts(emptyBoard(40, 30, 'perf'), parts)).toEqual([]);
  });
});
