import { describe, expect, it } from 'vitest';
import { emptyBoard } from '../board/board.ts';
import { padWith } from '../board/testing/pads.ts';
import { heightOnBoard } from '../parts/mounted.ts';
import { blocksOf } from './blocksOf.ts';
import { compareStyles, meanFoundAfter, recommend, reportOn } from './compareStyles.ts';
import { lengthsOf } from './lengths.ts';
import { planKit } from './planKit.ts';
import { usualSettings } from './settings.ts';
import type { CheckStep } from './step.ts';
import { boardWith } from './testing/boards.ts';
import { line, ohm, type } from './testing/kits.ts';

const pad = (place: string, pin: string, net: string, xMm = 0) => padWith({ place, pin, net, xMm });

/** Terminal and diode feed a comparator with a divider on its input and a lamp on its output. */
const parts = [
  line('terminal-block', 'J1', { kind: 'none' }, 2),
  line('diode-axial', 'D9', type('1N4001')),
  line('capacitor-ceramic', 'C1'),
  line('resistor-axial', 'R1 R2', ohm(10_000)),
  line('resistor-axial', 'R3', ohm(470)),
  line('led-5mm', 'D1'),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('LM393'), 8),
];
const board = {
  ...emptyBoard(80, 60, 'printed'),
  pads: [
    pad('J1', '1', 'VIN'),
    pad('J1', '2', 'GND'),
    pad('D9', '1', 'VIN'),
    pad('D9', '2', 'VCC'),
    pad('C1', '1', 'VCC'),
    pad('C1', '2', 'GND'),
    pad('R1', '1', 'VCC'),
    pad('R1', '2', 'MID'),
    pad('R2', '1', 'MID'),
    pad('R2', '2', 'GND'),
    pad('X1', '3', 'MID'),
    pad('X1', '1', 'OUT'),
    pad('X1', '4', 'GND'),
    pad('X1', '8', 'VCC'),
    pad('R3', '1', 'OUT'),
    pad('R3', '2', 'LED'),
    pad('D1', '1', 'LED'),
    pad('D1', '2', 'GND'),
  ],
};

describe('blocks, from the nets', () => {
  it('what only the supply joins, what shows something, and the chip with its input', () => {
    expect(blocksOf(board, parts)).toEqual([
      { name: 'Supply', places: ['C1', 'D9', 'J1'], test: null },
      { name: 'Lamps and sounders', places: ['D1', 'R3'], test: null },
      { name: 'Around X1', places: ['R1', 'R2', 'X1'], test: null },
    ]);
  });

  it('none without a board, and none without nets', () => {
    expect(blocksOf(null, parts)).toEqual([]);
    expect(blocksOf(emptyBoard(10, 10, 'printed'), parts)).toEqual([]);
  });
});

describe('block by block', () => {
  const settings = { ...usualSettings, styles: ['by-block'] as const, checks: 'blocks' as const };
  const { steps } = planKit({ parts, supplyVolt: 5, board, settings });
  const titles = steps.map((step) =>
    step.kind === 'check'
      ? [step.check, ...step.blocks].join(' ')
      : step.parts.flatMap((part) => part.designators).join(' '),
  );

  it('each block is looked at, measured and given power as soon as it is complete', () => {
    expect(titles).toEqual([
      'D9',
      'C1',
      'J1',
      'look Supply',
      'supply-resistance Supply',
      'first-power Supply',
      'R3',
      'D1',
      'look Lamps and sounders',
      'supply-resistance Lamps and sounders',
      'first-power Lamps and sounders',
      'R1 R2',
      'X1',
      'look',
      'supply-resistance',
      'first-power',
      'U1',
      'function',
    ]);
  });

  it('no chip is in its socket at any of them', () => {
    const chip = titles.indexOf('U1');
    for (const [index, step] of steps.entries()) {
      if (step.kind === 'check' && step.check === 'first-power') expect(index).toBeLessThan(chip);
    }
  });

  it('what the instructor wants seen of a block of his own is a check of its own', () => {
    const own = [
      { name: 'Power', places: ['J1', 'D9', 'C1'], test: null },
      { name: 'Lamp', places: ['R3', 'D1'], test: 'With a wire from VCC to OUT the lamp lights.' },
    ];
    const plan = planKit({ parts, supplyVolt: 5, board, settings: { ...settings, blocks: own } });
    const seen = plan.steps.find(
      (step): step is CheckStep => step.kind === 'check' && step.sees !== null,
    );
    expect(seen).toMatchObject({ check: 'function', blocks: ['Lamp'], sees: own[1]?.test });
  });
});

describe('styles side by side', () => {
  const reports = compareStyles({ parts, supplyVolt: 5, board });
  const of = (id: string) => {
    const found = reports.find(({ styles: [style] }) => style === id);
    if (!found) throw new Error(`no report on ${id}`);
    return found;
  };

  // Common practice: each school has its reason, and it shows in the figures.
  it('lowest first needs nothing held; block by block finds a fault soonest and takes longest', () => {
    expect(of('lowest-first').held).toBe(0);
    const soonest = Math.min(...reports.map(meanFoundAfter));
    expect(meanFoundAfter(of('by-block'))).toBe(soonest);
    expect(of('by-block').minutes).toBe(Math.max(...reports.map(({ minutes }) => minutes)));
    expect(of('by-block').searchMinutes).toBe(
      Math.min(...reports.map(({ searchMinutes }) => searchMinutes)),
    );
  });

  it('toughest first spares what heat can spoil', () => {
    expect(of('toughest-first').heatJoints).toBe(
      Math.min(...reports.flatMap(({ heatJoints }) => heatJoints ?? [])),
    );
  });

  it('recommends what costs the least time, and names what finds faults sooner', () => {
    const now = reportOn(planKit({ parts, supplyVolt: 5, board }), usualSettings);
    const { best, savesMinutes, soonest } = recommend(reports, now);
    expect(best.styles).toEqual(['lowest-first']);
    expect(savesMinutes).toBeCloseTo(0, 9);
    expect(soonest?.styles).toEqual(['by-block']);
  });

  it('tells how far it is', () => {
    const told: number[] = [];
    compareStyles({ parts, supplyVolt: 5 }, (share) => told.push(share));
    expect(told.at(-1)).toBe(1);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });

  it('an empty kit has nothing to compare', () => {
    for (const report of compareStyles({ parts: [], supplyVolt: null })) {
      expect(report).toMatchObject({
        turns: 0,
        held: 0,
        minutes: 0,
        foundAfter: [],
        heatJoints: null,
      });
    }
  });
});

describe('lengths at a step', () => {
  it('leads are bent to the holes of the board or of a footprint, and without either nobody says how', () => {
    const resistor = line('resistor-axial', 'R1 R2', ohm(470));
    expect(lengthsOf([resistor], null)).toEqual([]);
    const footprint = { ...resistor, package: 'R_Axial_DIN0207_L6.3mm_D2.5mm_P7.62mm_Horizontal' };
    expect(lengthsOf([footprint], null)).toEqual([{ kind: 'bend', places: ['R1', 'R2'], mm: 7.6 }]);
    const spread = {
      ...boardWith(['R1', 20, 20], ['R2', 40, 20]),
      pads: [pad('R1', '1', 'a', 10), pad('R1', '2', 'b', 22.7)],
    };
    expect(lengthsOf([resistor], spread)).toEqual([
      { kind: 'bend', places: ['R1'], mm: 12.7 },
      { kind: 'bend', places: ['R2'], mm: 10.2 },
    ]);
  });

  it('a part that stands off or is bent over says so, with or without a board', () => {
    const led = line('led-5mm', 'D1', { kind: 'colour', colour: 'red' });
    const raised = { ...led, mounting: { kind: 'raised', mm: 8 } } as const;
    expect(lengthsOf([raised], null)).toEqual([{ kind: 'raise', places: ['D1'], mm: 8 }]);
    const laid = { ...led, mounting: { kind: 'bent-over' } } as const;
    expect(lengthsOf([laid], boardWith(['D1', 20, 20]))).toEqual([{ kind: 'lay', places: ['D1'] }]);
    // A screw that holds something lies nowhere.
    const screw = { ...line('fixing', 'H1'), mounting: { kind: 'holds', what: 'board' } } as const;
    expect(lengthsOf([screw], null)).toEqual([]);
    expect(heightOnBoard(raised)).toBeCloseTo(heightOnBoard(led) + 8, 6);
    expect(heightOnBoard(laid)).toBeLessThan(heightOnBoard(led));
  });

  it('a wire link is cut longer than its holes are apart, a wire to what the list says', () => {
    const board = boardWith(['W1', 20, 20]);
    const [link] = lengthsOf([line('wire-link', 'W1')], board);
    expect(link).toMatchObject({ kind: 'cut-link', places: ['W1'] });
    expect(link && 'mm' in link && link.mm).toBeGreaterThan(10.1);
    expect(lengthsOf([line('wire-link', 'W1')], null)).toEqual([]);
    const wire = { ...line('wire', 'W2'), description: 'red wire, 15 cm' };
    expect(lengthsOf([wire], null)).toEqual([{ kind: 'cut-wire', places: ['W2'], mm: 150 }]);
    expect(lengthsOf([line('wire', 'W3')], null)).toEqual([]);
  });
});
