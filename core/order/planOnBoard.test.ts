import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Board } from '../board/board.ts';
import { isHighRisk } from '../mixups/findMixUps.ts';
import { familyOf } from '../parts/families/index.ts';
import type { Part } from '../parts/part.ts';
import { keysOf, movedSteps } from './arrangement.ts';
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
      { numRuns: 150 },
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
      { numRuns: 100 },
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
      { numRuns: 60 },
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
          level = Math.max(level, ...bodies.map((part) => familyOf(part).body.heightMm));
          const loose = step.parts.filter(
            (part) =>
              familyOf(part).mount === 'through' && level - familyOf(part).body.heightMm > 0.3,
          );
          const held = step.holding.flatMap(({ places }) => places);
          expect([...held].sort()).toEqual(loose.flatMap((part) => part.designators).sort());
        }
      }),
      { numRuns: 100 },
    );
  });
});

describe('an order of the instructor’s own', () => {
  const parts = [
    line('resistor-axial', 'R1 R2', ohm(470)),
    line('socket-dip', 'X1', { kind: 'none' }, 8),
    line('ic-dip', 'U1', type('LM393'), 8),
    line('led-5mm', 'D1'),
  ];
  const plan = (more: Partial<OrderSettings>) =>
    planKit({ parts, supplyVolt: null, settings: { ...usualSettings, ...more } });
  const natural = plan({}).arrangement;
  const swapped = [...natural];
  const chip = swapped.findIndex((keys) => keys.includes('U1'));
  swapped.unshift(...swapped.splice(chip, 1));

  it('is kept, and the rules that it breaks are told at once', () => {
    const { steps, broken } = plan({ arrangement: swapped });
    expect(placesIn(steps)[0]).toBe('U1');
    expect(broken.map(({ rule }) => rule).sort()).toEqual([
      'chips-after-supply',
      'socket-before-chip',
    ]);
    expect(broken.every(({ reason }) => reason === null)).toBe(true);
  });

  it('keeps the reason that is given for breaking one', () => {
    const [first] = plan({ arrangement: swapped }).broken;
    if (!first) throw new Error('nothing is broken');
    const exception = {
      rule: first.rule,
      before: first.beforeKey,
      after: first.afterKey,
      reason: 'The chip is a dummy.',
    };
    const { broken } = plan({ arrangement: swapped, exceptions: [exception] });
    expect(broken.find(({ rule }) => rule === first.rule)?.reason).toBe('The chip is a dummy.');
    expect(broken.filter(({ reason }) => reason === null)).toHaveLength(1);
  });

  it('can split a value and merge two', () => {
    const split = natural.flatMap((keys) =>
      keys.includes('R1') ? [['R1'], ['R2', 'D1']] : keys.includes('D1') ? [] : [keys],
    );
    const { steps, broken } = plan({ arrangement: split });
    expect(placesIn(steps.slice(0, 2))).toEqual(['R1', 'R2', 'D1']);
    expect(steps[1]).toMatchObject({ kind: 'solder', joints: 4 });
    expect(broken).toEqual([]);
  });

  it('says which steps were moved by hand, and no others', () => {
    const { steps } = plan({ arrangement: swapped });
    expect(steps.map(({ reason }) => reason.kind === 'by-hand')).toEqual(
      steps.map((_, index) => index === 0),
    );
  });

  it('for any wish: nothing is lost, nothing is done twice', () => {
    const keys = [...natural.flat(), 'R99', 'gone'];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(keys),
        fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 12 }),
        (mixed, sizes) => {
          const arrangement: string[][] = [];
          for (let at = 0, step = 0; at < mixed.length; step += 1) {
            const size = sizes[step] ?? 1;
            arrangement.push(mixed.slice(at, at + size));
            at += size;
          }
          const done = plan({ arrangement }).arrangement.flat();
          expect([...done].sort()).toEqual([...natural.flat()].sort());
        },
      ),
      { numRuns: 200 },
    );
  });

  it('what came to the kit later is put where the styles would have it', () => {
    const without = natural.filter((keys) => !keys.includes('X1'));
    expect(plan({ arrangement: without }).arrangement).toEqual(natural);
  });
});

describe('moved steps', () => {
  // The longest increasing run stays; worked by hand.
  it.each([
    [[0, 1, 2, 3], []],
    [[3, 0, 1, 2], [0]],
    [[0, 2, 1, 3], [1]],
    [[1, 2, 3, 0], [3]],
    [[], []],
  ])('of %j are %j', (positions, moved) => {
    expect([...movedSteps(positions)]).toEqual(moved);
  });

  it('leaves an increasing run, and no longer one exists', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2, 3, 4, 5, 6], { minLength: 7, maxLength: 7 }),
        (positions) => {
          const moved = movedSteps(positions);
          const kept = positions.filter((_, index) => !moved.has(index));
          expect(kept).toEqual([...kept].sort((a, b) => a - b));
          expect(kept.length).toBe(longestByTrying(positions));
        },
      ),
    );
  });

  function longestByTrying(positions: readonly number[]): number {
    let best = 0;
    for (let mask = 0; mask < 2 ** positions.length; mask += 1) {
      const chosen = positions.filter((_, index) => mask & (2 ** index));
      const rising = chosen.every((one, index) => index === 0 || one > (chosen[index - 1] ?? 0));
      if (rising) best = Math.max(best, chosen.length);
    }
    return best;
  }
});
