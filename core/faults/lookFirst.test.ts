import { describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { padWith } from '../board/testing/pads.ts';
import { backwards } from '../learning/mistakes/fitting.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import { lookFirst } from './lookFirst.ts';
import { weightsOf } from './seenBefore.ts';

const parts = [
  line('resistor-axial', 'R1 R2', ohm(470)),
  line('resistor-axial', 'R3', ohm(4700)),
  line('led-5mm', 'D1 D2', { kind: 'colour', colour: 'red' }),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('NE555'), 8),
];
const kit = { board: null, circuitNotes: {}, parts, supplyVolt: null };
const asked = (looks: ReturnType<typeof lookFirst>) =>
  looks.map(({ at, place }) => `${at} ${place}`);

describe('what a learner looks at first', () => {
  it('is told of a kit of which only the parts are known (common practice)', () => {
    const looks = asked(lookFirst(kit));
    // LEDs and chips have a right way round, resistors have none; look-alikes are compared; a chip can sit one hole off.
    expect(looks).toEqual(
      expect.arrayContaining(['way-round D1', 'way-round U1', 'value R1', 'value R3', 'seat U1']),
    );
    expect(looks).not.toContain('way-round R1');
    expect(looks).toContain('joints R2');
    expect(looks.indexOf('way-round D1')).toBeLessThan(looks.indexOf('joints R2'));
    expect(new Set(looks).size).toBe(looks.length);
  });

  it('begins where earlier builds of the kit went wrong', () => {
    const entries = Array.from({ length: 12 }, () => ({
      mistake: backwards.id,
      designator: 'D2',
      instead: undefined,
    }));
    expect(asked(lookFirst(kit, weightsOf({ builds: 20, entries })))[0]).toBe('way-round D2');
    // Twenty builds in which nothing went wrong there make it less likely than elsewhere, not impossible.
    const calm = asked(lookFirst(kit, weightsOf({ builds: 20, entries: [] })));
    expect(calm).toContain('way-round D2');
  });

  it('asks nothing of a kit without parts', () => {
    expect(lookFirst({ board: null, circuitNotes: {}, parts: [], supplyVolt: 9 })).toEqual([]);
  });

  it('does not ask for solder between pads that are joined anyhow, as the instructor says', () => {
    const pads = [
      padWith({ place: 'R1', pin: '2' }),
      padWith({ place: 'R2', pin: '1', xMm: 2.54 }),
      padWith({ place: 'R1', pin: '1', yMm: 20 }),
      padWith({ place: 'R2', pin: '2', xMm: 20, yMm: 20 }),
    ];
    const board = { ...emptyBoard(40, 30, 'printed'), pads };
    const resistors = [line('resistor-axial', 'R1 R2', ohm(470))];
    const looks = (circuitNotes: (typeof kit)['circuitNotes']) =>
      asked(lookFirst({ board, circuitNotes, parts: resistors, supplyVolt: 9 }));
    const joined = {
      nets: [
        { name: 'plus', pins: ['R1.1'] },
        { name: 'mid', pins: ['R1.2', 'R2.1'] },
        { name: 'minus', pins: ['R2.2'] },
      ],
    };
    expect(looks({})).toContain('between R1');
    expect(looks(joined)).not.toContain('between R1');
  });
});
