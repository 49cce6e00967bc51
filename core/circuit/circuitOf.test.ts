import { describe, expect, it } from 'vitest';
import { type Board, emptyBoard, type Pad } from '../board/board.ts';
import { planKit } from '../order/planKit.ts';
import { line, ohm, type } from '../order/testing/kits.ts';
import type { Part } from '../parts/part.ts';
import { circuitOf } from './circuitOf.ts';
import { feedOf } from './feedOf.ts';
import { basisOf, figuresAt, withFigures } from './kitFigures.ts';
import type { CircuitNotes } from './notes.ts';
import { whyNotReadable } from './readKit.ts';
import { stagesOf } from './stages.ts';
import { supplyOf } from './supplyOf.ts';

const pad = (at: string, net: string | null): Pad => {
  const [place = '', pin = ''] = at.split('.');
  return {
    place,
    pin,
    net,
    xMm: 0,
    yMm: 0,
    widthMm: 1,
    heightMm: 1,
    rotation: 0,
    side: 'both',
    drillMm: 0.8,
    plated: true,
    square: false,
  };
};
const boardOf = (
  pads: Readonly<Record<string, string | null>>,
  more: Partial<Board> = {},
): Board => ({
  ...emptyBoard(50, 40, 'printed'),
  pads: Object.entries(pads).map(([at, net]) => pad(at, net)),
  ...more,
});
const netAt = (
  board: Board | null,
  parts: readonly Part[],
  place: string,
  circuitNotes: CircuitNotes = {},
) => {
  const circuit = circuitOf({ board, circuitNotes, parts });
  const device = circuit.devices.find((one) => one.place === place);
  return Object.fromEntries(
    Object.entries(device?.netAt ?? {}).map(([pin, net]) => [
      pin,
      circuit.nets.find(({ id }) => id === net)?.name,
    ]),
  );
};

describe('the circuit of a board', () => {
  it('a chip is joined where its socket is', () => {
    const parts = [
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('LM393'), 8),
      line('resistor-axial', 'R1', ohm(1000)),
    ];
    const board = boardOf({ 'X1.8': 'VCC', 'X1.4': 'GND', 'R1.1': 'VCC', 'R1.2': 'GND' });
    expect(netAt(board, parts, 'U1')).toEqual({ 4: 'GND', 8: 'VCC' });
  });

  it('with two sockets alike nobody guesses in which of them a chip is', () => {
    const parts = [
      line('socket-dip', 'X1 X2', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('LM393'), 8),
    ];
    const board = boardOf({ 'X1.8': 'VCC', 'X2.8': 'VCC', 'X1.4': 'GND', 'X2.4': 'GND' });
    expect(netAt(board, parts, 'U1')).toEqual({});
  });

  it('connections that were typed count for more than those of the board', () => {
    const parts = [line('resistor-axial', 'R1 R2', ohm(1000))];
    const pads = { 'R1.1': 'A', 'R2.1': 'A', 'R1.2': 'B', 'R2.2': 'B' };
    const nets = [{ name: 'X', pins: ['R1.1', 'R2.2'] }];
    expect(netAt(boardOf(pads), parts, 'R1')).toEqual({ 1: 'A', 2: 'B' });
    expect(netAt(boardOf(pads), parts, 'R1', { nets })).toEqual({ 1: 'X' });
  });

  it('of a kit without a board is what was typed, a chip where its socket is', () => {
    const parts = [
      line('socket-dip', 'X1', { kind: 'none' }, 8),
      line('ic-dip', 'U1', type('LM393'), 8),
      line('resistor-axial', 'R1', ohm(1000)),
    ];
    const nets = [
      { name: 'VCC', pins: ['X1.8', 'R1.1'] },
      { name: 'GND', pins: ['X1.4', 'R1.2'] },
    ];
    expect(netAt(null, parts, 'U1', { nets })).toEqual({ 4: 'GND', 8: 'VCC' });
    expect(circuitOf({ board: null, circuitNotes: {}, parts }).nets).toEqual([]);
  });
});

describe('where the supply comes in', () => {
  const supply = (
    pads: Readonly<Record<string, string>>,
    parts: readonly Part[],
    circuitNotes: CircuitNotes = {},
  ) => {
    const found = circuitOf({ board: boardOf(pads), circuitNotes, parts });
    const at = supplyOf(found, circuitNotes);
    const name = (net: string | undefined) => found.nets.find(({ id }) => id === net)?.name;
    return at && [at.place, name(at.plus), name(at.minus)];
  };
  const resistor = line('resistor-axial', 'R1', ohm(1000));

  it('at the leads of the one holder', () => {
    const pads = { 'BT1.1': 'N1', 'BT1.2': 'N2', 'R1.1': 'N1', 'R1.2': 'N2' };
    expect(supply(pads, [line('battery-holder', 'BT1'), resistor])).toEqual(['BT1', 'N1', 'N2']);
  });

  it.each([
    ['VCC', 'GND'],
    ['+5V', 'GND'],
    ['9V', '0V'],
    ['VIN', 'Masse'],
    ['V+', 'VSS'],
    ['VBAT', 'AGND'],
  ])('by names: %s and %s (common practice)', (plus, minus) => {
    const pads = { 'J1.1': plus, 'J1.2': minus, 'R1.1': plus, 'R1.2': minus };
    expect(supply(pads, [line('terminal-block', 'J1', { kind: 'none' }, 2), resistor])).toEqual([
      'J1',
      plus,
      minus,
    ]);
  });

  it('where the instructor says, whatever the names are', () => {
    const pads = {
      'J1.1': 'VCC',
      'J1.2': 'GND',
      'R1.1': 'VCC',
      'R1.2': 'OUT',
      'R2.1': 'OUT',
      'R2.2': 'GND',
    };
    const parts = [
      line('terminal-block', 'J1', { kind: 'none' }, 2),
      line('resistor-axial', 'R1 R2', ohm(1000)),
    ];
    expect(supply(pads, parts, { supply: { plus: 'R2.1', minus: 'J1.2' } })).toEqual([
      undefined,
      'OUT',
      'GND',
    ]);
  });

  it.each(['IN', '+', 'PLUS', '+UB', 'DC+', 'PWR'])(
    'by %s beside minus at a connector, where nothing else is called plus',
    (name) => {
      const pads = { 'J1.1': name, 'J1.2': 'GND', 'R1.1': name, 'R1.2': 'GND' };
      const block = line('terminal-block', 'J1', { kind: 'none' }, 2);
      expect(supply(pads, [block, resistor])).toEqual(['J1', name, 'GND']);
      // Without a connector it may be a signal.
      expect(supply({ 'R1.1': name, 'R1.2': 'GND' }, [resistor])).toBeNull();
      // Of an amplifier with a supply of its own it is one.
      const both = { ...pads, 'J2.1': 'VCC', 'J2.2': 'GND', 'R1.2': 'VCC' };
      const other = line('terminal-block', 'J2', { kind: 'none' }, 2);
      expect(supply(both, [block, other, resistor])).toEqual(['J2', 'VCC', 'GND']);
    },
  );

  it('nowhere, where nothing tells: it is asked', () => {
    const pads = { 'J1.1': 'N1', 'J1.2': 'N2', 'R1.1': 'N1', 'R1.2': 'N2' };
    const parts = [line('terminal-block', 'J1', { kind: 'none' }, 2), resistor];
    expect(supply(pads, parts)).toBeNull();
    const why = (board: Board | null) =>
      whyNotReadable({ board, circuitNotes: {}, parts, supplyVolt: 5 });
    expect(why(boardOf(pads))).toBe('no-supply');
    expect(why(boardOf({}))).toBe('no-nets');
    expect(why(null)).toBe('no-nets');
  });

  it('cells go from fresh to tired, a bench supply does not', () => {
    const parts = [line('battery-holder', 'BT1'), resistor];
    const board = boardOf({ 'BT1.1': 'A', 'BT1.2': 'B', 'R1.1': 'A', 'R1.2': 'B' });
    const circuit = circuitOf({ board, circuitNotes: {}, parts });
    const at = supplyOf(circuit);
    if (!at) throw new Error('no supply');
    // Two alkaline cells: 3.2 V fresh, 2.2 V tired (from memory of data sheets).
    expect(feedOf(circuit, at, 3).freshVolt).toBeCloseTo(3.2, 1);
    expect(feedOf(circuit, at, 3).tiredVolt).toBeCloseTo(2.2, 1);
    const bench = feedOf(circuit, at, 3, 'bench');
    expect(bench.freshVolt - bench.tiredVolt).toBeLessThan(0.2);
  });
});

describe('stages of a build and their figures', () => {
  const parts = [
    line('resistor-axial', 'R1', ohm(470)),
    line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('ic-dip', 'U1', type('LM393'), 8),
    line('battery-holder', 'BT1'),
  ];
  const { steps } = planKit({ parts, supplyVolt: 3 });

  it('are the checks that a meter or power decides, and the whole board last', () => {
    const stages = stagesOf(steps);
    expect(stages.length).toBeGreaterThan(1);
    expect(stages[0]?.places).not.toContain('U1');
    expect(stages.at(-1)?.places).toContain('U1');
    for (const [index, { places }] of stages.entries())
      for (const place of stages[index - 1]?.places ?? []) expect(places).toContain(place);
  });

  it('a check tells what was worked out for as much as is fitted then, and nothing else', () => {
    const [first] = stagesOf(steps);
    const range = { least: 5, usual: 6, most: 7 };
    const figures = {
      ohm: {
        redAtPlus: { least: 900, usual: 1000, most: 1100 },
        redAtMinus: range,
        settlesSeconds: 2,
      },
      milliampere: range,
      limitMilliampere: 20,
      nets: [],
      seen: [],
      warm: [],
      unknown: [],
      solved: 1,
      boards: 1,
    };
    const known = { basis: 'x', stages: [{ places: first?.places ?? [], figures }] };
    expect(figuresAt(known, first?.places ?? [])?.figures).toBe(figures);
    expect(figuresAt(known, ['R1'])).toBeUndefined();
    const shown = withFigures(steps, known).flatMap((step) =>
      step.kind === 'check' && step.shows ? [step.id] : [],
    );
    expect(shown).toEqual(first?.steps);
    expect(withFigures(steps, undefined)).toEqual(steps);
  });

  it('what figures depend on changes their basis, what they do not depend on does not', () => {
    const board = boardOf({ 'R1.1': 'A', 'R1.2': 'B' });
    const kit = { board, circuitNotes: {}, parts, supplyVolt: 3 };
    const basis = basisOf(kit);
    const said = { does: [{ of: 'led R1', text: 'Lights.' }] };
    expect(basisOf({ ...kit, board: { ...board, colour: 'red' } })).toBe(basis);
    expect(basisOf({ ...kit, circuitNotes: said })).toBe(basis);
    expect(basisOf({ ...kit, supplyVolt: 5 })).not.toBe(basis);
    expect(basisOf({ ...kit, board: null })).not.toBe(basis);
    expect(basisOf({ ...kit, parts: [line('resistor-axial', 'R1', ohm(471))] })).not.toBe(basis);
    expect(basisOf({ ...kit, circuitNotes: { feed: 'bench' } })).not.toBe(basis);
  });
});
