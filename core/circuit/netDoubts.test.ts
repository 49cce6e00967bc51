import { describe, expect, it } from 'vitest';
import { type Board, emptyBoard, type Pad } from '../board/board.ts';
import { padWith } from '../board/testing/pads.ts';
import { farad, line, ohm, type } from '../order/testing/kits.ts';
import type { Part } from '../parts/part.ts';
import { netDoubts } from './netDoubts.ts';

const parts: readonly Part[] = [
  line('battery-holder', 'BT1', { kind: 'none' }),
  line('resistor-axial', 'R1', ohm(470)),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  line('capacitor-electrolytic', 'C1', farad(1e-5)),
  line('diode-axial', 'D2', type('1N4001')),
];

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
  netDoubts({ board: board({ ...right, ...changed }), circuitNotes: {}, parts });

describe('what is joined as it was entered', () => {
  const entered = [
    line('battery-holder', 'BT1', { kind: 'none' }),
    line('resistor-axial', 'R1', ohm(470)),
    line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
    line('transistor-to92', 'Q1', type('BC547')),
    line('ic-dip', 'U1', type('NE555'), 8),
  ];
  const net = (name: string, pins: string) => ({ name, pins: pins.split(' ') });
  const of = (...nets: ReturnType<typeof net>[]) =>
    netDoubts({ board: null, circuitNotes: { nets }, parts: entered });
  const whole = [
    net('9V', 'BT1.1 R1.1 U1.8'),
    net('GND', 'BT1.2 Q1.3 U1.1'),
    net('out', 'U1.3 Q1.2'),
    net('lamp', 'R1.2 D1.1'),
    net('low', 'D1.2 Q1.1'),
  ];

  it('is not doubted where it is right', () => {
    expect(of(...whole)).toEqual([]);
  });

  it('is doubted where a name is written otherwise: what it was to join stays open', () => {
    const [nine, ground, , lamp, low] = whole as [never, never, never, never, never];
    expect(of(nine, ground, net('out', 'U1.3'), net('oot', 'Q1.2'), lamp, low)).toEqual([
      { kind: 'lead-open', names: ['Q1'] },
      { kind: 'one-pin', names: ['out', 'oot'] },
    ]);
  });

  it('is doubted where a part is joined to nothing, and a chip has no minus', () => {
    expect(of(net('9V', 'BT1.1 U1.8'), net('GND', 'BT1.2 Q1.3'), net('x', 'Q1.1 U1.7'))).toEqual([
      { kind: 'end-open', names: ['R1', 'D1'] },
      { kind: 'lead-open', names: ['Q1'] },
      { kind: 'chip-off-minus', names: ['U1'] },
    ]);
  });
});

describe('what is joined on a board', () => {
  it('is not doubted where it is right, a diode in reverse across the supply included', () => {
    expect(doubts({})).toEqual([]);
  });

  it.each<[string, Record<string, string>, object[]]>([
    [
      'an electrolytic the wrong way round across the supply',
      { plus: 'BT1.1 R1.1 C1.2 D2.2', minus: 'D1.2 BT1.2 C1.1 D2.1' },
      [{ kind: 'against-supply', names: ['C1'] }],
    ],
    [
      'an LED with its anode at minus',
      { mid: 'R1.2 D1.2', minus: 'D1.1 BT1.2 C1.2 D2.1' },
      [{ kind: 'against-supply', names: ['D1'] }],
    ],
    [
      'a lead on no net',
      { mid: 'R1.2', none: 'D1.1' },
      // The other one has lost what it was joined to.
      [{ kind: 'end-open', names: ['R1', 'D1'] }],
    ],
    [
      'both leads in one net',
      { plus: 'BT1.1 R1.1 R1.2 C1.1 D2.2', mid: 'D1.1 X1.1' },
      [
        { kind: 'both-ends-joined', names: ['R1'] },
        { kind: 'not-in-list', names: ['X1'] },
      ],
    ],
    [
      'plus and minus joined',
      { plus: 'BT1.1 BT1.2 R1.1 C1.1 D2.2', minus: 'D1.2 C1.2 D2.1' },
      [{ kind: 'supply-joined', names: ['BT1'] }],
    ],
    [
      'a part that the pad list does not have',
      { minus: 'D1.2 BT1.2 C1.2', plus: 'BT1.1 R1.1 C1.1' },
      [{ kind: 'no-pads', names: ['D2'] }],
    ],
    ['pads that belong to no part', { none: 'VIA.1 TP3.1 H1.1 MH2.1 FID1.1' }, []],
  ])('%s', (_, changed, expected) => {
    expect(doubts(changed)).toEqual(expected);
  });

  it('knows minus by its name where nothing tells what brings the supply in', () => {
    const without = parts.filter(({ designators }) => !designators.includes('BT1'));
    const reversed = board({ vcc: 'R1.1 C1.2', n1: 'R1.2 D1.1', GND: 'D1.2 C1.1', d: 'D2.1 D2.2' });
    expect(netDoubts({ board: reversed, circuitNotes: {}, parts: without })).toContainEqual({
      kind: 'against-supply',
      names: ['C1'],
    });
  });

  it('is nothing to speak of where nothing tells', () => {
    for (const on of [emptyBoard(40, 30, 'printed'), emptyBoard(40, 30, 'perf'), null])
      expect(netDoubts({ board: on, circuitNotes: {}, parts })).toEqual([]);
  });
});
