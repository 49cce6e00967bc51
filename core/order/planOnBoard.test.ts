import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Board, emptyBoard } from '../board/board.ts';
import { footprintOf } from '../board/footprint.ts';
import { unplacedOf } from '../board/layout.ts';
import { partsByPlace } from '../board/pads.ts';
import { isHighRisk } from '../mixups/findMixUps.ts';
import { bodyOf } from '../parts/bodyOf.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { cases } from '../testing/cases.ts';
import { cuttingListOf } from '../wiring/cuttingList.ts';
import { keysOf } from './arrangement.ts';
import { planKit } from './planKit.ts';
import { type OrderSettings, usualSettings } from './settings.ts';
import type { Step } from './step.ts';
import { anyKitOnBoard, anySettings, boardWith } from './testing/boards.ts';
import { anyKit, line, ohm, type } from './testing/kits.ts';

const order = (parts: readonly Part[], board: Board, more: Partial<OrderSettings> = {}) =>
  planKit({ parts, supplyVolt: null, board, settings: { ...usualSettings, ...more } });

const placesIn = (steps: readonly Step[]) =>
  steps.flatMap((step) => (step.kind === 'check' ? [] : step.parts.flatMap((p) => p.designators)));

const comesBefore = (steps: readonly Step[], a: string, b: string) =>
  expect(placesIn(steps).indexOf(a), `${a} before ${b}`).toBeLessThan(placesIn(steps).indexOf(b));

const ruleAt = (steps: readonly Step[], place: string) =>
  steps.find((step) => step.kind !== 'check' && placesIn([step]).includes(place))?.reason;

describe('what the board decides, against a style that would have it otherwise', () => {
  const resistor = line('resistor-axial', 'R1', ohm(470));
  const electrolytic = line('capacitor-electrolytic', 'C1', { kind: 'type', print: '47u' });
  const bySheet = { styles: ['by-sheet'] as const };

  // Common practice: a part under another goes first, a pad that a later part would hide goes first.
  it('a part under another goes first', () => {
    const { steps } = order(
      [electrolytic, resistor],
      boardWith(['R1', 40, 30], ['C1', 40, 32.9]),
      bySheet,
    );
    comesBefore(steps, 'R1', 'C1');
    expect(ruleAt(steps, 'R1')).toMatchObject({
      kind: 'rule',
      side: 'before',
      others: [{ designators: ['C1'] }],
    });
  });

  it('apart on the board the sheet decides', () => {
    const { steps } = order(
      [electrolytic, resistor],
      boardWith(['R1', 10, 10], ['C1', 60, 40]),
      bySheet,
    );
    comesBefore(steps, 'C1', 'R1');
    expect(ruleAt(steps, 'C1')).toMatchObject({ kind: 'style', style: 'by-sheet', side: 'before' });
  });

  it('a joint that a later part lies over is made first', () => {
    // The left lead of R1 lies 5 mm left of its middle, under the edge of the chip socket.
    const socket = line('socket-dip', 'X1', { kind: 'none' }, 8);
    const { steps } = order([socket, resistor], boardWith(['X1', 33, 30], ['R1', 40, 30]), bySheet);
    comesBefore(steps, 'R1', 'X1');
    expect(ruleAt(steps, 'X1') ?? ruleAt(steps, 'R1')).toMatchObject({ kind: 'rule' });
  });

  describe('room for the iron', () => {
    const chip = line('resistor-chip', 'R1', ohm(470));
    const tall = line('capacitor-chip', 'C1', { kind: 'none' });
    const parts = [tall, chip];
    const gap = (mm: number) => boardWith(['R1', 40, 30], ['C1', 40, 30 + mm]);
    const first = (board: Board, access: OrderSettings['access']) =>
      placesIn(order(parts, board, { ...bySheet, access }).steps)[0];

    it('a taller neighbour that stands close waits', () => {
      expect(first(gap(2.2), usualSettings.access)).toBe('R1');
      expect(first(gap(12), usualSettings.access)).toBe('C1');
    });

    it('a wider cone and more clearance need more room', () => {
      const board = gap(5);
      expect(first(board, { coneDegrees: 20, clearanceMm: 1 })).toBe('C1');
      expect(first(board, { coneDegrees: 20, clearanceMm: 5 })).toBe('R1');
      expect(first(board, { coneDegrees: 60, clearanceMm: 3 })).toBe('R1');
    });
  });

  it('surface parts of a side before the tall parts there', () => {
    const { steps } = order(
      [electrolytic, line('resistor-chip', 'R9', ohm(330))],
      boardWith(['C1', 10, 10], ['R9', 60, 50]),
      bySheet,
    );
    comesBefore(steps, 'R9', 'C1');
    expect(ruleAt(steps, 'R9')).toMatchObject({ rule: 'surface-before-tall', side: 'before' });
  });

  it('the surface part in the middle before what surrounds it', () => {
    const ring = ['R2', 'R3', 'R4', 'R5'].map((place, index) =>
      line('resistor-chip', place, ohm(100 * (index + 1))),
    );
    const middle = line('resistor-chip', 'R1', ohm(470));
    const { steps } = order(
      [...ring, middle],
      boardWith(['R1', 40, 30], ['R2', 36, 30], ['R3', 44, 30], ['R4', 40, 33], ['R5', 40, 27]),
      bySheet,
    );
    expect(placesIn(steps)[0]).toBe('R1');
    expect(ruleAt(steps, 'R1')).toMatchObject({ rule: 'middle-first', side: 'before' });
  });

  it('the far side when the near side is done', () => {
    const holder = line('coin-holder', 'BT1');
    const { steps } = order(
      [holder, resistor, electrolytic],
      boardWith(['BT1', 40, 30, 'bottom'], ['R1', 10, 10], ['C1', 70, 50]),
      bySheet,
    );
    expect(placesIn(steps)).toEqual(['R1', 'C1', 'BT1']);
    expect(ruleAt(steps, 'BT1')).toMatchObject({ rule: 'far-side-last' });
    expect(steps.find((step) => placesIn([step]).includes('BT1'))).toMatchObject({
      side: 'bottom',
    });
  });

  it('pieces of one value go apart where another has to come between them', () => {
    // R9 lies over a joint of R1, and R2 over a joint of R9.
    const parts = [
      line('resistor-axial', 'R1 R2', ohm(470)),
      line('resistor-axial', 'R9', ohm(10)),
    ];
    const { steps, contradictions } = order(
      parts,
      boardWith(['R9', 40, 30], ['R1', 40, 35.08, 'top', 90], ['R2', 45.08, 30, 'top', 90]),
    );
    expect(contradictions).toEqual([]);
    expect(placesIn(steps)).toEqual(['R1', 'R9', 'R2']);
  });

  it('a contradiction is told with the parts in its circle, and there is an order all the same', () => {
    // Each socket strip lies over the joints of the other: none can be first.
    const strips = [
      line('pin-header', 'J1', { kind: 'none' }, 4),
      line('socket-strip', 'J2', { kind: 'none' }, 4),
    ];
    const { steps, contradictions } = order(strips, boardWith(['J1', 40, 30], ['J2', 41, 30]));
    expect(contradictions).toHaveLength(1);
    const [{ cycle, leftOut }] = contradictions as [(typeof contradictions)[number]];
    expect(new Set(cycle.flatMap(({ from, to }) => [...keysOf(from), ...keysOf(to)]))).toEqual(
      new Set(['J1', 'J2']),
    );
    expect(cycle).toContain(leftOut);
    expect(placesIn(steps).sort()).toEqual(['J1', 'J2']);
  });
});

describe('for any kit on any board, in any style', () => {
  it('no hard rule is broken but those that contradict each other', () => {
    fc.assert(
      fc.property(anyKitOnBoard, anySettings, ({ parts, board }, settings) => {
        const plan = planKit({ parts, supplyVolt: null, board, settings });
        // Taken as the instructor's own order, every rule is looked at again, also those left out.
        const { arrangement } = plan;
        const again = planKit({
          parts,
          supplyVolt: null,
          board,
          settings: { ...settings, arrangement },
        });
        expect(again.steps.map(({ id }) => id)).toEqual(plan.steps.map(({ id }) => id));
        const leftOut = plan.contradictions.map((one) => one.leftOut.rule.id);
        for (const { rule } of again.broken) {
          const at = leftOut.indexOf(rule);
          expect(at, rule).toBeGreaterThanOrEqual(0);
          leftOut.splice(at, 1);
        }
      }),
      { numRuns: cases(150, 0.2) },
    );
  });

  it('every piece is fitted once, on its side, and no step has an id of another', () => {
    fc.assert(
      fc.property(anyKitOnBoard, anySettings, ({ parts, board }, settings) => {
        const { steps } = planKit({ parts, supplyVolt: null, board, settings });
        const fitted = parts
          .filter((part) => familyOf(part).role !== 'carrier')
          .flatMap(({ designators }) => designators);
        expect(placesIn(steps).sort()).toEqual(fitted.sort());
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
        const below = new Set(
          board.placements.filter(({ side }) => side === 'bottom').map(({ place }) => place),
        );
        for (const step of steps) {
          if (step.kind !== 'solder') continue;
          for (const place of placesIn([step])) {
            expect(below.has(place)).toBe(step.side === 'bottom');
          }
        }
      }),
      { numRuns: cases(100, 0.2) },
    );
  });

  it('a turn holds no more pieces than wanted, and never look-alikes of high risk', () => {
    fc.assert(
      fc.property(anyKitOnBoard, anySettings, ({ parts, board }, settings) => {
        const { steps } = planKit({ parts, supplyVolt: null, board, settings });
        for (const step of steps) {
          if (step.kind !== 'solder') continue;
          const { batch } = settings;
          const through = step.parts.every((part) => familyOf(part).mount === 'through');
          if (batch.kind === 'pieces' && through && placesIn([step]).length > 0) {
            expect(placesIn([step]).length).toBeLessThanOrEqual(batch.most);
          }
          for (const a of step.parts)
            for (const b of step.parts) expect(isHighRisk(a, b)).toBe(false);
        }
      }),
      { numRuns: cases(60, 0.2) },
    );
  });

  it('every loose part would indeed drop, and nothing that lies on the mat is held', () => {
    fc.assert(
      fc.property(anyKit, anySettings, (parts, settings) => {
        // Without positions the board lies level on the tallest that is in.
        const { steps } = planKit({ parts, supplyVolt: null, settings });
        let level = 0;
        for (const step of steps) {
          if (step.kind !== 'solder') continue;
          const bodies = step.parts.filter((part) =>
            ['through', 'surface'].includes(familyOf(part).mount),
          );
          level = Math.max(level, ...bodies.map((part) => bodyOf(familyOf(part), part).heightMm));
          const loose = step.parts.filter(
            (part) =>
              familyOf(part).mount === 'through' &&
              level - bodyOf(familyOf(part), part).heightMm > 0.3,
          );
          const held = step.holding.flatMap(({ places }) => places);
          expect([...held].sort()).toEqual(loose.flatMap((part) => part.designators).sort());
        }
      }),
      { numRuns: cases(100, 0.2) },
    );
  });
});

describe('a cell on wires', () => {
  const cell = {
    ...line('lithium-cell', 'BT1', type('LiPo 3.7 V')),
    mounting: { kind: 'on-wires' as const, mm: 80 },
  };
  const parts = [line('resistor-axial', 'R1', ohm(470)), line('led-5mm', 'D1'), cell];

  it('comes when nothing is soldered any more, and is placed by its two holes', () => {
    const { steps } = planKit({ parts, supplyVolt: 3.7 });
    const at = steps.findIndex((step) => step.kind === 'power');
    expect(steps.slice(at + 1).some((step) => step.kind === 'solder')).toBe(false);
    expect(at).toBeGreaterThan(0);
    expect(footprintOf(cell).pins).toHaveLength(2);
    expect(unplacedOf(emptyBoard(40, 30, 'printed'), partsByPlace(parts))).toContain('BT1');
    expect(cuttingListOf([cell], null).map(({ lead, colour, mm }) => [lead, colour, mm])).toEqual([
      ['+', 'red', 80],
      ['−', 'black', 80],
    ]);
  });

  it('in a holder stays a cell that is put in', () => {
    const { mounting: _, ...plain } = cell;
    expect(footprintOf(plain).pins).toEqual([]);
    expect(unplacedOf(emptyBoard(40, 30, 'printed'), partsByPlace([plain]))).toEqual([]);
  });
});

describe('what nothing recognises', () => {
  const brooch = { ...line('other', ''), description: 'brooch pin' };

  it('and has no place on the board is fitted when all works; nobody is told to solder it', () => {
    const { steps } = planKit({ parts: [line('led-5mm', 'D1'), brooch], supplyVolt: 3 });
    expect(steps.at(-1)).toMatchObject({ kind: 'fasten', joints: 0 });
    // Nothing says that it belongs to a case.
    expect(JSON.stringify(steps.at(-1)?.reason)).toContain('unplaced-last');
  });

  it('and has a place there is soldered, as what has a place is', () => {
    const { steps } = planKit({ parts: [{ ...brooch, designators: ['M1'] }], supplyVolt: 3 });
    expect(steps.find((step) => step.kind !== 'check')).toMatchObject({
      kind: 'solder',
      joints: 2,
    });
  });
});
